package org.pelluna.core.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SeawaterTest {
    /** Check values of EOS-80 at one atmosphere: UNESCO Technical Papers in Marine Science 44 (1983). */
    @ParameterizedTest
    @CsvSource({"0, 5, 999.96675", "0, 25, 997.04796", "35, 5, 1027.67547", "35, 25, 1023.34306"})
    void densityMatchesThePublishedCheckValues(double salinity, double celsius, double density) {
        assertThat(Seawater.densityKgPerCubicMetre(salinity, celsius)).isCloseTo(density, within(5e-6));
    }

    /** TEOS-10 (gsw), SA = 35.16504/35·SP: an equation of another family, so agreement is to a few grams. */
    @ParameterizedTest
    @CsvSource({"35, 25, 1023.3436", "25, 25, 1015.8064", "33, 25.5, 1021.6815"})
    void densityAgreesWithAnIndependentEquation(double salinity, double celsius, double density) {
        assertThat(Seawater.densityKgPerCubicMetre(salinity, celsius)).isCloseTo(density, within(0.01));
    }

    /** From EOS-80, 25 °C/25 °C. */
    @ParameterizedTest
    @CsvSource({"1.0264, 35.04", "1.025, 33.19", "1.020, 26.57", "1.018, 23.92"})
    void salinityOfASpecificGravity(double gravity, double salinity) {
        assertThat(Seawater.salinityOf(gravity)).isCloseTo(salinity, within(0.005));
        assertThat(Seawater.specificGravity(Seawater.salinityOf(gravity))).isCloseTo(gravity, within(1e-9));
    }

    @Test
    void valuesOutsideTheEquationsRangeAreRefused() {
        assertThatIllegalArgumentException().isThrownBy(() -> Seawater.densityKgPerCubicMetre(43, 25));
        assertThatIllegalArgumentException().isThrownBy(() -> Seawater.densityKgPerCubicMetre(35, 41));
        assertThatIllegalArgumentException().isThrownBy(() -> Seawater.salinityOf(0.99));
        assertThatIllegalArgumentException().isThrownBy(() -> Seawater.salinityOf(1.2));
    }
}
