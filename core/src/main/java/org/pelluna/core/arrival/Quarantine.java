package org.pelluna.core.arrival;

import java.util.List;
import java.util.Optional;
import org.pelluna.core.plan.Approaches;
import org.pelluna.core.plan.QuarantineTank;
import org.pelluna.core.plan.TankPlan;

/**
 * Quarantine by the chosen school, in the keeper's own tank if there is one. It is run all in, all out: whoever is put in
 * later would have to wait as long again, and so would those already there.
 *
 * @param phases what is done, in turn
 * @param tank the keeper's own tank; without one nothing is asked of the calendar
 */
record Quarantine(List<Phase> phases, Optional<QuarantineTank> tank) {

    /** A part of quarantine and its days; common practice. */
    record Phase(String words, int days) {}

    static Quarantine of(TankPlan plan) {
        return new Quarantine(
                phases(plan.houseRules().schools().quarantine()),
                plan.schedule().quarantine());
    }

    private static List<Phase> phases(Approaches.Quarantine school) {
        return switch (school) {
            case COPPER -> List.of(new Phase("copper medicine by its label", 14), new Phase("observation", 14));
            case ISOLATION -> List.of(new Phase("isolation", 30));
            case OBSERVATION -> List.of(new Phase("observation", 14));
        };
    }

    /** Days in the keeper's own quarantine tank; 0 without one. */
    int days() {
        return tank.isPresent() ? phases.stream().mapToInt(Phase::days).sum() : 0;
    }

    /** Whether it holds so many fish, of which so many are rivals that must not share a compartment. */
    boolean holds(int fish, int rivals) {
        return tank.map(one -> fish <= one.places() && rivals <= one.compartments())
                .orElse(true);
    }
}
