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

    /** 20 − 16·e^(−0.5) = 10.30. */
    @Test
    void howItsLengthComesAboutIsToldWithItsOwnFigures() {
        var how = curve.how(START.plusDays(365), cm -> Math.round(10 * cm) / 10.0 + " cm");
        assertThat(how.arithmetic()).isEqualTo("20.0 cm − (20.0 cm − 4.0 cm) × e^(−0.5 × 1) = 10.3 cm");
        assertThat(how.reasons()).contains("4.0 cm on 1 Jan 2026; years since: 1");
        GrowthCurve again = curve.measured(START.plusDays(400), 9);
        assertThat(again.how(START.plusDays(365), cm -> Math.round(10 * cm) / 10.0 + " cm"))
                .isEqualTo(how);
        assertThat(new GrowthCurve(START, 21, 20, 0.5)
                        .how(START.plusDays(9), cm -> cm + " cm")
                        .arithmetic())
                .isEqualTo("21.0 cm, as measured or on arrival");
    }
}
