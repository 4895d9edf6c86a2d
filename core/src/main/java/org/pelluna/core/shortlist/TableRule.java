package org.pelluna.core.shortlist;

import java.util.List;
import java.util.stream.Collectors;
import org.pelluna.core.finding.Figure;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.species.Habits.Pace;

/** Does it get its share at the table, and does it leave the others theirs? */
final class TableRule implements ShortlistRule {
    private static final String RULE = "table";

    /** So many fast eaters leave nothing to a fish that takes one morsel at a time: our own reading of common practice. */
    private static final int NOTHING_LEFT = 3;

    private static final int NAMED = 3;

    @Override
    public String key() {
        return RULE;
    }

    @Override
    public String question() {
        return "Does everyone get a share at the table?";
    }

    @Override
    public List<Finding> judge(Candidate candidate) {
        Pace pace = candidate.species().habits().pace();
        List<Fish> fast = residents(candidate, Pace.GREEDY);
        if (pace.isLate()) {
            return List.of(late(candidate, pace, fast));
        }
        List<Fish> late = candidate.stock().residents().stream()
                .filter(fish -> fish.species().habits().pace().isLate())
                .toList();
        if (pace != Pace.GREEDY || late.isEmpty()) {
            return List.of();
        }
        boolean starves = fast.size() + candidate.wished().count() >= NOTHING_LEFT
                && late.stream().anyMatch(fish -> fish.species().habits().pace() == Pace.SIPS);
        return List.of(Finding.of(
                        RULE,
                        starves ? Severity.STOP : Severity.CAREFUL,
                        "It " + pace.words() + ", and " + names(late) + (late.size() == 1 ? " is slow" : " are slow")
                                + " at the table: "
                                + (starves
                                        ? "beside so many fast eaters it starves."
                                        : "without care of yours it takes their share."),
                        Provenance.PRACTICE,
                        figures(candidate, fast.size()))
                .remedy(
                        starves
                                ? "Whoever takes one morsel at a time wants a tank of its own, or company as slow as itself."
                                : advice(candidate)));
    }

    private static Finding late(Candidate candidate, Pace pace, List<Fish> fast) {
        if (fast.isEmpty()) {
            return Finding.of(
                    RULE,
                    Severity.FINE,
                    "It " + pace.words() + "; nobody here is fast at the table.",
                    Provenance.PRACTICE,
                    figures(candidate, 0));
        }
        boolean starves = pace == Pace.SIPS && fast.size() >= NOTHING_LEFT;
        return Finding.of(
                        RULE,
                        starves ? Severity.STOP : Severity.CAREFUL,
                        "It " + pace.words() + ", and "
                                + (fast.size() == 1
                                        ? "one fast eater is done before it: "
                                        : fast.size() + " fast eaters are done before it: ")
                                + names(fast) + "." + (starves ? " Beside them it starves." : ""),
                        Provenance.PRACTICE,
                        figures(candidate, fast.size()))
                .remedy(starves ? "A tank of its own, or company as slow as itself." : advice(candidate));
    }

    private static String advice(Candidate candidate) {
        return (candidate.tank().feedingPlaces() > 1
                        ? "Feed the fast ones first at one feeding place"
                        : "Feed the fast ones first, at a second feeding place away from it")
                + ", then the slow one where it sits, with a pipette or a dish; look at its belly every week.";
    }

    private static List<Fish> residents(Candidate candidate, Pace pace) {
        return candidate.stock().residents().stream()
                .filter(fish -> fish.species().habits().pace() == pace)
                .toList();
    }

    private static String names(List<Fish> fish) {
        List<String> names = fish.stream().map(Fish::name).distinct().toList();
        return names.stream().limit(NAMED).collect(Collectors.joining(", "))
                + (names.size() > NAMED ? " and more" : "");
    }

    private static List<Figure> figures(Candidate candidate, int fast) {
        return List.of(
                Figure.measured("fast eaters here", fast, ""),
                Figure.measured("feeding places", candidate.tank().feedingPlaces(), ""));
    }
}
