package org.pelluna.core.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class SaltMixTest {

    /** Sea water of 1.0264 at 25 °C weighs 1023.3 g/L and holds 35.04 g/kg (EOS-80), so 35.86 g/L of dry sea salt. */
    @Test
    void saltForALitreIsWhatALitreHolds() {
        assertThat(SaltMix.saltGrams(1, 1.0264, 0)).isCloseTo(35.86, within(0.05));
        assertThat(SaltMix.saltGrams(50, 1.0264, 0.08)).isCloseTo(50 * 35.86 / 0.92, within(3.0));
    }

    @Test
    void exchangingThatShareBringsTheTankThere() {
        double share = SaltMix.shareToExchange(26.57, 28, 35);
        assertThat(26.57 * (1 - share) + 35 * share).isCloseTo(28, within(1e-9));
        assertThatThrownBy(() -> SaltMix.shareToExchange(30, 34, 33)).hasMessageContaining("cannot bring");
    }
}
