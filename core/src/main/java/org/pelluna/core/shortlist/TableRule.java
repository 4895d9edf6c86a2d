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
        return "Does each fish get enough food?";
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
                        starves
                                ? names(late) + " may starve: with it, too many fish here eat fast."
                                : names(late) + " may go hungry: it eats fast and they eat slowly.",
                        Provenance.PRACTICE,
                        figures(candidate, fast.size()))
                .remedy(starves ? "Keep slow eaters alone or with fish that eat as slowly." : advice(candidate)));
    }

    private static Finding late(Candidate candidate, Pace pace, List<Fish> fast) {
        if (fast.isEmpty()) {
            return Finding.of(
                    RULE,
                    Severity.FINE,
                    "It eats slowly, and no fish here eats fast.",
                    Provenance.PRACTICE,
                    figures(candidate, 0));
        }
        boolean starves = pace == Pace.SIPS && fast.size() >= NOTHING_LEFT;
        return Finding.of(
                        RULE,
                        starves ? Severity.STOP : Severity.CAREFUL,
                        (starves ? "It may starve: it eats slowly and " : "It may go hungry: it eats slowly and ")
                                + names(fast)
                                + (fast.size() == 1 ? " eats fast." : " eat fast."),
                        Provenance.PRACTICE,
                        figures(candidate, fast.size()))
                .remedy(starves ? "Keep it alone or with fish that eat as slowly." : advice(candidate));
    }

    private static String advice(Candidate candidate) {
        return (candidate.tank().feedingPlaces() > 1
                        ? "Feed the fast fish first at one feeding place"
                        : "Feed the fast fish first, away from it")
                + ", then the slow one where it sits, with a pipette. Check its belly every week.";
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
