package org.pelluna.core.shortlist;

import java.util.List;
import org.pelluna.core.finding.Figure;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Sentence;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.plan.Approaches;
import org.pelluna.core.species.SocialGrouping;

/** Is this a number of its own kind that does well together? */
final class GroupSizeRule implements ShortlistRule {
    private static final String RULE = "company";

    /** Temper toward its own species from which two of a shoal fight; ours. */
    private static final double FIGHTS_ITS_OWN = 0.4;

    @Override
    public String key() {
        return RULE;
    }

    @Override
    public String question() {
        return "How many of its own species?";
    }

    @Override
    public List<Finding> judge(Candidate candidate) {
        SocialGrouping company = candidate.species().company();
        int here = candidate.stock().residentsOf(candidate.species());
        int total = here + candidate.wished().count();
        List<Figure> figures = List.of(
                Figure.measured("of its species here", here, ""),
                Figure.measured("of its species with this wish", total, ""));
        boolean oneFirst = candidate.rules().approaches().anthias() == Approaches.HaremFish.ONE_FIRST;
        if (company.way() == SocialGrouping.Way.HAREM && company.suits(total) && here == 0 && total > 1) {
            return List.of(Finding.of(
                            RULE,
                            oneFirst ? Severity.CAREFUL : Severity.FINE,
                            total + " are fine: it lives " + company.way().words()
                                    + (oneFirst ? ". Your approach starts with one and adds more." : "."),
                            company.from(),
                            figures)
                    .approaches(List.of(
                            Sentence.of("By “start with one and add”: one now, the others when it has settled."),
                            Sentence.of("By “the whole group at once”: all " + total + " on one day."))));
        }
        if (company.suits(total)) {
            return List.of(Finding.of(
                    RULE,
                    Severity.FINE,
                    (total == 1 ? "One is" : total + " are") + " fine: it lives "
                            + company.way().words() + ".",
                    company.from(),
                    figures));
        }
        if (isFewOfAGroup(candidate, company, total)) {
            return List.of(Finding.of(
                            RULE,
                            Severity.CAREFUL,
                            total + " are few: it lives " + company.way().words()
                                    + ", and in a small one the weakest suffers.",
                            company.from(),
                            figures)
                    .remedy(remedy(company)));
        }
        return List.of(Finding.of(RULE, Severity.STOP, reason(company, total), company.from(), figures)
                .remedy(remedy(company)));
    }

    /** Three or more of a shoal or harem, or two of a shoal that hardly fight: fewer than do well, and no stop. */
    private static boolean isFewOfAGroup(Candidate candidate, SocialGrouping company, int total) {
        boolean mild = candidate.species().temper().toward().ownSpecies() < FIGHTS_ITS_OWN;
        return total < company.smallestGroup()
                && switch (company.way()) {
                    case SHOAL -> total >= 3 || mild;
                    case HAREM -> total >= 3;
                    case SINGLE, PAIR -> false;
                };
    }

    private static String reason(SocialGrouping company, int total) {
        if (total == 2 && company.way() == SocialGrouping.Way.HAREM) {
            return "Keep only one: of two, the stronger kills the weaker.";
        }
        return total + " will fight: it lives " + company.way().words() + ".";
    }

    private static String remedy(SocialGrouping company) {
        boolean group = company.way() == SocialGrouping.Way.HAREM || company.way() == SocialGrouping.Way.SHOAL;
        String pair = company.pairAllowed() ? " or a pair" : "";
        return group
                ? "Keep one" + pair + ", or " + company.smallestGroup() + " to " + company.largestGroup() + " together."
                : "Keep one" + pair + ".";
    }
}
