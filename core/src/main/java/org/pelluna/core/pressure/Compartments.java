package org.pelluna.core.pressure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.Life;
import org.pelluna.core.species.SocialGrouping;
import org.pelluna.core.tank.Purpose;
import org.pelluna.core.units.Numbers;

/** Who goes into which compartment of a tank for quarantine or holding: rivals never share one, a pair or a group does. */
public final class Compartments {
    /** Assignments tried before one is taken by a rule of thumb: with dozens of fish there are more than can be. */
    private static final int MOST_TRIES = 200_000;

    private final List<Fish> fish;
    private final int compartments;
    private final boolean[][] rivals;
    private final List<List<Integer>> used = new ArrayList<>();
    private int tries;

    private Compartments(List<Fish> fish, int compartments) {
        this.fish = fish;
        this.compartments = compartments;
        this.rivals = new boolean[fish.size()][fish.size()];
        for (int i = 0; i < fish.size(); i++) {
            for (int j = 0; j < i; j++) {
                rivals[i][j] = areRivals(fish.get(i), fish.get(j));
                rivals[j][i] = rivals[i][j];
            }
        }
    }

    /**
     * An assignment without rivals in one compartment, in the order in which the fish are given. Every assignment is tried, up to 200,000; then who has most
     * rivals is placed first, each where nobody is its rival, and there may be an assignment that this does not find.
     *
     * @param compartments how many there are
     * @return the fish of each compartment that is used; empty if no such assignment was found
     */
    public static Optional<List<List<Fish>>> of(List<Fish> fish, int compartments) {
        Compartments asked = new Compartments(fish, compartments);
        boolean found = asked.placed(0) || (asked.tries >= MOST_TRIES && asked.placedByRivals());
        return found
                ? Optional.of(asked.used.stream()
                        .map(together -> together.stream().map(fish::get).toList())
                        .toList())
                : Optional.empty();
    }

    /** The fewest compartments in which some fish can be kept apart, as far as they can be found. */
    public static int needed(List<Fish> fish) {
        int needed = fish.isEmpty() ? 0 : 1;
        while (of(fish, needed).isEmpty()) {
            needed++;
        }
        return needed;
    }

    /** What speaks against some fish in a tank with such places, a sentence each; empty if nothing does. */
    public static List<String> cautions(List<Fish> all, Purpose.Berths berths) {
        List<String> cautions = new ArrayList<>();
        if (all.size() > berths.places()) {
            cautions.add("It has " + Numbers.count(berths.places(), "place") + " for " + all.size() + " fish.");
        }
        if (of(all, berths.compartments()).isEmpty()) {
            cautions.add(all.stream()
                            .filter(one -> all.stream()
                                    .anyMatch(other -> !other.id().equals(one.id()) && areRivals(one, other)))
                            .map(Fish::name)
                            .collect(Collectors.joining(", "))
                    + " would fight: they need "
                    + Numbers.count(needed(all), "compartment") + "; it has " + berths.compartments() + ".");
        }
        return cautions;
    }

    private boolean fits(int one, List<Integer> together) {
        return together.stream().noneMatch(other -> rivals[one][other]);
    }

    private boolean placedByRivals() {
        used.clear();
        IntStream.range(0, fish.size())
                .boxed()
                .sorted(Comparator.comparingLong(one -> -IntStream.range(0, fish.size())
                        .filter(other -> rivals[one][other])
                        .count()))
                .forEach(one -> used.stream()
                        .filter(together -> fits(one, together))
                        .findFirst()
                        .orElseGet(() -> {
                            used.add(new ArrayList<>());
                            return used.get(used.size() - 1);
                        })
                        .add(one));
        return used.size() <= compartments;
    }

    private boolean placed(int next) {
        if (next == fish.size()) {
            return true;
        }
        if (tries++ >= MOST_TRIES) {
            return false;
        }
        int before = used.size();
        for (int i = 0; i < before; i++) {
            List<Integer> together = used.get(i);
            if (fits(next, together)) {
                together.add(next);
                if (placed(next + 1)) {
                    return true;
                }
                together.remove(together.size() - 1);
            }
        }
        if (before < compartments) {
            used.add(new ArrayList<>(List.of(next)));
            if (placed(next + 1)) {
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
