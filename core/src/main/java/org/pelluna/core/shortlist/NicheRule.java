package org.pelluna.core.shortlist;

import java.util.List;
import org.pelluna.core.finding.Figure;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.pressure.Rivalry;
import org.pelluna.core.species.Habits;

/** How many compete for its place and its food? */
final class NicheRule implements ShortlistRule {
    private static final String RULE = "niche";

    @Override
    public String key() {
        return RULE;
    }

    @Override
    public String question() {
        return "How many compete for its place and food?";
    }

    @Override
    public List<Finding> judge(Candidate candidate) {
        Habits habits = candidate.species().habits();
        List<Fish> rivals = candidate.stock().residents().stream()
                .filter(fish -> Rivalry.overFood(fish.species(), candidate.species()))
                .toList();
        int neighbours = (int) candidate.stock().residents().stream()
                .filter(fish -> fish.species().habits().zone() == habits.zone())
                .count();
        List<Figure> figures = List.of(
                Figure.measured("residents of that zone", neighbours, ""),
                Figure.measured("with the same food", rivals.size(), ""));
        String share = habits.diet().words() + " " + habits.zone().words();
        if (rivals.isEmpty()) {
            return List.of(Finding.of(
                    RULE,
                    Severity.FINE,
                    "No fish here competes with it for " + share + ".",
                    Provenance.PRACTICE,
                    figures));
        }
        String names =
                String.join(", ", rivals.stream().map(Fish::name).limit(3).toList());
        return List.of(Finding.of(
                RULE,
                rivals.size() > 2 ? Severity.CAREFUL : Severity.FINE,
                "It competes with " + names + (rivals.size() > 3 ? " and more" : "") + " for " + share + ".",
                Provenance.PRACTICE,
                figures));
    }
}
