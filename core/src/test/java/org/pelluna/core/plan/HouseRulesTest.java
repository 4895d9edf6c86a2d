package org.pelluna.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import org.junit.jupiter.api.Test;

class HouseRulesTest {
    /** Common practice: 5 gal to the inch when young and 3 when mature; two weeks after one fish, four after two. */
    @Test
    void theUsualRulesAreThoseOfTheTrade() {
        assertThat(HouseRules.USUAL.capacity().gallonsPerInchNew()).isEqualTo(5);
        assertThat(HouseRules.USUAL.capacity().gallonsPerInchMature()).isEqualTo(3);
        assertThat(HouseRules.USUAL.pauseAfter(1)).isEqualTo(14);
        assertThat(HouseRules.USUAL.pauseAfter(2)).isEqualTo(28);
        assertThat(HouseRules.USUAL.pauseAfter(7)).isEqualTo(28);
    }

    @Test
    void rulesThatContradictThemselvesAreRefused() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> HouseRules.USUAL.with(as -> as.capacity(new HouseRules.Capacity(3, 5, 12, 4))
                        .pauses(new HouseRules.Pauses(14, 28))
                        .widestGapMm(6)
                        .weights(new HouseRules.Weights(4, 18, 0.25, 1))))
                .withMessageContaining("must not carry less");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> HouseRules.USUAL.with(as -> as.capacity(new HouseRules.Capacity(5, 3, 12, 4))
                        .pauses(new HouseRules.Pauses(28, 14))
                        .widestGapMm(6)
                        .weights(new HouseRules.Weights(4, 18, 0.25, 1))))
                .withMessageContaining("no shorter after two");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> HouseRules.USUAL.with(as -> as.capacity(new HouseRules.Capacity(5, 3, 12, 4))
                        .pauses(new HouseRules.Pauses(14, 28))
                        .widestGapMm(6)
                        .weights(new HouseRules.Weights(4, 15, -1, 1))))
                .withMessageContaining("weights");
    }
}
