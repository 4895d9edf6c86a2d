package org.pelluna.core.statistics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class GammaPoissonTest {
    /** Gelman et al.: gamma(2, 2) after 9 events where 3 were expected is gamma(11, 5); base R qgamma(c(.05,.95), 11, 5). */
    @Test
    void theConjugateUpdateIsTheBooks() {
        GammaPoisson posterior = new GammaPoisson(2, 2).seen(9, 3);
        assertThat(posterior.mean()).isEqualTo(2.2);
        assertThat(posterior.interval(0.9).low()).isCloseTo(1.23380146, within(1e-7));
        assertThat(posterior.interval(0.9).high()).isCloseTo(3.39244385, within(1e-7));
    }
}
