package org.pelluna.core.shortlist;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.pelluna.core.fallow.FallowPeriod;
import org.pelluna.core.finding.Figure;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.id.FishId;
import org.pelluna.core.losses.Loss;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.WaterTest;
import org.pelluna.core.pressure.Likeness;
import org.pelluna.core.species.Jumping;
import org.pelluna.core.species.Species;
import org.pelluna.core.units.Dates;
import org.pelluna.core.units.Numbers;
import org.pelluna.core.watch.Sign;

/**
 * Does what was recorded in this tank speak against the next fish? A sign of parasites, water out of range on the latest test, a jump, a fish that
 * killed another: what happened counts before what a model says.
 */
final class RecordRule implements ShortlistRule {
    private static final String RULE = "record";

    /** Days without a white spot after which the parasite is taken to be gone from fish that are watched; common practice. */
    static final int CLEAR_DAYS = 42;

    /** Days for which a test of temperature or nitrate speaks; ours. */
    static final int FRESH_DAYS = 14;

    /** Days after which a jump or a killing no longer speaks against the next fish; ours. */
    static final int REMEMBERED_DAYS = 365;

    /** Days after a jump in which the way out is taken to be open still; later the keeper has had time to close it. Ours. */
    static final int OPEN_DAYS = 30;

    private static final double COOLEST = 22;
    private static final double WARMEST = 29;

    /** Nitrate from which nothing more comes until it has fallen, mg/L; common practice. */
    private static final double MOST_NITRATE = 80;

    @Override
    public String key() {
        return RULE;
    }

    @Override
    public String question() {
        return "Does the record of this tank speak against it?";
    }

    @Override
    public List<Finding> judge(Candidate candidate) {
        return Stream.of(withoutFish(candidate), whiteSpots(candidate), water(candidate), jump(candidate))
                .flatMap(Optional::stream)
                .collect(() -> killers(candidate), List::add, List::addAll);
    }

    private static Optional<Finding> withoutFish(Candidate candidate) {
        return FallowPeriod.of(candidate.stock().plan())
                .filter(period -> period.safeOn().isAfter(candidate.today()))
                .map(period -> waits(
                        period.sentence(candidate.today()),
                        period.safeOn(),
                        Figure.measured("days without fish", period.length(), "days"),
                        "Keep every fish out of this tank until then."));
    }

    private static Optional<Finding> whiteSpots(Candidate candidate) {
        return candidate.stock().plan().observations().signs().stream()
                .filter(sign -> sign.kind() == Sign.Kind.WHITE_SPOTS)
                .filter(sign -> !sign.at().toLocalDate().isAfter(candidate.today()))
                .max(Comparator.comparing(Sign::at))
                .filter(sign -> sign.at().toLocalDate().plusDays(CLEAR_DAYS).isAfter(candidate.today()))
                .map(sign -> {
                    LocalDate seen = sign.at().toLocalDate();
                    LocalDate clear = seen.plusDays(CLEAR_DAYS);
                    return waits(
                            "Wait until " + clear + ": white spots were seen on " + name(candidate, sign.fishId()) + " "
                                    + Dates.day(seen, candidate.today()) + ".",
                            clear,
                            Figure.measured("days without white spots first", CLEAR_DAYS, "days"),
                            "Add no fish until six weeks have passed without a spot; look closely with a light.");
                });
    }

    private static String name(Candidate candidate, FishId id) {
        return Optional.ofNullable(candidate.stock().plan().fishNames().get(id)).orElse("a fish");
    }

    private static Optional<Finding> water(Candidate candidate) {
        return Stream.of(
                        outside(candidate, WaterTest.Kind.TEMPERATURE, COOLEST, WARMEST),
                        outside(candidate, WaterTest.Kind.NITRATE, 0, MOST_NITRATE))
                .flatMap(Optional::stream)
                .findFirst();
    }

