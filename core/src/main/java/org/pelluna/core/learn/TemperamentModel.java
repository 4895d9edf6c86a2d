package org.pelluna.core.learn;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import org.pelluna.core.question.Answers;
import org.pelluna.core.question.Question;
import org.pelluna.core.species.Temperament;

/**
 * What encounters seen against encounters expected say of a tank and of each fish in it, together: everything seen here is so many times what is expected (the tank, and how it is
 * watched), each fish so many times its kind, and each pair again so many times that. Gamma priors for fish and pairs, four widths of each held possible; the sum over the
 * pairs' multiples is exact (a negative binomial law), the others are summed on even steps of their logarithms.
 *
 * @param scale the tank's multiple
 * @param fish each fish's multiple, in the order given
 * @param pairShapes how likely each shape of the pairs' multiples is by now
 */
record TemperamentModel(Multiple scale, List<Multiple> fish, List<Double> pairShapes) {
    private static final double STEP = 0.1;
    private static final double SCALE_SPREAD = 0.7;
    private static final int SCALES = 57;
    private static final int FISH = 75;
    private static final double LOWEST_SCALE = -STEP * (SCALES - 1) / 2;
    private static final double LOWEST_FISH = -4.4;

    /** Shapes of the gamma distributions of fish and of pairs, and how likely each is. */
    private static final double[] FISH_SHAPES = {1, 2, 4, 8};

    private static final double[] PAIR_SHAPES = {0.15, 0.4, 1, 3};
    private static final double[] LIKELY = {0.2, 0.3, 0.3, 0.2};

    /** What is held possible of a tank of which nothing was seen. */
    static Multiple anyTank() {
        double[] weights = new double[SCALES];
        for (int s = 0; s < SCALES; s++) {
            double z = (LOWEST_SCALE + STEP * s) / SCALE_SPREAD;
            weights[s] = Math.exp(-z * z / 2);
        }
        return new Multiple(LOWEST_SCALE, STEP, weights);
    }

    /**
     * What is held possible of a fish of which nothing was seen.
     *
     * @param spread how far individuals of its kind lie apart
     */
    static Multiple anyFish(double spread) {
        double[] weights = new double[FISH];
        for (int k = 0; k < FISH_SHAPES.length; k++) {
            double[] prior = prior(k, spread);
            for (int a = 0; a < FISH; a++) {
                weights[a] += LIKELY[k] * prior[a];
            }
        }
        return new Multiple(LOWEST_FISH, STEP, weights);
    }

    /**
     * A pair that has met.
     *
     * @param seen encounters seen of one fish on the other
     * @param expected encounters expected in the same hours
     */
    record Met(int seen, double expected) {}

    /**
     * What pairs say, as a question that can be remembered.
     *
     * @param pairs the pairs of each fish
     * @param spreads how far individuals of each fish's kind lie apart
     */
    record Asked(List<List<Met>> pairs, List<Double> spreads) implements Question<TemperamentModel> {
        @Override
        public TemperamentModel answer(Answers answers) {
            return of(pairs, spreads);
        }
    }

    /** A pair that was not watched yet. */
    static final Met NEVER = new Met(0, 0);

    /** What the pairs say, each fish's by itself, of fish whose kinds are as unlike as usual. */
    static TemperamentModel of(List<List<Met>> pairs) {
        return of(pairs, Collections.nCopies(pairs.size(), Temperament.USUAL_SPREAD));
    }

