package org.pelluna.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.pelluna.core.Fixtures;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.WaterTest;
import org.pelluna.core.question.Answers;
import org.pelluna.core.water.Ammonia;
import org.pelluna.core.water.Conditions;
import org.pelluna.core.water.Nitrification;
import org.pelluna.core.water.Waste;
import org.pelluna.core.water.WaterState;

/** The most that may come at once, against weeks walked day by day. */
class WaterLimitTest {
    private static final Conditions WATER = new Conditions(25, 8.2, 35);
    private final WaterLimit limit = Answers.WORKED_OUT.to(new WaterLimit.In(WATER, 1));

    /** Whether bacteria settled on some waste bear so much more of it, for four weeks. */
    private static boolean bears(double settled, double more) {
        Nitrification bacteria = new Nitrification(WATER, 1);
        WaterState state = bacteria.settled(Waste.ofNitrogen(settled));
        double[] lately = new double[4];
        for (int day = 0; day < 28; day++) {
            state = bacteria.after(state, Waste.ofNitrogen(settled + more), 1);
            double unionised = Ammonia.unionisedMgPerLitre(state.ammonia(), WATER.evening());
            lately[day % 4] = unionised;
            double mean = (lately[0] + lately[1] + lately[2] + lately[3]) / Math.min(4, day + 1);
            if (unionised > Ammonia.ONE_HOUR_LIMIT
                    || mean > Ammonia.FOUR_DAY_LIMIT
                    || state.nitriteIon() > WaterTest.NITRITE_LIMIT) {
                return false;
            }
        }
        return true;
    }

    @ParameterizedTest
    @CsvSource({"0.03, 0.97, 1.03", "0.1, 0.98, 1.02", "0.3, 0.99, 1.01", "0.05, 0.8, 1.3", "0.6, 0.8, 1.3"})
    void theMostIsBorneAndLittleMoreIsNot(double settled, double less, double more) {
        double most = limit.mostExtra(settled);
        assertThat(bears(settled, less * most)).as("%s of %s", less, most).isTrue();
        assertThat(bears(settled, more * most)).as("%s of %s", more, most).isFalse();
    }

    @Test
    void betweenAndBeyondItsLoadsItGoesByStraightLines() {
        assertThat(limit.mostExtra(0)).isGreaterThanOrEqualTo(0);
        assertThat(limit.mostExtra(0.2)).isCloseTo((limit.mostExtra(0.1) + limit.mostExtra(0.3)) / 2, within(1e-9));
        assertThat(limit.mostExtra(0.015))
                .isCloseTo(0.75 * limit.mostExtra(0.01) + 0.25 * limit.mostExtra(0.03), within(1e-9));
        assertThat(limit.mostExtra(5)).isCloseTo(2 * limit.mostExtra(3) - limit.mostExtra(1), within(1e-9));
        // Bacteria are equipped for more than they get: what they can clear is more than what keeps them.
        assertThat(limit.settledBy(1)).isBetween(0.1, 0.5);
        assertThat(limit.settledBy(2)).isCloseTo(2 * limit.settledBy(1), within(0.05));
    }

    @Test
    void thePeakIsTheHighestTheWorstFourDaysAndTheNitrite() {
        WaterLimit.Peak peak = WaterLimit.Peak.of(new double[] {0.01, 0.05, 0.02, 0.03, 0.04, 0}, 0.2);
        assertThat(peak).isEqualTo(new WaterLimit.Peak(0.05, peak.fourDays(), 0.2));
        assertThat(peak.fourDays()).isCloseTo(0.035, within(1e-12));
        assertThat(WaterLimit.Peak.of(new double[] {0.03, 0}, 0).fourDays()).isCloseTo(0.03, within(1e-12));
        WaterLimit.Peak atLimits =
                new WaterLimit.Peak(Ammonia.ONE_HOUR_LIMIT, Ammonia.FOUR_DAY_LIMIT, WaterTest.NITRITE_LIMIT);
        assertThat(atLimits.bearable()).isTrue();
        assertThat(new WaterLimit.Peak(Ammonia.ONE_HOUR_LIMIT + 1e-9, 0, 0).bearable())
                .isFalse();
        assertThat(new WaterLimit.Peak(0, Ammonia.FOUR_DAY_LIMIT + 1e-9, 0).bearable())
                .isFalse();
        assertThat(new WaterLimit.Peak(0, 0, WaterTest.NITRITE_LIMIT + 1e-9).bearable())
                .isFalse();
    }

    @Test
    void theReserveKnowsWhoLivesThereAndWhoElseMight() {
        ResolvedPlan one = ResolvedPlan.of(
                Fixtures.plan(Fixtures.reef(), List.of(Fixtures.resident("a", "gramma-loreto", 100, 6))),
                Fixtures.CATALOGUE);
        ResolvedPlan two = ResolvedPlan.of(
                Fixtures.plan(
                        Fixtures.reef(),
                        List.of(
                                Fixtures.resident("a", "gramma-loreto", 100, 6),
                                Fixtures.resident("b", "gramma-loreto", 100, 6))),
                Fixtures.CATALOGUE);
        WaterReserve reserve = WaterReserve.of(one, WaterFit.of(one));
        assertThat(reserve.residents())
                .isPositive()
                .isCloseTo(reserve.nitrogen(one.residents().get(0)), within(1e-12));
        assertThat(reserve.with(two).residents()).isCloseTo(2 * reserve.residents(), within(1e-12));
        assertThat(reserve.forecast().nitrogen(one.residents().get(0), Fixtures.TODAY))
                .isCloseTo(reserve.residents(), within(1e-12));
    }
}
