package org.pelluna.core.statistics;

import java.util.List;
import java.util.stream.Stream;

/**
 * How counts scatter about their mean. Chases come in bouts, so that they scatter more than independent events: bouts come independently and each goes on with the same chance after every chase (the law of Pólya and
 * Aeppli; Johnson, Kemp & Kotz 2005, Univariate Discrete Distributions, section 9.7), whose variance is {@code 2 × bout − 1} times the mean; or evenings differ, by a negative binomial law whose variance is
 * {@code mean + mean²/size} (NB2 of Cameron & Trivedi 2013, Regression Analysis of Count Data, section 3.3).
 *
 * <p>Chances are read off a table between steps of the mean's logarithm; what that changes is at most 0.0015 of their logarithm for each event counted.
 */
public final class CountLaw {
    /** The laws held possible, all as likely beforehand: three of each kind, from nearly independent to strong bouts. */
    public static final List<CountLaw> POSSIBLE = Stream.concat(
                    Stream.of(1.0, 4.0, 50.0).map(CountLaw::sized),
                    Stream.of(1.25, 2.5, 5.0).map(CountLaw::inBouts))
            .toList();

    private static final int TABLED = 80;
    private static final double LOWEST = -12;
    private static final double STEP = 0.05;
    private static final int STEPS = 480;

    private final double size;
    private final double bout;
    /** The logarithms of the chances: of each count for all steps of the mean, which are asked for one after the other. */
    private final double[][] table = new double[TABLED][STEPS + 1];

    private CountLaw(double size, double bout) {
        this.size = size;
        this.bout = bout;
        for (int i = 0; i <= STEPS; i++) {
            double[] counts = upTo(TABLED - 1, Math.exp(LOWEST + i * STEP));
            for (int count = 0; count < TABLED; count++) {
                table[count][i] = counts[count];
            }
        }
    }

    /** A law of variance mean + mean²/size. */
    public static CountLaw sized(double size) {
        return new CountLaw(size, 0);
    }

    /** Independent bouts of so many events in the mean, a geometric number each; more than 1. */
    public static CountLaw inBouts(double bout) {
        return new CountLaw(0, bout);
    }

    /** The logarithm of the chance of a count. */
    public double logChance(int count, double logMean) {
        double at = (logMean - LOWEST) / STEP;
        if (count >= TABLED || at >= STEPS) {
            return upTo(count, Math.exp(logMean))[count];
        }
        if (at <= 0) {
            // So rare that one event, or one bout, is as the mean, and more events by themselves are as many times
            // rarer.
            return table[count][0] + (bout > 0 ? Math.min(1, count) : count) * (logMean - LOWEST);
        }
        int low = (int) at;
        double part = at - low;
        return table[count][low] * (1 - part) + table[count][low + 1] * part;
    }

    /** The same where it is known that there was one event or more. */
    public double logChanceIfAny(int count, double logMean) {
        return logChance(count, logMean) - Math.log(-Math.expm1(Math.min(logChance(0, logMean), -1e-300)));
    }

    /** The logarithms of the chances of nothing, of one, and so on to a count. */
    private double[] upTo(int count, double mean) {
        return bout > 0 ? ofBouts(count, mean) : ofSize(count, mean);
    }

    private double[] ofSize(int count, double mean) {
        double[] logs = new double[count + 1];
        logs[0] = -size * Math.log1p(mean / size);
        for (int n = 1; n <= count; n++) {
            logs[n] = logs[n - 1] + Math.log((size + n - 1) / n * mean / (size + mean));
        }
        return logs;
    }

    /** By how many times each count is as likely as the one before: n p(n) = (λ/b + 2q(n − 1)) p(n − 1) − q²(n − 2) p(n − 2), with λ bouts of b events, q = 1 − 1/b (Evans 1953, Biometrika 40). */
    private double[] ofBouts(int count, double mean) {
        double more = 1 - 1 / bout;
        double first = mean / bout / bout;
        double[] logs = new double[count + 1];
        logs[0] = -mean / bout;
        double ratio = first;
        for (int n = 1; n <= count; n++) {
            ratio = (first + 2 * more * (n - 1) - (n > 2 ? more * more * (n - 2) / ratio : 0)) / n;
            logs[n] = logs[n - 1] + Math.log(ratio);
        }
        return logs;
    }
}
