package org.pelluna.core.pressure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.pelluna.core.Fixtures;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.Life;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.species.Species;
import org.pelluna.core.tank.Purpose;

/** Rivals in quarantine are kept apart, in as few compartments as can be. */
class CompartmentsTest {
    private static final List<String> KINDS = List.of(
            "zebrasoma-flavescens",
            "zebrasoma-xanthurum",
            "gramma-loreto",
            "centropyge-loriculus",
            "centropyge-bispinosa",
            "chromis-viridis");

    private static List<Fish> fish(Resident... residents) {
        return ResolvedPlan.of(Fixtures.plan(Fixtures.reef(), List.of(residents)), Fixtures.CATALOGUE)
                .residents();
    }

    @Test
    void rivalsNeverShareOneAndTheOthersGoBesideThem() {
        List<Fish> three = fish(
                Fixtures.resident("a", "zebrasoma-flavescens", 1, 8),
                Fixtures.resident("b", "zebrasoma-xanthurum", 1, 8),
                Fixtures.resident("c", "gramma-loreto", 1, 5));
        assertThat(Compartments.of(three, 1)).isEmpty();
        assertThat(Compartments.needed(three)).isEqualTo(2);
        assertThat(Compartments.of(three, 2).orElseThrow()).hasSize(2);
        assertThat(Compartments.of(List.of(), 1)).contains(List.of());
        assertThat(Compartments.needed(List.of())).isZero();
    }

    @Test
    void aShoalAndABondedPairStayTogether() {
        Life.Bonded pair = new Life.Bonded("bond", Life.Bond.PAIR, Fixtures.TODAY.minusDays(9), Optional.empty());
        Life bonded = new Life(
                List.of(),
                List.of(),
                List.of(),
                Optional.empty(),
                Life.DatePrecision.DAY,
                Optional.empty(),
                List.of(pair));
        assertThat(Compartments.needed(fish(
                        Fixtures.resident("a", "chromis-viridis", 1, 4),
                        Fixtures.resident("b", "chromis-viridis", 1, 4))))
                .isEqualTo(1);
        Resident one = Fixtures.resident("c", "zebrasoma-flavescens", 10, 8);
        Resident two = Fixtures.resident("d", "zebrasoma-flavescens", 10, 8);
        assertThat(Compartments.needed(fish(one, two))).isEqualTo(2);
        assertThat(Compartments.needed(fish(one.with(bonded), two.with(bonded))))
                .isEqualTo(1);
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8})
    void noSmallerNumberWouldDo(int seed) {
        Random random = new Random(seed);
        List<Resident> residents = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            residents.add(Fixtures.resident("f" + i, KINDS.get(random.nextInt(KINDS.size())), 3, 6));
        }
        List<Fish> fish = fish(residents.toArray(Resident[]::new));
        int needed = Compartments.needed(fish);
        assertThat(Compartments.of(fish, needed).orElseThrow())
                .allSatisfy(together -> assertThat(together)
                        .allSatisfy(one -> assertThat(together)
                                .noneMatch(other -> other != one && Compartments.areRivals(one, other))));
        assertThat(fewestByTryingAll(fish)).isEqualTo(needed);
    }

    @Test
    void whatSpeaksAgainstThemIsSaid() {
        List<Fish> three = fish(
                Fixtures.resident("a", "zebrasoma-flavescens", 1, 8),
                Fixtures.resident("b", "zebrasoma-xanthurum", 1, 8),
                Fixtures.resident("c", "gramma-loreto", 1, 5));
        assertThat(Compartments.cautions(three, new Purpose.Berths(2, 1)))
                .containsExactly(
                        "It has 2 places for 3 fish.", "a, b would fight: they need 2 compartments; it has 1.");
        assertThat(Compartments.cautions(three, new Purpose.Berths(3, 2))).isEmpty();
    }

    /** A dealer's rack: more assignments than can be tried, and still an answer in which nobody sits beside a rival. */
    @Test
    void aCrowdIsPlacedToo() {
        List<Resident> residents = new ArrayList<>();
        List<Species> all = List.copyOf(Fixtures.CATALOGUE.all());
        for (int i = 0; i < 120; i++) {
            residents.add(Fixtures.resident("f" + i, all.get(4 * i).id(), 3, 6));
        }
        List<Fish> fish = fish(residents.toArray(Resident[]::new));
        int needed = Compartments.needed(fish);
        assertThat(needed).isBetween(2, 40);
        List<List<Fish>> placed = Compartments.of(fish, needed).orElseThrow();
        assertThat(placed.stream().mapToInt(List::size).sum()).isEqualTo(120);
        assertThat(placed)
                .allSatisfy(together -> assertThat(together)
                        .allSatisfy(one -> assertThat(together)
                                .noneMatch(other -> other != one && Compartments.areRivals(one, other))));
    }

    /** Every way to number the fish by compartment, tried. */
    private static int fewestByTryingAll(List<Fish> fish) {
        int fewest = fish.size();
        int n = fish.size();
        for (int code = 0; code < Math.pow(n, n); code++) {
            int rest = code;
            int[] in = new int[n];
            int most = 0;
            for (int i = 0; i < n; i++) {
                in[i] = rest % n;
                most = Math.max(most, in[i]);
                rest /= n;
            }
            boolean apart = true;
            for (int i = 0; i < n && apart; i++) {
                for (int j = 0; j < i; j++) {
                    apart &= in[i] != in[j] || !Compartments.areRivals(fish.get(i), fish.get(j));
                }
            }
            fewest = apart ? Math.min(fewest, most + 1) : fewest;
        }
        return fewest;
    }
}
