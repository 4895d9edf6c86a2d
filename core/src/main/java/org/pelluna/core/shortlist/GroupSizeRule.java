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

    @Override
    public String key() {
        return RULE;
    }

    @Override
    public String question() {
        return "How many of its own kind?";
    }

    @Override
    public List<Finding> judge(Candidate candidate) {
        SocialGrouping company = candidate.species().company();
        int here = candidate.stock().residentsOf(candidate.species());
        int total = here + candidate.wished().count();
        List<Figure> figures = List.of(
                Figure.measured("of its kind here", here, ""),
                Figure.measured("of its kind with this wish", total, ""));
        boolean oneFirst = candidate.rules().schools().anthias() == Approaches.HaremFish.ONE_FIRST;
        if (company.way() == SocialGrouping.Way.HAREM && company.suits(total) && here == 0 && total > 1) {
            return List.of(Finding.of(
                            RULE,
                            oneFirst ? Severity.CAREFUL : Severity.FINE,
                            "It lives " + company.way().words() + "; " + total + " do well"
                                    + (oneFirst ? ", but your approach starts with one and adds." : "."),
                            company.from(),
                            figures)
                    .schools(List.of(
                            Sentence.of("Start with one and add: one now, the others when it has settled."),
                            Sentence.of("The whole group at once: all " + total + " on one day."))));
        }
        if (company.suits(total)) {
            return List.of(Finding.of(
                    RULE,
                    Severity.FINE,
                    "It lives " + company.way().words() + "; " + (total == 1 ? "one does" : total + " do") + " well.",
                    company.from(),
                    figures));
        }
        return List.of(Finding.of(RULE, Severity.STOP, reason(company, total), company.from(), figures)
                .remedy(remedy(company)));
    }

    private static String reason(SocialGrouping company, int total) {
        if (total == 2 && company.way() == SocialGrouping.Way.HAREM) {
            return "Of two, the stronger kills the weaker; it lives "
                    + company.way().words() + ".";
        }
        return "It lives " + company.way().words() + "; " + total + " of its kind will fight.";
    }

    private static String remedy(SocialGrouping company) {
        boolean group = company.way() == SocialGrouping.Way.HAREM || company.way() == SocialGrouping.Way.SHOAL;
        String pair = company.pairAllowed() ? " or a pair" : "";
        return group
                ? "One alone" + pair + ", or " + company.smallestGroup() + " to " + company.largestGroup()
                        + " together."
                : "One alone" + pair + ".";
    }
}
