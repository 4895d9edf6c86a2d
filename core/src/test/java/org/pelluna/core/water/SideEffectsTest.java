package org.pelluna.core.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

/** What nitrification and evaporation do beside, by hand from the reaction and from the balance of salt. */
class SideEffectsTest {
    /** 0.2 mg N/L a day for two weeks is 0.2 mmol: 0.4 milliequivalents, 1.12 dKH (2.8 dKH each). */
    @Test
    void nitrificationUsesTwoEquivalentsAMole() {
        assertThat(Alkalinity.usedDkh(0.2, 14, 0)).isCloseTo(1.12, within(0.005));
        assertThat(Alkalinity.usedDkh(0.2, 14, 1)).isCloseTo(0.56, within(0.005));
        assertThat(Alkalinity.usedDkh(0, 14, 0)).isZero();
    }

    /** One percent a day for a week leaves 93 % of the water and all of the salt: 35 ÷ 0.93 = 37.6. */
    @Test
    void evaporationLeavesTheSalt() {
        assertThat(Evaporation.salinityAfter(35, 0.01, 7)).isCloseTo(37.63, within(0.01));
        assertThat(Evaporation.salinityAfter(35, 0, 7)).isEqualTo(35);
        assertThatIllegalArgumentException().isThrownBy(() -> Evaporation.salinityAfter(35, 0.2, 5));
    }
}
