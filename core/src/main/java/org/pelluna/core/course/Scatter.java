package org.pelluna.core.course;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.pelluna.core.statistics.CountLaw;

/**
 * How the attacks of a fight scatter about its course: by a law for each watch, and in some tanks also by moods that last some evenings. The
 * logarithm of a mood is normal and falls back to the usual by a fifth a day (an autoregression of first order; Zeger 1988, Biometrika 75, for
 * counts with such a latent course). Which scatter holds is not known, so each is held possible.
 */
final class Scatter {
    /** Every scatter held possible; beforehand bouts of twelve are a fiftieth as likely as each other: were they as likely, no tank could be called calm. */
    static final List<Scatter> POSSIBLE = Stream.concat(
                    CountLaw.POSSIBLE.stream().map(law -> new Scatter(law, false, 1)),
                    Stream.of(new Scatter(CountLaw.inBouts(12), false, 0.02), new Scatter(CountLaw.sized(50), true, 1)))
            .toList();

    private static final double ALL =
            POSSIBLE.stream().mapToDouble(one -> one.weight).sum();

    /** Spread of the logarithm of a mood, and its correlation with that of the day before; ours, by what keepers' logs look like. */
    private static final double SPREAD = 0.9;

    private static final double FROM_DAY_TO_DAY = 0.8;
    private static final int MOODS = 7;
    /** Moods lie so many levels apart. */
    private static final int APART = 2;

    private static final int HALF = APART * (MOODS / 2);
    private static final int LONGEST_GAP = 20;

    /** For each gap in days, the chance of each mood after each; the last is as good as forgotten. */
    private static final double[][][] STEPS = new double[LONGEST_GAP + 1][][];

    static {
        for (int gap = 0; gap <= LONGEST_GAP; gap++) {
            STEPS[gap] = step(gap);
        }
    }

    private final CountLaw law;
    private final boolean moody;

    private final double weight;

    private Scatter(CountLaw law, boolean moody, double weight) {
        this.law = law;
        this.moody = moody;
        this.weight = weight;
    }

    /** The logarithm of the chance that it holds, beforehand. */
    double logChance() {
        return Math.log(weight / ALL);
    }

    /** Whether a course is asked of this scatter: with moods, which take long to sum over, every second half-life and share that stays is. */
    boolean isAskedOf(int halfLife, int rest) {
        return !moody || (halfLife % 2 == 0 && rest % 2 == 0);
    }

    private static double[][] step(int gap) {
        double kept = Math.pow(FROM_DAY_TO_DAY, gap);
        double spread = SPREAD * Math.sqrt(1 - kept * kept);
        double[][] chances = new double[MOODS][MOODS];
        for (int from = 0; from < MOODS; from++) {
            double sum = 0;
            for (int to = 0; to < MOODS; to++) {
                double off = mood(to) - kept * mood(from);
                double chance = gap == 0 ? (from == to ? 1 : 0) : Math.exp(-off * off / (2 * spread * spread));
                chances[from][to] = chance;
                sum += chance;
            }
            for (int to = 0; to < MOODS; to++) {
                chances[from][to] /= sum;
            }
        }
        return chances;
    }

    private static double mood(int place) {
        return Course.STEP * (APART * place - HALF);
    }

    /**
     * The logarithm of the chance of some watches at each of some levels.
     *
     * @param watches in order of their days
     * @param logMeans the logarithm of the mean of each watch at the lowest level
     * @param count how many levels
     */
    double[] logs(List<Watched> watches, double[] logMeans, int count) {
        double[] logs = new double[count];
        if (!moody) {
            for (int i = 0; i < logMeans.length; i++) {
                Watched watch = watches.get(i);
                for (int level = 0; level < count; level++) {
                    logs[level] += Course.log(law, watch, logMeans[i] + Course.STEP * level);
                }
            }
            return logs;
        }
        double[][] now = new double[count][];
        for (int level = 0; level < count; level++) {
            now[level] = STEPS[LONGEST_GAP][MOODS / 2].clone();
        }
        double before = Double.NaN;
        for (int i = 0; i < logMeans.length; i++) {
            Watched watch = watches.get(i);
            double[] seen = new double[count + 2 * HALF];
            double most = Double.NEGATIVE_INFINITY;
            for (int level = 0; level < seen.length; level++) {
                seen[level] = Course.log(law, watch, logMeans[i] + Course.STEP * (level - HALF) - SPREAD * SPREAD / 2);
                most = Math.max(most, seen[level]);
            }
            for (int level = 0; level < seen.length; level++) {
                seen[level] = Math.exp(Math.max(seen[level] - most, -600));
            }
            int gap = Double.isNaN(before) ? 0 : (int) Math.min(LONGEST_GAP, Math.round(watch.day() - before));
            before = watch.day();
            for (int level = 0; level < count; level++) {
                logs[level] += most + Math.log(advance(now[level], STEPS[gap], seen, level));
            }
        }
        return logs;
    }

    /** Moves the chances of the moods on to the next watch and weighs them by it; gives its chance, and leaves them summing to one. */
    private static double advance(double[] moods, double[][] step, double[] seen, int level) {
        double[] next = new double[MOODS];
        for (int from = 0; from < MOODS; from++) {
            for (int to = 0; to < MOODS; to++) {
                next[to] += moods[from] * step[from][to];
            }
        }
        double sum = 0;
        for (int to = 0; to < MOODS; to++) {
            next[to] *= seen[level + APART * to];
            sum += next[to];
        }
        double scale = sum > 0 ? 1 / sum : 0;
        Arrays.setAll(moods, place -> next[place] * scale);
        return sum;
    }
}
