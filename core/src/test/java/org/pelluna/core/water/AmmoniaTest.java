package org.pelluna.core.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AmmoniaTest {

    /** Bell et al. 2008 (recalled, not looked up): pKa 9.361 at 25 °C and S 35; 6.46 % at pH 8.2. */
    @Test
    void theShareInSeaWaterIsThePublishedOne() {
        Conditions sea = new Conditions(25, 8.2, 35);
        assertThat(Ammonia.unionisedShare(sea)).isCloseTo(0.0646, within(0.0001));
        double pKa = 8.2 + Math.log10(1 / Ammonia.unionisedShare(sea) - 1);
        assertThat(pKa).isCloseTo(9.361, within(0.0005));
    }

    /** Emerson et al. 1975, at 25 °C (recalled, not looked up). */
    @ParameterizedTest
    @CsvSource({"7.0, 0.0057", "8.0, 0.0538", "8.5, 0.153"})
    void theShareInFreshWaterIsThePublishedOne(double pH, double share) {
        assertThat(Ammonia.unionisedShareFresh(25, pH)).isCloseTo(share, within(0.0012));
    }

    @Test
    void warmerAndMoreAlkalineWaterIsMorePoisonousAndSaltierLess() {
        double usual = Ammonia.unionisedShare(new Conditions(25, 8.2, 35));
        assertThat(Ammonia.unionisedShare(new Conditions(27, 8.2, 35))).isGreaterThan(usual);
        assertThat(Ammonia.unionisedShare(new Conditions(25, 8.4, 35))).isGreaterThan(usual);
        assertThat(Ammonia.unionisedShare(new Conditions(25, 8.2, 30))).isGreaterThan(usual);
    }

    @Test
    void unionisedAmmoniaIsCountedAsAmmoniaNotAsNitrogen() {
        Conditions sea = new Conditions(25, 8.2, 35);
        assertThat(Ammonia.unionisedMgPerLitre(1, sea)).isCloseTo(0.0646 * 17.031 / 14.007, within(0.0002));
    }

    @Test
    void watersThatAreNoneAreRefused() {
        assertThatThrownBy(() -> new Conditions(25, 11, 35)).hasMessageContaining("pH 6 to 9");
        assertThatThrownBy(() -> new Conditions(Double.NaN, 8, 35)).isInstanceOf(IllegalArgumentException.class);
    }
}
