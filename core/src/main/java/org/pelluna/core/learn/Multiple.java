package org.pelluna.core.learn;

import org.pelluna.core.statistics.Interval;

/** How many times as much as expected: values in even steps of their logarithm, with the chance of each. */
public final class Multiple {
    private final double lowest;
    private final double step;
    private final double[] chances;

    /**
     * @param lowest the logarithm of the first value
     * @param step the step between logarithms
     * @param weights how likely each is; need not sum to 1
     */
    Multiple(double lowest, double step, double[] weights) {
        double sum = 0;
        for (double one : weights) {
            sum += one;
        }
        this.lowest = lowest;
        this.step = step;
        this.chances = new double[weights.length];
        for (int i = 0; i < weights.length; i++) {
            chances[i] = weights[i] / sum;
        }
    }

    /** The middle of it. */
    public double middle() {
        return quantile(0.5);
    }

    /** The interval that holds it with a given chance. */
    public Interval interval(double level) {
        return new Interval(quantile((1 - level) / 2), quantile((1 + level) / 2));
    }

    /**
     * How likely it is about each of some values, over the likeliest.
     *
     * @param lowest the logarithm of the first value
     * @param step the step between logarithms
     * @param count how many values
     */
    public double[] heights(double lowest, double step, int count) {
        double[] heights = new double[count];
        double most = 0;
        for (int i = 0; i < count; i++) {
            double at = (lowest + step * i - this.lowest) / this.step;
            int below = (int) Math.floor(at);
            double part = at - below;
            heights[i] = (1 - part) * chance(below) + part * chance(below + 1);
            most = Math.max(most, heights[i]);
        }
        for (int i = 0; i < count; i++) {
            heights[i] = most > 0 ? heights[i] / most : 0;
        }
        return heights;
    }

    /**
     * How many times as large as another, which is known independently and has the same step.
     *
     * @param other what it is divided by
     */
    Multiple over(Multiple other) {
        double[] ratios = new double[chances.length + other.chances.length - 1];
        for (int i = 0; i < chances.length; i++) {
            for (int j = 0; j < other.chances.length; j++) {
                ratios[i - j + other.chances.length - 1] += chances[i] * other.chances[j];
            }
        }
        return new Multiple(lowest - other.lowest - step * (other.chances.length - 1), step, ratios);
    }

    /** So many values, each as likely as the next. */
    double[] nodes(int count) {
        double[] nodes = new double[count];
        for (int i = 0; i < count; i++) {
            nodes[i] = quantile((i + 0.5) / count);
        }
        return nodes;
    }

    private double chance(int i) {
        return i >= 0 && i < chances.length ? chances[i] : 0;
    }

    private double quantile(double chance) {
        double sum = 0;
        for (int i = 0; i < chances.length; i++) {
            if (sum + chances[i] >= chance) {
                // A step stands for all between the middles to its neighbours.
                double part = chances[i] > 0 ? (chance - sum) / chances[i] - 0.5 : 0;
                return Math.exp(lowest + step * (i + part));
            }
            sum += chances[i];
        }
        return Math.exp(lowest + step * (chances.length - 1));
    }
}
