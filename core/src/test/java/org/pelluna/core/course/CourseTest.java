package org.pelluna.core.course;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.distribution.discrete.PascalDistribution;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.pelluna.core.statistics.CountLaw;
import org.pelluna.core.statistics.Interval;

/** What watches say of a quarrel, against simulated quarrels whose truth is known. */
class CourseTest {

    /** A negative binomial law of whole size is the Pascal distribution of the library. */
    @ParameterizedTest
    @CsvSource({"0, 0.5", "1, 0.5", "3, 2", "12, 4.5", "30, 9", "90, 60", "2, 0.00001"})
    void theLawOfCountsIsThatOfTheLibrary(int count, double mean) {
        CountLaw law = CountLaw.sized(4);
        double expected = new PascalDistribution(4, 4 / (4 + mean)).logProbability(count);
        assertThat(law.logChance(count, Math.log(mean))).isCloseTo(expected, within(0.005 + 1e-3 * count));
        double any = Math.log(-Math.expm1(new PascalDistribution(4, 4 / (4 + mean)).logProbability(0)));
        if (count > 0) {
            assertThat(law.logChanceIfAny(count, Math.log(mean)))
                    .isCloseTo(expected - any, within(0.01 + 1e-3 * count));
        }
    }

    @ParameterizedTest
    @ValueSource(doubles = {1.25, 1.75, 2.75, 5})
    void boutsScatterAsTheySay(double bout) {
        CountLaw law = CountLaw.inBouts(bout);
        double mean = 0;
        double square = 0;
        for (int count = 0; count < 200; count++) {
            double chance = Math.exp(law.logChance(count, Math.log(6)));
            mean += chance * count;
            square += chance * count * count;
        }
        assertThat(mean).isCloseTo(6, within(0.01));
        assertThat(square - mean * mean).isCloseTo((2 * bout - 1) * 6, within(0.05 * (2 * bout - 1)));
    }

    /** By hand, of two bouts an evening in which every chase is followed by another in half of all cases: nothing e^−2, one chase 2 e^−2 ÷ 2, two (2 ÷ 4 + 2² ÷ 2 ÷ 4) e^−2. */
    @Test
    void boutsByHand() {
        CountLaw law = CountLaw.inBouts(2);
        double none = Math.exp(-2);
        assertThat(Math.exp(law.logChance(0, Math.log(4)))).isCloseTo(none, within(0.001));
        assertThat(Math.exp(law.logChance(1, Math.log(4)))).isCloseTo(none, within(0.001));
        assertThat(Math.exp(law.logChance(2, Math.log(4)))).isCloseTo(none, within(0.001));
        assertThat(Math.exp(law.logChance(100, Math.log(4)))).isLessThan(1e-9);
    }

    /** Over quarrels drawn from the priors, the interval of 90 % holds the rate in about nine of ten. */
    @Tag("long")
    @Test
    void theIntervalOfTodaysRateHoldsIt() {
        int held = 0;
        int rounds = 200;
        for (int round = 0; round < rounds; round++) {
            Keepers keeper = new Keepers(round, 1 + 3 * (round % 3));
            var truth = Keepers.settling(
                    3 * Math.exp(keeper.normal()),
                    8 * Math.exp(keeper.normal()),
                    1 - Math.pow(1 - keeper.uniform(), 0.4));
            Course course = Course.of(keeper.watching(21, 1, truth));
            held += course.rate(21, 0.9).holds(truth.applyAsDouble(21)) ? 1 : 0;
        }
        // The band of 200 tries at 90 % is 84.5 to 94.5; steps of a grid make the interval a little wide.
        assertThat(held / (double) rounds).isBetween(0.85, 0.98);
    }

    @Test
    void fiveQuietMinutesDoNotMakeAQuarrelQuiet() {
        List<Watched> watches =
                new ArrayList<>(List.of(new Watched(1, 1, 9), new Watched(3, 1, 8), new Watched(5, 1, 7)));
        watches.add(new Watched(7, 5 / 60.0, 0));
        Course course = Course.of(watches);
        assertThat(course.rate(7, 0.9).high()).isGreaterThan(2);
        for (int day = 8; day < 80; day++) {
            course = course.and(new Watched(day, 1, 0));
        }
        assertThat(course.rate(80, 0.9).high()).isLessThan(0.25);
        assertThat(course.watches()).hasSize(76);
    }

    /** But for the moods, which are taken to be as any on the day of one more watch. */
    @Test
    void oneMoreWatchIsNearlyAsIfAllHadBeenLookedAtTogether() {
        List<Watched> three = List.of(new Watched(1, 1, 9), new Watched(3, 2, 8), new Watched(5, 1, 7, true));
        Course stepwise = Course.of(three.subList(0, 1)).and(three.get(1)).and(three.get(2));
        Course together = Course.of(three);
        assertThat(stepwise.middle(9)).isCloseTo(together.middle(9), within(0.1));
        assertThat(stepwise.chanceBelow(2, 9)).isCloseTo(together.chanceBelow(2, 9), within(0.02));
    }

    @Test
    void theDayOfCalmIsAnIntervalThatMayBeOpen() {
        Interval fast = Course.of(new Keepers(5, 1).watching(25, 1, Keepers.settling(6, 3, 0)))
                .calmOn(1, 0.9);
        assertThat(fast.holds(3 * Math.log(6) / Math.log(2)))
                .as("6 an hour, halved every 3 days, is 1 after 7.8")
                .isTrue();
        Interval slow = Course.of(new Keepers(6, 1).watching(25, 1, day -> 6)).calmOn(0.25, 0.9);
        assertThat(slow.high()).isInfinite();
        assertThat(Course.of(List.of(new Watched(1, 40, 0))).calmOn(20, 0.5).low())
                .isCloseTo(0, within(1e-9));
    }

    @Test
    void whatWasWrittenBecauseItWasSeenSaysLessOfTheRate() {
        List<Watched> declared = List.of(new Watched(1, 0.2, 1), new Watched(2, 0.2, 1), new Watched(3, 0.2, 1));
        List<Watched> prompted = declared.stream()
                .map(one -> new Watched(one.day(), one.hours(), one.count(), true))
                .toList();
        assertThat(Course.of(prompted).middle(3)).isLessThan(Course.of(declared).middle(3) / 1.5);
        assertThatThrownBy(() -> new Watched(1, 0.2, 0, true)).hasMessageContaining("nothing was seen");
        assertThatThrownBy(() -> new Watched(1, 0, 0)).hasMessageContaining("more than 0 hours");
    }
}
