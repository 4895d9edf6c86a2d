package org.pelluna.core.pressure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.Life;
import org.pelluna.core.species.SocialGrouping;

/** Who goes into which compartment of a quarantine tank: rivals never share one, a pair or a group does. */
public final class Compartments {
    private Compartments() {}

    /**
     * An assignment without rivals in one compartment, in the order in which the fish are given; every assignment is tried.
     *
     * @param compartments how many there are
     * @return the fish of each compartment that is used; empty if there is no such assignment
     */
    public static Optional<List<List<Fish>>> of(List<Fish> fish, int compartments) {
        List<List<Fish>> used = new ArrayList<>();
        return placed(fish, 0, used, compartments)
                ? Optional.of(used.stream().map(List::copyOf).toList())
                : Optional.empty();
    }

    /** The fewest compartments in which some fish can be kept apart. */
    public static int needed(List<Fish> fish) {
        int needed = fish.isEmpty() ? 0 : 1;
        while (of(fish, needed).isEmpty()) {
            needed++;
        }
        return needed;
    }

    private static boolean placed(List<Fish> fish, int next, List<List<Fish>> used, int compartments) {
        if (next == fish.size()) {
            return true;
        }
        Fish one = fish.get(next);
        int before = used.size();
        for (int i = 0; i < before; i++) {
            List<Fish> together = used.get(i);
            if (together.stream().noneMatch(other -> areRivals(one, other))) {
                together.add(one);
                if (placed(fish, next + 1, used, compartments)) {
                    return true;
                }
                together.remove(together.size() - 1);
            }
        }
        if (before < compartments) {
            used.add(new ArrayList<>(List.of(one)));
            if (placed(fish, next + 1, used, compartments)) {
                return true;
            }
            used.remove(before);
        }
        return false;
    }

    /** Whether two fish see rivals in each other; bonded fish, and those of a kind that lives together, do not. */
    public static boolean areRivals(Fish one, Fish other) {
        boolean bonded = one.known()
                .bond()
                .map(Life.Bonded::bond)
                .filter(bond -> other.known()
                        .bond()
                        .map(Life.Bonded::bond)
                        .filter(bond::equals)
                        .isPresent())
                .isPresent();
        boolean together = one.species().id().equals(other.species().id())
                && one.species().company().way() != SocialGrouping.Way.SINGLE;
        return !bonded
                && !together
                && Rivalry.between(one.species(), other.species()).isPresent();
    }
}
