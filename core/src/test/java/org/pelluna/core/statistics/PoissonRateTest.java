package org.pelluna.core.statistics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class PoissonRateTest {
    /** Base R 4.2.2: {@code poisson.test(4, 2)$conf.int}. */
    @Test
    void theIntervalOfARateIsGarwoods() {
        Interval rate = PoissonRate.interval(4, 2, 0.95);
        assertThat(rate.low()).isCloseTo(0.5449327, within(1e-6));
        assertThat(rate.high()).isCloseTo(5.120794, within(1e-5));
        assertThat(PoissonRate.interval(0, 1, 0.95).low()).isZero();
    }
}
