package org.pelluna.core.statistics;

/**
 * Two counts, each over a time watched, compared exactly: given their sum, the first is binomial (Przyborowski & Wilenski 1940,
 * Biometrika 31). The interval of the ratio is that of Clopper & Pearson 1934 (Biometrika 26). Two-sided p adds up every
 * outcome no more likely than the one seen.
 *
 * @param count events in the first time
 * @param time the first time, above 0
 * @param otherCount events in the second time
 * @param otherTime the second time, above 0
 */
public record PoissonRates(int count, double time, int otherCount, double otherTime) {
    private static final double AS_LIKELY = 1 + 1e-7;

    public PoissonRates {
        if (count < 0 || otherCount < 0 || !(time > 0) || !(otherTime > 0)) {
            throw new IllegalArgumentException("counts are 0 or more and times above 0");
        }
    }

    /** The first rate over the second; infinite if nothing happened in the second time, 1 if nothing happened at all. */
    public double ratio() {
        if (count + otherCount == 0) {
            return 1;
        }
        return otherCount == 0 ? Double.POSITIVE_INFINITY : count / time / (otherCount / otherTime);
    }

    private double evenShare() {
        return time / (time + otherTime);
    }

    /** Probability, were the rates the same, of an outcome at least as unlikely as this one. */
    public double p() {
        int all = count + otherCount;
        if (all == 0) {
            return 1;
        }
        double seen = Distributions.binomial(count, all, evenShare()) * AS_LIKELY;
        double sum = 0;
        for (int k = 0; k <= all; k++) {
            double chance = Distributions.binomial(k, all, evenShare());
            sum += chance <= seen ? chance : 0;
        }
        return Math.min(1, sum);
    }

    /**
     * Probability of the first count or more, were the first rate so many times the second.
     *
     * @param times the ratio supposed
     */
    public double pAtLeast(double times) {
        double share = time * times / (time * times + otherTime);
        return Distributions.binomialAtLeast(count, count + otherCount, share);
    }

    /** The interval of the ratio at a level such as 0.95. */
    public Interval ratio(double level) {
        double tail = (1 - level) / 2;
        int all = count + otherCount;
        double low = count == 0 ? 0 : Distributions.betaQuantile(tail, count, all - count + 1.0);
        double high = count == all ? 1 : Distributions.betaQuantile(1 - tail, count + 1.0, all - count);
        return new Interval(odds(low), odds(high));
    }

    private double odds(double share) {
        return share >= 1 ? Double.POSITIVE_INFINITY : share / (1 - share) * otherTime / time;
    }

    /** The interval of one rate (Garwood 1936, Biometrika 28), events for each unit of time. */
    public static Interval rate(int count, double time, double level) {
        double tail = (1 - level) / 2;
        double low = count == 0 ? 0 : Distributions.gammaQuantile(tail, count, 1);
        return new Interval(low / time, Distributions.gammaQuantile(1 - tail, count + 1.0, 1) / time);
    }
}
