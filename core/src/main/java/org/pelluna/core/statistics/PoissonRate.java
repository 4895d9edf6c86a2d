package org.pelluna.core.statistics;

/** The rate of events counted over a time. */
public final class PoissonRate {
    private PoissonRate() {}

    /** The interval of a rate (Garwood 1936, Biometrika 28), events for each unit of time. */
    public static Interval interval(int count, double time, double level) {
        double tail = (1 - level) / 2;
        double low = count == 0 ? 0 : Distributions.gammaQuantile(tail, count, 1);
        return new Interval(low / time, Distributions.gammaQuantile(1 - tail, count + 1.0, 1) / time);
    }
}
