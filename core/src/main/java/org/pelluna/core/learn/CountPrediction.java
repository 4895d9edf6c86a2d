package org.pelluna.core.learn;

import java.util.Arrays;
import java.util.List;
import org.pelluna.core.statistics.Interval;

/**
 * How many encounters of one fish on another are to be expected in hours not yet watched: every multiple that what was seen leaves possible, with its chance, and beside that the scatter of chases that come in bouts.
 * Of each multiple the pair's own is a gamma distribution, so that the count is negative binomial.
 */
public final class CountPrediction {
    /** How much more than independent events chases scatter when they come in bouts: the variance is {@code (1 + θ)} times the mean, all as likely. */
    private static final double[] BOUTS = {0, 0.5, 1.5, 3.5};

    /** So many values stand for what is believed of a fish: more change no interval. */
    private static final int NODES = 12;

    private static final double NEGLIGIBLE = 1e-7;
    private static final int MOST = 1000;

    private final double[] chances;

    private CountPrediction(double[] chances) {
        this.chances = chances;
    }

    /** Of a pair that is seen so much, and of which so much is expected in the hours to come. */
    static CountPrediction of(
            double scale,
            Multiple fish,
            double[] shapes,
            List<Double> shapeChances,
            TemperamentModel.Met met,
            double next) {
        double[] chances = new double[MOST];
        double[] nodes = fish.nodes(NODES);
        for (int o = 0; o < shapes.length; o++) {
            double size = shapes[o] + met.seen();
            for (double node : nodes) {
                double weight = shapeChances.get(o) / nodes.length / BOUTS.length;
                double times = scale * node;
                double mean = Math.max(1e-9, times * next * size / (shapes[o] + times * met.expected()));
                for (double theta : BOUTS) {
                    add(chances, weight, mean, 1 / (1 / size + theta / mean));
                }
            }
        }
        int last = MOST;
        while (last > 1 && chances[last - 1] < NEGLIGIBLE) {
            last--;
        }
        double[] kept = Arrays.copyOf(chances, last);
        double all = Arrays.stream(kept).sum();
        return new CountPrediction(Arrays.stream(kept).map(one -> one / all).toArray());
    }

    /** Adds a negative binomial law. */
    private static void add(double[] chances, double weight, double mean, double size) {
        double chance = weight * Math.exp(-size * Math.log1p(mean / size));
        double left = weight;
        for (int n = 0; n < MOST && left > NEGLIGIBLE * weight; n++) {
            chances[n] += chance;
            left -= chance;
            chance *= (size + n) / (n + 1) * mean / (size + mean);
        }
    }

    /** The mean. */
    public double mean() {
        double mean = 0;
        for (int n = 0; n < chances.length; n++) {
            mean += n * chances[n];
        }
        return mean;
    }

    /** The counts between which it lies with at least a given chance, as much left out above as below. */
    public Interval interval(double level) {
        return new Interval(first((1 - level) / 2), first((1 + level) / 2));
    }

    /** The logarithm of the chance of a count. */
    public double logChance(int count) {
        return Math.log(Math.max(NEGLIGIBLE, count < chances.length ? chances[count] : 0));
    }

    /** The first count up to which there is at least so much chance. */
    private int first(double chance) {
        double sum = 0;
        int n = 0;
        while (n < chances.length - 1 && sum + chances[n] < chance) {
            sum += chances[n++];
        }
        return n;
    }
}
