package org.pelluna.core.statistics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.pelluna.core.statistics.RateTrend.Watched;

class RateTrendTest {

    /**
     * Base R 4.2.2: {@code d <- c(0,1,2,4,7,10); h <- c(.5,.5,.25,.5,.5,1); n <- c(6,5,2,2,1,1); summary(glm(n ~ d +
     * offset(log(h)), family=poisson))$coefficients}.
     */
    @Test
    void agreesWithAnIndependentImplementation() {
        RateTrend fit = RateTrend.of(List.of(
                new Watched(0, 0.5, 6),
                new Watched(1, 0.5, 5),
                new Watched(2, 0.25, 2),
                new Watched(4, 0.5, 2),
                new Watched(7, 0.5, 1),
                new Watched(10, 1, 1)));
        assertThat(fit.logRate()).isCloseTo(LOG_RATE, within(1e-7));
        assertThat(fit.slope()).isCloseTo(SLOPE, within(1e-5));
        assertThat(fit.slopeError()).isCloseTo(ERROR, within(1e-4));
    }

    private static final double LOG_RATE = 2.514643129;
    private static final double SLOPE = -0.256700529;
    private static final double ERROR = 0.0895427382;

    /** On simulated settling with a known slope the interval covers it at its nominal rate, and the day of calm is near. */
    @Test
    void theIntervalCoversTheTruth() {
        Random random = new Random(7);
        int held = 0;
        int rounds = 1000;
        for (int round = 0; round < rounds; round++) {
            List<Watched> watches = new ArrayList<>();
            for (int day = 0; day < 21; day++) {
                watches.add(new Watched(day, 0.5, PoissonRatesTest.poisson(random, 0.5 * 12 * Math.exp(-0.12 * day))));
            }
            held += RateTrend.of(watches).slopeInterval().holds(-0.12) ? 1 : 0;
        }
        assertThat(held / (double) rounds).isBetween(0.93, 0.97);
    }

    @Test
    void theDayOfCalmIsWhereTheFittedRateFallsToIt() {
        List<Watched> watches = new ArrayList<>();
        for (int day = 0; day < 10; day++) {
            watches.add(new Watched(day, 10, (int) Math.round(100 * Math.exp(-0.2 * day))));
        }
        RateTrend fit = RateTrend.of(watches);
        assertThat(fit.rateAt(fit.reaches(0.5))).isCloseTo(0.5, within(1e-9));
        assertThat(fit.reaches(0.5)).isCloseTo(Math.log(20) / 0.2, within(0.6));
    }

    @Test
    void tooLittleIsNoCourse() {
        assertThatThrownBy(() -> RateTrend.of(List.of(new Watched(0, 1, 5))))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> RateTrend.of(List.of(new Watched(0, 1, 1), new Watched(1, 1, 0))))
                .isInstanceOf(IllegalArgumentException.class);
    }

    /** Gelman et al.: gamma(2, 2) after 9 events where 3 were expected is gamma(11, 5); base R qgamma(c(.05,.95), 11, 5). */
    @Test
    void theConjugateUpdateIsTheBooks() {
        GammaPoisson posterior = new GammaPoisson(2, 2).seen(9, 3);
        assertThat(posterior.mean()).isEqualTo(2.2);
        assertThat(posterior.interval(0.9).low()).isCloseTo(1.23380146, within(1e-7));
        assertThat(posterior.interval(0.9).high()).isCloseTo(3.39244385, within(1e-7));
    }
}
