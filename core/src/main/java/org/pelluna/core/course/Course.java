package org.pelluna.core.course;

import java.util.List;
import java.util.function.ToDoubleFunction;
import org.hipparchus.distribution.continuous.NormalDistribution;
import org.pelluna.core.pressure.SettlingCourse;
import org.pelluna.core.statistics.CountLaw;
import org.pelluna.core.statistics.Interval;

/**
 * What the watches say of one quarrel that settles: its rate on the first day, how fast it falls, what of it stays, and how its encounters come in bouts.
 * Each is held possible in steps of equal chance, by the priors of {@link SettlingCourse#USUAL}; the first rate in steps of its logarithm, three an hour
 * in the middle.
 */
public final class Course {
    /** Half-lives held possible, each as likely: log-normal. */
    static final double[] HALF_LIVES = halfLives(6);

    /** Shares that stay, each as likely: beta (1, 2.5). */
    static final double[] RESTS = rests(4);

    static final double LOWEST = -4.5;
    static final double STEP = 0.3;
    static final int LEVELS = 31;

    private static final double USUAL_LOG_RATE = Math.log(3);
    private static final double LOG_RATE_SPREAD = 1.3;
    private static final double REST_BETA = 2.5;

    private final List<Watched> watches;
    private final double[] weights;
    private final double logEvidence;

    private Course(List<Watched> watches, double[] logs) {
        this.watches = watches;
        double most = Double.NEGATIVE_INFINITY;
        for (double one : logs) {
            most = Math.max(most, one);
        }
        double sum = 0;
        this.weights = new double[logs.length];
        for (int i = 0; i < logs.length; i++) {
            weights[i] = Math.exp(logs[i] - most);
            sum += weights[i];
        }
        for (int i = 0; i < weights.length; i++) {
            weights[i] /= sum;
        }
        this.logEvidence = most + Math.log(sum);
    }

    private static double[] halfLives(int count) {
        double[] all = new double[count];
        NormalDistribution normal = new NormalDistribution();
        for (int i = 0; i < count; i++) {
            all[i] = SettlingCourse.USUAL.halfLifeDays()
                    * Math.exp(SettlingCourse.USUAL.halfLifeLogSpread()
                            * normal.inverseCumulativeProbability((i + 0.5) / count));
        }
        return all;
    }

    private static double[] rests(int count) {
        double[] all = new double[count];
        for (int i = 0; i < count; i++) {
            all[i] = 1 - Math.pow(1 - (i + 0.5) / count, 1 / REST_BETA);
        }
        return all;
    }

    /** The logarithm of a level's prior chance, up to a constant that makes all sum to 1. */
    static double logPrior(int level) {
        double z = (LOWEST + STEP * level - USUAL_LOG_RATE) / LOG_RATE_SPREAD;
        return -z * z / 2 - Math.log(LOG_RATE_SPREAD * Math.sqrt(2 * Math.PI) / STEP);
    }

    /** What some watches say. */
    public static Course of(List<Watched> watches) {
        double[] logs = new double[CountLaw.POSSIBLE.size() * HALF_LIVES.length * RESTS.length * LEVELS];
        for (int node = 0; node < logs.length; node++) {
            logs[node] = logPrior(level(node))
                    - Math.log(CountLaw.POSSIBLE.size() * (double) HALF_LIVES.length * RESTS.length);
        }
        for (Watched watch : watches) {
            add(watch, logs);
        }
        return new Course(List.copyOf(watches), logs);
    }

    private static void add(Watched watch, double[] logs) {
        int node = 0;
        double logHours = Math.log(watch.hours());
        for (CountLaw law : CountLaw.POSSIBLE) {
            for (double halfLife : HALF_LIVES) {
                for (double rest : RESTS) {
                    double logMean = logHours + Math.log(left(halfLife, rest, watch.day())) + LOWEST;
                    for (int level = 0; level < LEVELS; level++) {
                        logs[node++] += log(law, watch, logMean + STEP * level);
                    }
                }
            }
        }
    }

    static double log(CountLaw law, Watched watch, double logMean) {
        return watch.becauseSeen() ? law.logChanceIfAny(watch.count(), logMean) : law.logChance(watch.count(), logMean);
    }

    static double left(double halfLife, double rest, double day) {
        return day <= 0 ? 1 : rest + (1 - rest) * Math.pow(0.5, day / halfLife);
    }

    private static int level(int node) {
        return node % LEVELS;
    }

    private static double rest(int node) {
        return RESTS[node / LEVELS % RESTS.length];
    }

    private static double halfLife(int node) {
        return HALF_LIVES[node / (LEVELS * RESTS.length) % HALF_LIVES.length];
    }

    private static double rate(int node, double day) {
        return Math.exp(LOWEST + STEP * level(node)) * left(halfLife(node), rest(node), day);
    }

    public List<Watched> watches() {
        return watches;
    }

    /** The logarithm of the chance of what was seen, under all that is held possible. */
    double logEvidence() {
        return logEvidence;
    }

    /** How likely each law of scatter is by now. */
    double[] laws() {
        double[] laws = new double[CountLaw.POSSIBLE.size()];
        for (int node = 0; node < weights.length; node++) {
            laws[node / (weights.length / laws.length)] += weights[node];
        }
        return laws;
    }

    /** The chance that the rate of a day is under a given one, encounters an hour. */
    public double chanceBelow(double perHour, double day) {
        double chance = 0;
        for (int node = 0; node < weights.length; node++) {
            chance += rate(node, day) < perHour ? weights[node] : 0;
        }
        return chance;
    }

    /** The rate of a day, encounters an hour: the interval that holds it with a given chance. */
    public Interval rate(double day, double level) {
        return interval(node -> rate(node, day), level);
    }

    /** The middle of the rate of a day, encounters an hour. */
    public double middle(double day) {
        return interval(node -> rate(node, day), 0).low();
    }

    /**
     * The day on which the rate falls under a given one, as the interval that holds it with a given chance; infinite where it stays above for good.
     */
    public Interval calmOn(double perHour, double level) {
        return interval(node -> calmOn(node, perHour), level);
    }

    private static double calmOn(int node, double perHour) {
        double first = Math.exp(LOWEST + STEP * level(node));
        double share = perHour / first;
        if (share >= 1) {
            return 0;
        }
        double rest = rest(node);
        return share <= rest
                ? Double.POSITIVE_INFINITY
                : -halfLife(node) * Math.log((share - rest) / (1 - rest)) / Math.log(2);
    }

    private Interval interval(ToDoubleFunction<Integer> value, double level) {
        Integer[] order = new Integer[weights.length];
        double[] values = new double[weights.length];
        for (int node = 0; node < order.length; node++) {
            order[node] = node;
            values[node] = value.applyAsDouble(node);
        }
        java.util.Arrays.sort(order, (one, other) -> Double.compare(values[one], values[other]));
        double low = values[order[0]];
        double high = values[order[order.length - 1]];
        double sum = 0;
        boolean lowFound = false;
        for (Integer node : order) {
            sum += weights[node];
            if (!lowFound && sum >= (1 - level) / 2) {
                low = values[node];
                lowFound = true;
            }
            if (sum >= (1 + level) / 2) {
                high = values[node];
                break;
            }
        }
        return new Interval(low, Math.max(low, high));
    }
}
