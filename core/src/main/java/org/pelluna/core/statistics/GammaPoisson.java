package org.pelluna.core.statistics;

/**
 * What counts say of a multiple of what was expected: a gamma prior, updated by Poisson counts (Gelman et al., Bayesian Data
 * Analysis, the conjugate model).
 *
 * @param shape shape of the posterior
 * @param rate rate of the posterior
 */
public record GammaPoisson(double shape, double rate) {
    public GammaPoisson {
        if (!(shape > 0 && rate > 0)) {
            throw new IllegalArgumentException("shape and rate are above 0");
        }
    }

    /** The same, knowing so many events where so many were expected. */
    public GammaPoisson seen(int events, double expected) {
        return new GammaPoisson(shape + events, rate + expected);
    }

    public double mean() {
        return shape / rate;
    }

    /** The central interval of a level such as 0.9. */
    public Interval interval(double level) {
        double tail = (1 - level) / 2;
        return new Interval(
                Distributions.gammaQuantile(tail, shape, rate), Distributions.gammaQuantile(1 - tail, shape, rate));
    }
}
