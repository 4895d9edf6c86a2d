package org.pelluna.core.statistics;

import java.util.List;

/**
 * A rate that changes exponentially, fitted to counts over times watched: Poisson regression with a log link, by Newton's method
 * (McCullagh & Nelder 1989, Generalized Linear Models).
 *
 * @param logRate logarithm of the rate at time 0
 * @param slope change of that logarithm for each unit of time; below 0 when it calms
 * @param slopeError standard error of the slope
 * @param events events it rests on
 */
public record RateTrend(double logRate, double slope, double slopeError, int events) {
    private static final int ROUNDS = 60;
    private static final double Z = 1.959963984540054;

    /**
     * A watch.
     *
     * @param time when, for example days since an arrival
     * @param watched how long, above 0, for example hours
     * @param events events seen
     */
    public record Watched(double time, double watched, int events) {}

    /**
     * The fit.
     *
     * @throws IllegalArgumentException if there are fewer than two events or fewer than two times
     */
    public static RateTrend of(List<Watched> watches) {
        int events = watches.stream().mapToInt(Watched::events).sum();
        if (events < 2 || watches.stream().mapToDouble(Watched::time).distinct().count() < 2) {
            throw new IllegalArgumentException("a course takes two events or more, on two days or more");
        }
        double middle = watches.stream().mapToDouble(Watched::time).average().orElse(0);
        double a =
                Math.log(events / watches.stream().mapToDouble(Watched::watched).sum());
        double b = 0;
        double information = 0;
        for (int round = 0; round < ROUNDS; round++) {
            double score0 = 0;
            double score1 = 0;
            double i00 = 0;
            double i01 = 0;
            double i11 = 0;
            for (Watched one : watches) {
                double t = one.time() - middle;
                double expected = one.watched() * Math.exp(Math.max(-50, Math.min(50, a + b * t)));
                score0 += one.events() - expected;
                score1 += (one.events() - expected) * t;
                i00 += expected;
                i01 += expected * t;
                i11 += expected * t * t;
            }
            double determinant = i00 * i11 - i01 * i01;
            if (!(determinant > 1e-12)) {
                break;
            }
            information = determinant / i00;
            double stepA = (i11 * score0 - i01 * score1) / determinant;
            double stepB = (i00 * score1 - i01 * score0) / determinant;
            // Never more than one step of the logarithm at a time: far starts would overshoot.
            a += Math.max(-1, Math.min(1, stepA));
            b += Math.max(-0.5, Math.min(0.5, stepB));
            if (Math.abs(stepA) + Math.abs(stepB) < 1e-10) {
                break;
            }
        }
        return new RateTrend(
                a - b * middle, b, information > 0 ? 1 / Math.sqrt(information) : Double.POSITIVE_INFINITY, events);
    }

    /** The rate at a time. */
    public double rateAt(double time) {
        return Math.exp(logRate + slope * time);
    }

    /** The interval of the slope at 95 %. */
    public Interval slopeInterval() {
        return new Interval(slope - Z * slopeError, slope + Z * slopeError);
    }

    /** When the rate falls to a value; infinite if it does not fall. */
    public double reaches(double rate) {
        return slope < 0 ? (Math.log(rate) - logRate) / slope : Double.POSITIVE_INFINITY;
    }
}
