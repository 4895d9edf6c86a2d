package org.pelluna.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import org.junit.jupiter.api.Test;

class HouseRulesTest {
    /** Common practice: 5 gal to the inch when young and 3 when mature; two weeks after one fish, four after two. */
    @Test
    void theUsualRulesAreThoseOfTheTrade() {
        assertThat(HouseRules.USUAL.gallonsPerInchNew()).isEqualTo(5);
        assertThat(HouseRules.USUAL.gallonsPerInchMature()).isEqualTo(3);
        assertThat(HouseRules.USUAL.pauseAfter(1)).isEqualTo(14);
        assertThat(HouseRules.USUAL.pauseAfter(2)).isEqualTo(28);
        assertThat(HouseRules.USUAL.pauseAfter(7)).isEqualTo(28);
    }

    @Test
    void rulesThatContradictThemselvesAreRefused() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new HouseRules(3, 5, 12, 4, 14, 28, 6, 4, 0.25, 1))
                .withMessageContaining("must not carry less");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new HouseRules(5, 3, 12, 4, 28, 14, 6, 4, 0.25, 1))
                .withMessageContaining("no shorter after two");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new HouseRules(5, 3, 12, 4, 14, 28, 6, 4, -1, 1))
                .withMessageContaining("weights");
    }
}
