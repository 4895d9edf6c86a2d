package org.pelluna.core.shortlist;

import java.util.List;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.species.Disturbance;
import org.pelluna.core.tank.AnimalGroup;

/** What will it break or move? */
final class DisturbRule implements ShortlistRule {
    private static final String RULE = "disturbance";

    @Override
    public String key() {
        return RULE;
    }

    @Override
    public String question() {
        return "What will it break or move?";
    }

    @Override
    public List<Finding> judge(Candidate candidate) {
        return candidate.species().disturbs().stream()
                .map(what -> Finding.of(
                        RULE,
                        matters(candidate, what.kind()) ? Severity.CAREFUL : Severity.FINE,
                        "It " + what.kind().words() + ".",
                        what.from(),
                        List.of()))
                .toList();
    }

    private static boolean matters(Candidate candidate, Disturbance.Kind kind) {
        var kept = candidate.tank().holdings().keySet();
        return switch (kind) {
            case SNAPS_BRANCHES -> kept.contains(AnimalGroup.SMALL_POLYP_STONY_CORALS);
            case BURIES_CORALS, DIGS ->
                kept.contains(AnimalGroup.LARGE_POLYP_STONY_CORALS)
                        || kept.contains(AnimalGroup.SOFT_CORALS)
                        || kept.contains(AnimalGroup.CLAMS);
            case TOPPLES_ROCK -> candidate.tank().water().rockKg() > 0;
            case SIFTS_SAND -> false;
        };
    }
}
