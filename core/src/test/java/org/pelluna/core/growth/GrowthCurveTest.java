package org.pelluna.core.growth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;

/** Von Bertalanffy 1938. */
class GrowthCurveTest {
    private static final LocalDate START = LocalDate.of(2026, 1, 1);
    private final GrowthCurve curve = new GrowthCurve(START, 4, 20, 0.5);

    @Test
    void afterOneHalvingTimeHalfTheWayIsGrown() {
        long days = Math.round(Math.log(2) / 0.5 * 365.25);
        assertThat(curve.lengthCmOn(START.plusDays(days))).isCloseTo(12, within(0.01));
    }

    @Test
    void itNeverShrinksNorPassesTheAdultLength() {
        double before = 0;
        for (int day = -100; day < 20_000; day += 50) {
            double length = curve.lengthCmOn(START.plusDays(day));
            assertThat(length).isBetween(Math.max(4, before), 20.0);
            before = length;
        }
    }

    @Test
    void theDayALengthIsReachedIsTheFirstSuchDay() {
        LocalDate day = curve.reaches(15).orElseThrow();
        assertThat(curve.lengthCmOn(day)).isGreaterThanOrEqualTo(15);
        assertThat(curve.lengthCmOn(day.minusDays(1))).isLessThan(15);
        assertThat(curve.reaches(20)).isEmpty();
        assertThat(curve.reaches(3)).contains(START);
    }

    @Test
    void aFishBoughtGrownStaysAsItIs() {
        assertThat(new GrowthCurve(START, 22, 20, 0.5).lengthCmOn(START.plusYears(5)))
                .isEqualTo(22);
    }

    /** Froese 2006: W = a·L^b; with b = 3 twice the length is eight times the mass. */
    @Test
    void massGoesWithTheCubeOfLength() {
        assertThat(GrowthCurve.massGrams(20, 0.02, 3)).isCloseTo(8 * GrowthCurve.massGrams(10, 0.02, 3), within(1e-9));
        assertThat(GrowthCurve.massGrams(10, 0.02, 3)).isCloseTo(20, within(1e-9));
    }
}