    /**
     * What the pairs say, each fish's by itself.
     *
     * @param spreads how far individuals of each fish's kind lie apart
     */
    static TemperamentModel of(List<List<Met>> pairs, List<Double> spreads) {
        double[][][] priors = new double[FISH_SHAPES.length][pairs.size()][];
        for (int k = 0; k < FISH_SHAPES.length; k++) {
            for (int i = 0; i < pairs.size(); i++) {
                priors[k][i] = prior(k, spreads.get(i));
            }
        }
        double[] scale = new double[SCALES];
        double[][] fish = new double[pairs.size()][FISH];
        double[][][] logs = new double[PAIR_SHAPES.length][pairs.size()][];
        double[] shapes = new double[PAIR_SHAPES.length];
        List<double[]> sums = new ArrayList<>();
        double most = Double.NEGATIVE_INFINITY;
        for (int o = 0; o < PAIR_SHAPES.length; o++) {
            for (int i = 0; i < pairs.size(); i++) {
                logs[o][i] = logs(pairs.get(i), PAIR_SHAPES[o]);
            }
            for (int k = 0; k < FISH_SHAPES.length; k++) {
                double[] sum = new double[SCALES];
                for (int s = 0; s < SCALES; s++) {
                    double z = (LOWEST_SCALE + STEP * s) / SCALE_SPREAD;
                    sum[s] = Math.log(LIKELY[o] * LIKELY[k]) - z * z / 2;
                    for (int i = 0; i < pairs.size(); i++) {
                        double[] one = logs[o][i];
                        sum[s] += Math.log(overFish(one, priors[k][i], s)) + one[one.length - 1];
                    }
                    most = Math.max(most, sum[s]);
                }
                sums.add(sum);
            }
        }
        for (int o = 0; o < PAIR_SHAPES.length; o++) {
            for (int k = 0; k < FISH_SHAPES.length; k++) {
                double[] sum = sums.get(o * FISH_SHAPES.length + k);
                for (int s = 0; s < SCALES; s++) {
                    double weight = Math.exp(sum[s] - most);
                    scale[s] += weight;
                    shapes[o] += weight;
                    for (int i = 0; weight > 1e-9 && i < fish.length; i++) {
                        double[] prior = priors[k][i];
                        double all = overFish(logs[o][i], prior, s);
                        for (int a = 0; a < FISH; a++) {
                            fish[i][a] += weight * prior[a] * logs[o][i][s + a] / all;
                        }
                    }
                }
            }
        }
        List<Multiple> each = new ArrayList<>();
        for (double[] one : fish) {
            each.add(new Multiple(LOWEST_FISH, STEP, one));
        }
        double all = Arrays.stream(shapes).sum();
        return new TemperamentModel(
                new Multiple(LOWEST_SCALE, STEP, scale),
                each,
                Arrays.stream(shapes).map(one -> one / all).boxed().toList());
    }

    /** How many times as much as its kind a fish attacks one that it has met: its own multiple, times what the pair adds to it. */
    double onPair(int fishPlace, Met met) {
        double own = fish.get(fishPlace).middle();
        double expected = scale.middle() * own * met.expected();
        double pair = 0;
        for (int o = 0; o < PAIR_SHAPES.length; o++) {
            pair += pairShapes.get(o) * (PAIR_SHAPES[o] + met.seen()) / (PAIR_SHAPES[o] + expected);
        }
        return own * pair;
    }

    /**
     * How many encounters of one fish on another are to be expected.
     *
     * @param fish what is believed of the fish
     * @param met what the pair did until now
     * @param next encounters expected by the catalogue in the hours to come
     */
    CountPrediction predicted(Multiple fish, Met met, double next) {
        return CountPrediction.of(scale.middle(), fish, PAIR_SHAPES, pairShapes, met, next);
    }

    /** The chance of a fish's counts at each product of scale and fish, over the most likely; the logarithm of that comes last. */
    private static double[] logs(List<Met> met, double shape) {
        int steps = SCALES + FISH - 1;
        double[] logs = new double[steps + 1];
        double most = Double.NEGATIVE_INFINITY;
        for (int x = 0; x < steps; x++) {
            double times = Math.exp(LOWEST_SCALE + LOWEST_FISH + STEP * x);
            for (Met one : met) {
                double mean = Math.max(1e-9, times * one.expected());
                logs[x] += -shape * Math.log1p(mean / shape) - one.seen() * Math.log1p(shape / mean);
            }
            most = Math.max(most, logs[x]);
        }
        for (int x = 0; x < steps; x++) {
            logs[x] = Math.exp(logs[x] - most);
        }
        logs[steps] = most;
        for (Met one : met) {
            for (int n = 0; n < one.seen(); n++) {
                logs[steps] += Math.log((shape + n) / (n + 1));
            }
        }
        return logs;
    }

    private static double overFish(double[] logs, double[] prior, int scale) {
        double sum = 0;
        for (int a = 0; a < FISH; a++) {
            sum += prior[a] * logs[scale + a];
        }
        return Math.max(sum, Double.MIN_NORMAL);
    }

    /** A gamma distribution of mean 1 over the steps of the logarithm, the narrower the more alike a kind's individuals are; what lies below the first step counts as there. */
    private static double[] prior(int width, double spread) {
        double narrower = Temperament.USUAL_SPREAD / spread;
        double shape = FISH_SHAPES[width] * narrower * narrower;
        double[] prior = new double[FISH];
        for (int a = 0; a < FISH; a++) {
            double log = LOWEST_FISH + STEP * a;
            prior[a] = Math.exp(shape * (log - Math.exp(log)));
        }
        prior[0] += Math.exp(shape * (LOWEST_FISH - STEP / 2)) / (shape * STEP);
        double sum = Arrays.stream(prior).sum();
        for (int a = 0; a < FISH; a++) {
            prior[a] /= sum;
        }
        return prior;
    }
}
