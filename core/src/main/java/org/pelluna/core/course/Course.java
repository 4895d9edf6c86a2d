package org.pelluna.core.course;

import java.util.Arrays;
import java.util.List;
import java.util.function.IntToDoubleFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.pelluna.core.question.Answers;
import org.pelluna.core.question.Question;
import org.pelluna.core.statistics.CountLaw;
import org.pelluna.core.statistics.Interval;

/**
 * What the watches say of one quarrel that settles: its rate on the first day, how fast it falls, what of it stays, and how its encounters come in bouts.
 * Each is held possible in steps, by the priors of {@link org.pelluna.core.pressure.SettlingCourse#USUAL}; the first rate in steps of its logarithm, three an hour
 * in the middle.
 */
public final class Course {
    static final double LOWEST = -4.5;
    static final double STEP = 0.3;
    static final int LEVELS = 31;

    private static final int BISECTIONS = 50;

    /** Nodes as unlikely as this move no interval: all of them together weigh less than a millionth. */
    private static final double NEGLIGIBLE = 1e-11;

    private static final double[] HALF_LIVES = Priors.HALF_LIVES;
    private static final double[] RESTS = Priors.RESTS;

    private final List<Watched> watches;
    private final double[] weights;
    private final int[] likely;

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
        this.likely = IntStream.range(0, weights.length)
                .filter(node -> weights[node] > NEGLIGIBLE)
                .toArray();
    }

    /**
     * What some watches say, as a question that can be remembered.
     *
     * @param watches the watches of one pair, or of all, in order of their days
     */
    public record Asked(List<Watched> watches) implements Question<Course> {
        public Asked {
            watches = List.copyOf(watches);
        }

        @Override
        public Course answer(Answers answers) {
            return of(watches);
        }
    }

    /** What some watches say. */
    public static Course of(List<Watched> watches) {
        double[] logs = new double[CountLaw.POSSIBLE.size() * HALF_LIVES.length * RESTS.length * LEVELS];
        for (int node = 0; node < logs.length; node++) {
            logs[node] = Priors.level(level(node))
                    + Priors.halfLife(halfLifeStep(node))
                    + Priors.rest(node / LEVELS % RESTS.length)
                    - Math.log(CountLaw.POSSIBLE.size());
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

    private static int halfLifeStep(int node) {
        return node / (LEVELS * RESTS.length) % HALF_LIVES.length;
    }

    private static double halfLife(int node) {
        return HALF_LIVES[halfLifeStep(node)];
    }

    private static double rate(int node, double day) {
        return Math.exp(LOWEST + STEP * level(node)) * left(halfLife(node), rest(node), day);
    }

    /** The same after one more watch. */
    public Course and(Watched watch) {
        double[] logs = new double[weights.length];
        for (int node = 0; node < logs.length; node++) {
            logs[node] = Math.log(weights[node]);
        }
        add(watch, logs);
        return new Course(Stream.concat(watches.stream(), Stream.of(watch)).toList(), logs);
    }

    public List<Watched> watches() {
        return watches;
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

    private Interval interval(IntToDoubleFunction value, double level) {
        double[] values = Arrays.stream(likely).mapToDouble(value).toArray();
        double low = quantile(values, (1 - level) / 2);
        return new Interval(low, level == 0 ? low : Math.max(low, quantile(values, (1 + level) / 2)));
    }

    /** The least value that holds a share of the weights below it, by bisection. */
    private double quantile(double[] values, double share) {
        double high = 0;
        for (double one : values) {
            high = Double.isInfinite(one) ? high : Math.max(high, one);
        }
        if (below(values, high) < share) {
            return Double.POSITIVE_INFINITY;
        }
        double low = 0;
        for (int i = 0; i < BISECTIONS; i++) {
            double middle = (low + high) / 2;
            if (below(values, middle) < share) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return high;
    }

    private double below(double[] values, double most) {
        double sum = 0;
        for (int i = 0; i < values.length; i++) {
            sum += values[i] <= most ? weights[likely[i]] : 0;
        }
        return sum;
    }
}
