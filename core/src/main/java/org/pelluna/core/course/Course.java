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

    /** The bits of a double that hold the place of a node while values are sorted. */
    private static final long PLACE = 0x7FFF;

    /** Nodes as unlikely as this move no interval: all of them together weigh less than a millionth. */
    private static final double NEGLIGIBLE = 1e-11;

    private static final double[] HALF_LIVES = Priors.HALF_LIVES;
    private static final double[] RESTS = Priors.RESTS;

    /** Encounters an hour on the first day, by level. */
    private static final double[] FIRST_RATES = IntStream.range(0, LEVELS)
            .mapToDouble(level -> Math.exp(LOWEST + STEP * level))
            .toArray();

    private static final int NODES = Scatter.POSSIBLE.size() * HALF_LIVES.length * RESTS.length * LEVELS;

    private final List<Watched> watches;

    /** The nodes that are not negligible, and the weight of each. */
    private final int[] likely;

    private final double[] weights;

    private Course(List<Watched> watches, double[] logs) {
        this.watches = watches;
        double most = Double.NEGATIVE_INFINITY;
        for (double one : logs) {
            most = Math.max(most, one);
        }
        double sum = 0;
        double[] all = new double[logs.length];
        for (int i = 0; i < logs.length; i++) {
            all[i] = Math.exp(logs[i] - most);
            sum += all[i];
        }
        double least = NEGLIGIBLE * sum;
        this.likely =
                IntStream.range(0, all.length).filter(node -> all[node] > least).toArray();
        this.weights = new double[likely.length];
        for (int i = 0; i < likely.length; i++) {
            weights[i] = all[likely[i]] / sum;
        }
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
        public int kilobytes() {
            return 100;
        }

        @Override
        public Course answer(Answers answers) {
            return of(watches);
        }
    }

    /** What some watches say. */
    public static Course of(List<Watched> watches) {
        double[] logs = new double[NODES];
        for (int node = 0; node < logs.length; node++) {
            logs[node] = Priors.level(level(node))
                    + Priors.halfLife(halfLifeStep(node))
                    + Priors.rest(node / LEVELS % RESTS.length)
                    - Math.log(Scatter.POSSIBLE.size());
        }
        add(watches, logs);
        return new Course(List.copyOf(watches), logs);
    }

    private static void add(List<Watched> watches, double[] logs) {
        int node = 0;
        double[] logMeans = new double[watches.size()];
        for (Scatter scatter : Scatter.POSSIBLE) {
            for (int halfLife = 0; halfLife < HALF_LIVES.length; halfLife++) {
                for (int rest = 0; rest < RESTS.length; rest++) {
                    if (!scatter.isAskedOf(halfLife, rest)) {
                        Arrays.fill(logs, node, node + LEVELS, Double.NEGATIVE_INFINITY);
                        node += LEVELS;
                        continue;
                    }
                    for (int i = 0; i < logMeans.length; i++) {
                        Watched watch = watches.get(i);
                        logMeans[i] =
                                Math.log(watch.hours() * left(HALF_LIVES[halfLife], RESTS[rest], watch.day())) + LOWEST;
                    }
                    for (double log : scatter.logs(watches, logMeans, LEVELS)) {
                        logs[node++] += log;
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

    /** The same after one more watch, whose mood is taken to be as any. */
    public Course and(Watched watch) {
        double[] logs = new double[NODES];
        Arrays.fill(logs, Double.NEGATIVE_INFINITY);
        for (int i = 0; i < likely.length; i++) {
            logs[likely[i]] = Math.log(weights[i]);
        }
        add(List.of(watch), logs);
        return new Course(Stream.concat(watches.stream(), Stream.of(watch)).toList(), logs);
    }

    public List<Watched> watches() {
        return watches;
    }

    /** The chance that the rate of a day is under a given one, encounters an hour. */
    public double chanceBelow(double perHour, double day) {
        double chance = 0;
        for (int i = 0; i < likely.length; i++) {
            chance += rate(likely[i], day) < perHour ? weights[i] : 0;
        }
        return chance;
    }

    /** The rate of a day, encounters an hour: the interval that holds it with a given chance. */
    public Interval rate(double day, double level) {
        double[] left = new double[HALF_LIVES.length * RESTS.length];
        for (int i = 0; i < left.length; i++) {
            left[i] = left(HALF_LIVES[i / RESTS.length], RESTS[i % RESTS.length], day);
        }
        return interval(node -> FIRST_RATES[level(node)] * left[node / LEVELS % left.length], level);
    }

    /** The middle of the rate of a day, encounters an hour. */
    public double middle(double day) {
        return rate(day, 0).low();
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
        // Positive doubles sort as their bits do; the last bits, far below what is printed, make room for the node's
        // place.
        long[] sorted = new long[likely.length];
        for (int i = 0; i < likely.length; i++) {
            sorted[i] = (Double.doubleToLongBits(value.applyAsDouble(likely[i])) & ~PLACE) | i;
        }
        Arrays.sort(sorted);
        double low = quantile(sorted, (1 - level) / 2);
        return new Interval(low, level == 0 ? low : Math.max(low, quantile(sorted, (1 + level) / 2)));
    }

    /** The least value below or at which a share of the weights lies; infinite where even the largest finite one holds less. */
    private double quantile(long[] sorted, double share) {
        double sum = 0;
        for (long one : sorted) {
            sum += weights[(int) (one & PLACE)];
            if (sum >= share) {
                return Double.longBitsToDouble(one & ~PLACE);
            }
        }
        return Double.POSITIVE_INFINITY;
    }
}
