package org.pelluna.core.statistics;

import java.util.ArrayList;
import java.util.List;
import java.util.SortedSet;
import java.util.TreeSet;

/**
 * Survival of a group: the product-limit estimate of Kaplan & Meier 1958 (JASA 53) with Greenwood's 1926 standard error, and the
 * log-rank test between groups (Mantel 1966, Cancer Chemotherapy Reports 50).
 */
public final class Survival {
    private Survival() {}

    /**
     * One life as far as it is known.
     *
     * @param time how long it was followed, 0 or more
     * @param ended whether it ended then; otherwise it goes on, or left the record alive
     */
    public record FollowUp(double time, boolean ended) {
        public FollowUp {
            if (!(time >= 0)) {
                throw new IllegalArgumentException("a life is followed for 0 days or more, but was " + time);
            }
        }
    }

    /**
     * A step of the curve.
     *
     * @param time when lives ended
     * @param atRisk lives followed until then
     * @param ended lives that ended then
     * @param survival share that lives on
     * @param error standard error of that share
     * @param interval its interval at 95 %: that of Clopper & Pearson 1934 on as many lives as the error is worth
     */
    public record Step(double time, int atRisk, int ended, double survival, double error, Interval interval) {}

    private static final double TAIL = 0.025;

    /** The curve of some lives; empty while none has ended. */
    public static List<Step> curve(List<FollowUp> lives) {
        List<Step> steps = new ArrayList<>();
        double survival = 1;
        double sum = 0;
        for (double time : endings(lives)) {
            int atRisk =
                    (int) lives.stream().filter(life -> life.time() >= time).count();
            int ended = endedAt(lives, time);
            survival *= 1 - ended / (double) atRisk;
            sum += atRisk > ended ? ended / ((double) atRisk * (atRisk - ended)) : Double.POSITIVE_INFINITY;
            double error = survival == 0 ? 0 : survival * Math.sqrt(sum);
            steps.add(new Step(time, atRisk, ended, survival, error, interval(survival, sum, atRisk)));
        }
        return steps;
    }

    /** On the number of lives of which a plain share would have the same error; all of those at risk where none is left. */
    private static Interval interval(double survival, double sum, int atRisk) {
        return share(survival, survival == 0 ? atRisk : (1 - survival) / (survival * sum));
    }

    private static Interval share(double survival, double lives) {
        double alive = survival * lives;
        double gone = lives - alive;
        return new Interval(
                alive <= 0 ? 0 : Distributions.betaQuantile(TAIL, alive, gone + 1),
                gone <= 0 ? 1 : Distributions.betaQuantile(1 - TAIL, alive + 1, gone));
    }

    /** The interval at 95 % of the share that lives on, where none has ended by a time: on the mean number followed until then. */
    public static Interval unbroken(List<FollowUp> lives, double until) {
        double followed = lives.stream()
                .mapToDouble(life -> until > 0 ? Math.min(1, life.time() / until) : 1)
                .sum();
        return share(1, followed);
    }

    private static SortedSet<Double> endings(List<FollowUp> lives) {
        SortedSet<Double> times = new TreeSet<>();
        lives.stream().filter(FollowUp::ended).forEach(life -> times.add(life.time()));
        return times;
    }

    private static int endedAt(List<FollowUp> lives, double time) {
        return (int) lives.stream()
                .filter(life -> life.ended() && life.time() == time)
                .count();
    }

    /**
     * The log-rank test.
     *
     * @param chiSquared the statistic
     * @param degrees groups less one
     * @param p probability of as much, were the groups alike
     */
    public record LogRank(double chiSquared, int degrees, double p) {}

    /**
     * Tests whether two groups live equally long.
     *
     * @throws IllegalArgumentException if none of the lives has ended
     */
    public static LogRank logRank(List<FollowUp> one, List<FollowUp> other) {
        List<FollowUp> all = new ArrayList<>(one);
        all.addAll(other);
        double seen = 0;
        double expected = 0;
        double variance = 0;
        for (double time : endings(all)) {
            double atRisk = all.stream().filter(life -> life.time() >= time).count();
            double first = one.stream().filter(life -> life.time() >= time).count();
            double ended = endedAt(all, time);
            seen += endedAt(one, time);
            expected += ended * first / atRisk;
            if (atRisk > 1) {
                variance += ended * first / atRisk * (1 - first / atRisk) * (atRisk - ended) / (atRisk - 1);
            }
        }
        if (!(variance > 0)) {
            throw new IllegalArgumentException("too few lives have ended to compare the groups");
        }
        double chi = (seen - expected) * (seen - expected) / variance;
        return new LogRank(chi, 1, Distributions.chiSquaredTail(chi, 1));
    }
}