    private static Optional<Finding> outside(Candidate candidate, WaterTest.Kind kind, double least, double most) {
        return candidate.stock().plan().waterTests().stream()
                .filter(test -> test.kind() == kind && !test.on().isAfter(candidate.today()))
                .max(Comparator.comparing(WaterTest::on))
                .filter(test -> test.on().plusDays(FRESH_DAYS).isAfter(candidate.today()))
                .filter(test -> test.value() < least || test.value() >= most)
                .map(test -> waits(
                        "Add no fish yet: " + kind.words() + " was " + Numbers.plain(test.value()) + "\u00a0"
                                + kind.unit() + " " + Dates.day(test.on(), candidate.today()) + ".",
                        candidate.today().plusDays(1),
                        Figure.measured(kind.words(), test.value(), kind.unit()),
                        "Bring it "
                                + (test.value() < least
                                        ? "above " + Numbers.plain(least)
                                        : "below " + Numbers.plain(most))
                                + "\u00a0" + kind.unit() + ", then test again."));
    }

    /** A jumper does not come where a fish got out, until the way is closed; the cover that is written down was not enough. */
    private static Optional<Finding> jump(Candidate candidate) {
        if (candidate.species().jumping() == Jumping.RARELY) {
            return Optional.empty();
        }
        return recent(candidate, Loss.Cause.JUMPED)
                .max(Comparator.comparing(Loss::on))
                .map(loss -> Finding.of(
                                RULE,
                                candidate.species().jumping() == Jumping.HABITUALLY
                                                && loss.on().plusDays(OPEN_DAYS).isAfter(candidate.today())
                                        ? Severity.WAIT
                                        : Severity.CAREFUL,
                                "It jumps, and " + name(candidate, loss.fishId()) + " got out of this tank "
                                        + Dates.day(loss.on(), candidate.today()) + ".",
                                Provenance.PRACTICE,
                                List.of())
                        .remedy("Find the gap it left by, and close it before the next fish."));
    }

    private static Stream<Loss> recent(Candidate candidate, Loss.Cause cause) {
        return candidate.stock().plan().losses().stream()
                .filter(loss -> loss.cause() == cause)
                .filter(loss -> !loss.on().isAfter(candidate.today())
                        && loss.on().plusDays(REMEMBERED_DAYS).isAfter(candidate.today()));
    }

    /** Each fish here that killed another: a no for a fish like the one it killed, care for all it would be as large as. */
    private static List<Finding> killers(Candidate candidate) {
        List<Finding> findings = new ArrayList<>();
        for (Fish killer : candidate.stock().residents()) {
            recent(candidate, Loss.Cause.AGGRESSION)
                    .filter(loss -> loss.linkedTo().filter(killer.id()::equals).isPresent())
                    .max(Comparator.comparing(Loss::on))
                    .map(loss -> killer(candidate, killer, loss))
                    .ifPresent(findings::add);
        }
        return findings;
    }

    private static Finding killer(Candidate candidate, Fish killer, Loss loss) {
        boolean alike = victim(candidate, loss.fishId())
                .filter(victim -> isLike(victim, candidate.species()))
                .isPresent();
        boolean smaller = candidate.fish().lengthCmOn(candidate.today()) < killer.lengthCmOn(candidate.today());
        String killed = killer.name() + " killed " + name(candidate, loss.fishId()) + " "
                + Dates.day(loss.on(), candidate.today());
        return Finding.of(
                        RULE,
                        alike && smaller ? Severity.STOP : Severity.CAREFUL,
                        killed + (alike ? ", a similar fish." : "."),
                        Provenance.PRACTICE,
                        List.of())
                .remedy("Find a new home for " + killer.name() + " first"
                        + (alike && smaller ? "." : ", or add only fish larger than it."));
    }

    private static Optional<Species> victim(Candidate candidate, FishId id) {
        return candidate.stock().departed().stream()
                .filter(one -> one.fish().id().equals(id))
                .map(one -> one.fish().species())
                .findFirst();
    }

    private static boolean isLike(Species victim, Species wished) {
        return switch (Likeness.of(victim, wished).kin()) {
            case OWN_SPECIES, GENUS, LOOK_ALIKE, FAMILY -> true;
            case NICHE_RIVAL, OTHER -> victim.family().equals(wished.family());
        };
    }

    private static Finding waits(String sentence, LocalDate until, Figure figure, String remedy) {
        return Finding.of(RULE, Severity.WAIT, sentence, Provenance.PRACTICE, List.of(figure))
                .until(until)
                .remedy(remedy);
    }
}
