package org.pelluna.core.course;

import java.util.Arrays;
import java.util.List;
import java.util.stream.DoubleStream;
import org.pelluna.core.statistics.Interval;

/**
 * Whether a remedy helped beyond what settling does by itself: how many times as high the rate is with it as it would be without, ρ. A priori its logarithm is normal,
 * around no change, with a spread of 1.5.
 */
public final class Help {
    private static final double SPREAD = 1.5;
    private static final int WIDE = 20;

    /** Half-lives and shares that stay; a fast course that leaves nothing is among them, so that it is not taken for help. */
    private static final double[] HALF_LIVES = DoubleStream.concat(
                    DoubleStream.of(2), Arrays.stream(Priors.halfLives(6)))
            .toArray();

    private static final double[] RESTS = DoubleStream.concat(DoubleStream.of(0.01), Arrays.stream(Priors.rests(4)))
            .toArray();

    /** Values of ln ρ, and the chance of each. */
    private final double[] steps;

    private final double[] chances;

    private Help(double[] steps, double[] chances) {
        this.steps = steps;
        this.chances = chances;
    }

    /**
     * The help of a remedy in force since a day.
     *
     * @param before watches before it, but for the one that made the keeper act: it was chosen because it was bad
     * @param after watches since
     */
    public static Help of(List<Watched> before, List<Watched> after) {
        double[] logs = new double[2 * WIDE + 1];
        LogSum[] sums = new LogSum[logs.length];
        for (int i = 0; i < logs.length; i++) {
            sums[i] = new LogSum();
        }
        for (Scatter scatter : Scatter.POSSIBLE) {
            for (double halfLife : HALF_LIVES) {
                for (double rest : RESTS) {
                    add(scatter, halfLife, rest, before, after, sums);
                }
            }
        }
        LogSum all = new LogSum();
        for (int i = 0; i < logs.length; i++) {
            double z = Course.STEP * (i - WIDE) / SPREAD;
            logs[i] = sums[i].log() - z * z / 2;
            all.add(logs[i]);
        }
        double[] steps = new double[logs.length];
        for (int i = 0; i < logs.length; i++) {
            steps[i] = Course.STEP * (i - WIDE);
            logs[i] = Math.exp(logs[i] - all.log());
        }
        return new Help(steps, logs);
    }

    /** By the law of scatter and the course, what was before speaks only of the level before, and what was after only of the level after. */
    private static void add(
            Scatter scatter, double halfLife, double rest, List<Watched> before, List<Watched> after, LogSum[] sums) {
        double[] earlier = levels(scatter, halfLife, rest, before, 0, Course.LEVELS);
        double[] later = levels(scatter, halfLife, rest, after, WIDE, Course.LEVELS + 2 * WIDE);
        for (int level = 0; level < Course.LEVELS; level++) {
            double first = earlier[level] + Priors.level(level);
            for (int i = 0; i < sums.length; i++) {
                sums[i].add(first + later[level + i]);
            }
        }
    }

    private static double[] levels(
            Scatter scatter, double halfLife, double rest, List<Watched> watches, int offset, int count) {
        double[] logMeans = watches.stream()
                .mapToDouble(watch -> Math.log(watch.hours() * Course.left(halfLife, rest, watch.day()))
                        + Course.LOWEST
                        - Course.STEP * offset)
                .toArray();
        return scatter.logs(watches, logMeans, count);
    }

    /** The chance that the rate is under so many times what it would be by itself. */
    public double chanceBelow(double times) {
        double chance = 0;
        for (int i = 0; i < steps.length; i++) {
            double edge = (Math.log(times) - steps[i]) / Course.STEP;
            // A step stands for all between the middles to its neighbours.
            chance += chances[i] * Math.max(0, Math.min(1, edge + 0.5));
        }
        return chance;
    }

    /** How many times as high the rate is as it would be by itself: the interval that holds it with a given chance. */
    public Interval times(double level) {
        return new Interval(quantile((1 - level) / 2), quantile((1 + level) / 2));
    }

    /** The middle of that. */
    public double middle() {
        return quantile(0.5);
    }

    private double quantile(double chance) {
        double sum = 0;
        for (int i = 0; i < steps.length; i++) {
            if (sum + chances[i] >= chance) {
                double part = chances[i] > 0 ? (chance - sum) / chances[i] : 0.5;
                return Math.exp(steps[i] + Course.STEP * (part - 0.5));
            }
            sum += chances[i];
        }
        return Math.exp(steps[steps.length - 1]);
    }
}
