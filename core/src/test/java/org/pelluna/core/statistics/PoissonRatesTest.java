package org.pelluna.core.statistics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PoissonRatesTest {

    /** Base R 4.2.2: {@code r <- poisson.test(c(11,21),c(800,3011)); c(r$estimate, r$p.value, r$conf.int)}, and so on. */
    @ParameterizedTest
    @CsvSource({
        "11, 800, 21, 3011, 1.971488095, 0.079668633, 0.858426403, 4.277265944",
        "14, 6, 3, 7.5, 5.83333333333, 0.00227789711, 1.62807635411, 31.65766776239",
        "0, 4, 5, 3, 0, 0.0144582614, 0, 0.8184593289",
        "7, 2.5, 7, 2.5, 1, 1, 0.299309682, 3.341021226"
    })
    void agreesWithAnIndependentImplementation(
            int count, double time, int other, double otherTime, double ratio, double p, double low, double high) {
        PoissonRates rates = new PoissonRates(count, time, other, otherTime);
        assertThat(rates.ratio()).isCloseTo(ratio, within(1e-8));
        assertThat(rates.p()).isCloseTo(p, within(1e-8));
        assertThat(rates.ratio(0.95).low()).isCloseTo(low, within(1e-7));
        assertThat(rates.ratio(0.95).high()).isCloseTo(high, within(1e-5));
    }

    @Test
    void nothingSeenSaysNothing() {
        PoissonRates none = new PoissonRates(0, 3, 0, 5);
        assertThat(none.p()).isEqualTo(1);
        assertThat(none.ratio(0.95).low()).isZero();
        assertThat(none.ratio(0.95).high()).isInfinite();
        assertThat(new PoissonRates(3, 1, 0, 1).ratio()).isInfinite();
    }

    /** Base R 4.2.2: {@code poisson.test(4, 2)$conf.int}. */
    @Test
    void theIntervalOfARateIsGarwoods() {
        Interval rate = PoissonRates.rate(4, 2, 0.95);
        assertThat(rate.low()).isCloseTo(0.5449327, within(1e-6));
        assertThat(rate.high()).isCloseTo(5.120794, within(1e-5));
        assertThat(PoissonRates.rate(0, 1, 0.95).low()).isZero();
    }

    /** On logs with a known ratio the interval holds it at least as often as it says. */
    @Test
    void theIntervalCoversTheTruth() {
        Random random = new Random(20261124);
        int held = 0;
        int rounds = 2000;
        for (int i = 0; i < rounds; i++) {
            int before = poisson(random, 6);
            int after = poisson(random, 2.4);
            held += new PoissonRates(before, 2, after, 2).ratio(0.95).holds(2.5) ? 1 : 0;
        }
        assertThat(held / (double) rounds).isBetween(0.95, 1.0);
    }

    static int poisson(Random random, double mean) {
        double limit = Math.exp(-mean);
        double product = random.nextDouble();
        int count = 0;
        while (product > limit) {
            product *= random.nextDouble();
            count++;
        }
        return count;
    }
}
