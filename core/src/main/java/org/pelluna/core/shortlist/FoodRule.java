package org.pelluna.core.shortlist;

import java.util.ArrayList;
import java.util.List;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.species.Habits;
import org.pelluna.core.species.Habits.Diet;
import org.pelluna.core.species.Species;
import org.pelluna.core.tank.NaturalFood;
import org.pelluna.core.units.Numbers;

/** What does feeding it ask of the keeper? */
final class FoodRule implements ShortlistRule {
    private static final String RULE = "food";

    /** Feeds a day from which an automatic feeder is wanted. */
    private static final double MANY_FEEDS = 4;

    private static final String CLEANERS = "Labroides";

    /** Length from which a fish is worth cleaning, cm, and how many of them feed a cleaner in part; common practice says “many large fish”, the figures are ours. */
    private static final double CLIENT_CM = 10;

    private static final int ENOUGH_CLIENTS = 5;

    @Override
    public String key() {
        return RULE;
    }

    @Override
    public String question() {
        return "What feeding does it need?";
    }

    @Override
    public List<Finding> judge(Candidate candidate) {
        Species species = candidate.species();
        Diet diet = species.habits().diet();
        double feeds = species.habits().feedsPerDay().value();
        List<Finding> findings = new ArrayList<>();
        if (diet == Diet.PLANKTON && feeds >= MANY_FEEDS) {
            findings.add(finding(
                    species,
                    "It needs " + Numbers.plain(feeds, 0)
                            + " small feeds a day, or it gets thin: use an automatic feeder.",
                    Severity.CAREFUL));
        } else if (diet == Diet.ALGAE) {
            boolean bare = candidate
                    .tank()
                    .larder()
                    .algae()
                    .filter(seen -> seen == NaturalFood.Algae.NONE)
                    .isPresent();
            findings.add(finding(
                    species,
                    bare
                            ? "It grazes, and no algae grow here yet: offer dried seaweed from the first day. Buy only if you see it eat that."
                            : "It grazes: offer dried seaweed on a clip every day or two.",
                    bare ? Severity.CAREFUL : Severity.FINE));
        } else if (diet == Diet.CORAL_POLYPS) {
            findings.add(finding(species, "It eats coral polyps; without them it starves.", Severity.STOP));
        } else if (species.genus().equals(CLEANERS)) {
            findings.add(cleaner(candidate));
        } else if (diet == Diet.SPONGES && species.habits().eating() == Habits.Eating.HARD) {
            findings.add(finding(species, "It lives on sponges: almost all starve on prepared food.", Severity.STOP));
        } else if (diet == Diet.SPONGES) {
            findings.add(finding(
                    species,
                    "Sponge eaters often starve on prepared food: buy only one that has eaten for days.",
                    Severity.CAREFUL));
        }
        return findings;
    }

    /** A cleaner wrasse lives on what it picks from larger fish: without clients it starves. */
    private static Finding cleaner(Candidate candidate) {
        long clients = candidate.stock().residents().stream()
                .filter(fish -> fish.lengthCmOn(candidate.today()) >= CLIENT_CM)
                .count();
        return clients < ENOUGH_CLIENTS
                ? finding(
                        candidate.species(),
                        "It lives on parasites that it picks from larger fish, and here it would find too few clients.",
                        Severity.STOP)
                : finding(
                        candidate.species(),
                        "It lives on parasites that it picks from larger fish: buy only one that eats prepared food.",
                        Severity.CAREFUL);
    }

    private static Finding finding(Species species, String sentence, Severity severity) {
        return Finding.of(
                RULE,
                severity,
                sentence,
                Provenance.PRACTICE,
                List.of(species.habits().feedsPerDay().figure("feeds a day", "")));
    }
}
