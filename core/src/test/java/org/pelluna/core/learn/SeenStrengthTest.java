package org.pelluna.core.learn;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.pelluna.core.learn.TemperamentModel.Met;

/** What a record says of the strengths, against simulated tanks in which kin press each other so many times as modelled. */
class SeenStrengthTest {
    /** Eight fish, of which each has two kin; so many encounters expected of a pair. */
    private static Map<SeenStrength.Sort, List<List<Met>>> tank(
            SplittableRandom random, double kinTimes, double expected) {
        Map<SeenStrength.Sort, List<List<Met>>> sorts = new EnumMap<>(SeenStrength.Sort.class);
        double scale = Math.exp(0.7 * random.nextGaussian());
        for (int i = 0; i < 8; i++) {
            double fish = TemperamentModelTest.gamma(random, 2);
            List<Met> kin = new ArrayList<>();
            List<Met> others = new ArrayList<>();
            for (int j = 0; j < 7; j++) {
                double times = scale * fish * TemperamentModelTest.gamma(random, 1) * (j < 2 ? kinTimes : 1);
                (j < 2 ? kin : others).add(new Met(TemperamentModelTest.poisson(random, expected * times), expected));
            }
            sorts.computeIfAbsent(SeenStrength.Sort.KIN, any -> new ArrayList<>())
                    .add(kin);
            sorts.computeIfAbsent(SeenStrength.Sort.NEITHER, any -> new ArrayList<>())
                    .add(others);
        }
        return sorts;
    }

    private static SeenStrength kin(SplittableRandom random, double kinTimes, double expected) {
        return SeenStrength.of(tank(random, kinTimes, expected)).stream()
                .filter(one -> one.sort() == SeenStrength.Sort.KIN)
                .findFirst()
                .orElseThrow();
    }

    /** How often of so many tanks it is told from the model's, and how often the interval holds the truth. */
    private static double[] told(double kinTimes, double expected, int rounds) {
        SplittableRandom random = new SplittableRandom(16);
        int told = 0;
        int held = 0;
        for (int round = 0; round < rounds; round++) {
            SeenStrength kin = kin(random, kinTimes, expected);
            told += kin.differs() ? 1 : 0;
            held += kin.interval().holds(kinTimes) ? 1 : 0;
        }
        return new double[] {told / (double) rounds, held / (double) rounds};
    }

    @Tag("long")
    @Test
    void kinThatPressAsModelledAreHardlyEverSaidToDiffer() {
        double[] found = told(1, 5, 80);
        assertThat(found[0]).isLessThanOrEqualTo(0.1);
        assertThat(found[1]).isGreaterThanOrEqualTo(0.85);
    }

    @Tag("long")
    @Test
    void kinThatPressFiveTimesAsHardAreFoundOnceEnoughWasWatched() {
        double[] found = told(5, 5, 60);
        assertThat(found[0]).isGreaterThan(0.6);
        assertThat(found[1]).isGreaterThanOrEqualTo(0.8);
    }

    /** Of one sort alone it cannot be told whether it is the pairs or the tank. */
    @Test
    void ofOneSortAloneNothingIsSaid() {
        Map<SeenStrength.Sort, List<List<Met>>> sorts = tank(new SplittableRandom(1), 1, 3);
        sorts.remove(SeenStrength.Sort.NEITHER);
        assertThat(SeenStrength.of(sorts)).isEmpty();
    }

    /** Twice as many of both sorts is the tank's, not the kin's. */
    @Test
    void whatIsCommonToAllPairsCancelsOut() {
        List<List<Met>> pairs = List.of(List.of(new Met(8, 2), new Met(9, 2)), List.of(new Met(8, 2), new Met(7, 2)));
        Map<SeenStrength.Sort, List<List<Met>>> sorts = new EnumMap<>(SeenStrength.Sort.class);
        sorts.put(SeenStrength.Sort.KIN, pairs);
        sorts.put(SeenStrength.Sort.FOOD_RIVALS, pairs);
        SeenStrength.of(sorts).forEach(one -> {
            assertThat(one.times().middle()).isBetween(0.95, 1.05);
            assertThat(one.seen()).isEqualTo(32);
            assertThat(one.expected()).isEqualTo(8);
        });
    }
}
