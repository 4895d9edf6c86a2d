package org.pelluna.core.course;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Remedies that did nothing, and remedies that did, in simulated records. */
class HelpTest {
    /** A record: watched daily, the remedy begun after a bad watch or on the tenth day, and watched three weeks more. */
    private record Tried(List<Watched> before, List<Watched> after) {
        static Tried of(Keepers keeper, double times, boolean afterABadWatch) {
            var course = Keepers.settling(
                    3 * Math.exp(keeper.normal()),
                    8 * Math.exp(0.8 * keeper.normal()),
                    1 - Math.pow(1 - keeper.uniform(), 0.4));
            List<Watched> before = new ArrayList<>();
            List<Watched> after = new ArrayList<>();
            double start = Double.POSITIVE_INFINITY;
            for (double day = 0.5; day < Math.min(45, start + 21); day++) {
                double mean = course.applyAsDouble(day) / 2;
                int seen = keeper.seen(day > start ? mean * times : mean);
                (day > start ? after : before).add(new Watched(day, 0.5, seen));
                boolean bad = afterABadWatch ? day > 4 && seen > 0 && seen >= 2 * mean : day > 9;
                if (day < start && (bad || day > 20)) {
                    start = day + 0.5;
                }
            }
            return new Tried(before.subList(0, before.size() - 1), after);
        }
    }

    private static double share(
            double times, double bout, boolean afterABadWatch, java.util.function.Predicate<Help> said) {
        int rounds = 100;
        int count = 0;
        for (int round = 0; round < rounds; round++) {
            Tried tried = Tried.of(new Keepers(77 + round, bout), times, afterABadWatch);
            count += said.test(Help.of(tried.before, tried.after)) ? 1 : 0;
        }
        return count / (double) rounds;
    }

    @Tag("long")
    @ParameterizedTest(name = "bouts of {0}, begun after a bad watch: {1}")
    @CsvSource({"1, false", "2.5, true", "5, true", "5, false"})
    void aRemedyThatDidNothingIsHardlyEverCalledAHelp(double bout, boolean afterABadWatch) {
        assertThat(share(1, bout, afterABadWatch, help -> help.chanceBelow(1) > 0.95))
                .isLessThanOrEqualTo(0.06);
        assertThat(share(1, bout, afterABadWatch, help -> help.chanceBelow(1) < 0.025))
                .isLessThanOrEqualTo(0.07);
        assertThat(share(1, bout, afterABadWatch, help -> help.times(0.9).holds(1)))
                .isGreaterThan(0.85);
    }

    @Tag("long")
    @Test
    void aRemedyThatTakesFourFifthsIsToldInMostRecordsOfSingleChases() {
        assertThat(share(0.2, 1, false, help -> help.chanceBelow(1) > 0.9)).isGreaterThan(0.45);
        assertThat(share(0.2, 2.5, false, help -> help.chanceBelow(1) > 0.95)).isGreaterThan(0.12);
        assertThat(share(0.2, 2.5, false, help -> help.times(0.9).holds(0.2))).isGreaterThan(0.82);
    }

    @Test
    void withoutWatchesOnlyThePriorSpeaks() {
        Help nothing = Help.of(List.of(), List.of());
        assertThat(nothing.chanceBelow(1)).isCloseTo(0.5, within(1e-6));
        assertThat(nothing.middle()).isCloseTo(1, within(1e-6));
        // A normal spread of 1.5: nine tenths lie within exp(±1.645·1.5).
        assertThat(nothing.times(0.9).high()).isCloseTo(Math.exp(1.645 * 1.5), within(0.5));
        assertThat(nothing.chanceBelow(Math.exp(-1.5))).isCloseTo(0.1587, within(0.005));
    }
}
