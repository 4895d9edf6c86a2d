package org.pelluna.core.statistics;

import java.util.List;
import java.util.stream.Stream;

/**
 * How counts scatter about their mean. Chases come in bouts, so that they scatter more than independent events: by a negative binomial law
 * whose variance is {@code (1 + θ)} times the mean, or {@code mean + mean²/size} (NB1 and NB2 of Cameron & Trivedi 2013, Regression Analysis of
 * Count Data, section 3.3).
 *
 * <p>Chances are read off a table between steps of the mean's logarithm; what that changes is under a thousandth of their logarithm for each event counted.
 */
public final class CountLaw {
    /** The laws held possible, all as likely beforehand: three of each kind, from nearly independent to strong bouts. */
    public static final List<CountLaw> POSSIBLE = Stream.concat(
                    Stream.of(1.0, 4.0, 50.0).map(CountLaw::sized),
                    Stream.of(0.5, 3.0, 8.0).map(CountLaw::scaled))
            .toList();

    private static final int TABLED = 80;
    private static final double LOWEST = -12;
    private static final double STEP = 0.05;
    private static final int STEPS = 480;

    private final double size;
    private final double theta;
    private final double[][] table = new double[TABLED][STEPS + 1];

    private CountLaw(double size, double theta) {
        this.size = size;
        this.theta = theta;
        for (int count = 0; count < TABLED; count++) {
            for (int i = 0; i <= STEPS; i++) {
                table[count][i] = exactly(count, Math.exp(LOWEST + i * STEP));
            }
        }
    }

    /** A law of variance mean + mean²/size. */
    public static CountLaw sized(double size) {
        return new CountLaw(size, 0);
    }

    /** A law of variance (1 + θ) times the mean. */
    public static CountLaw scaled(double theta) {
        return new CountLaw(0, theta);
    }

    /** The logarithm of the chance of a count. */
    public double logChance(int count, double logMean) {
        double at = (logMean - LOWEST) / STEP;
        if (count >= TABLED || at >= STEPS) {
            return exactly(count, Math.exp(logMean));
        }
        if (at <= 0) {
            // So rare that one event is as the mean, and more are as many times rarer.
            return table[count][0] + count * (logMean - LOWEST);
        }
        int low = (int) at;
        double part = at - low;
        return table[count][low] * (1 - part) + table[count][low + 1] * part;
    }

    /** The same where it is known that there was one event or more. */
    public double logChanceIfAny(int count, double logMean) {
        return logChance(count, logMean) - Math.log(-Math.expm1(Math.min(logChance(0, logMean), -1e-300)));
    }

    private double exactly(int count, double mean) {
        double r = theta > 0 ? mean / theta : size;
        double log = 0;
        for (int k = 0; k < count; k++) {
            log += Math.log((r + k) / (k + 1));
        }
        return log - r * Math.log1p(mean / r) + count * (Math.log(mean) - Math.log(r + mean));
    }
}
