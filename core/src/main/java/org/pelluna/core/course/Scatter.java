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
    /** Every scatter held possible, all as likely beforehand. */
    static final List<Scatter> POSSIBLE = Stream.concat(
                    CountLaw.POSSIBLE.stream().map(law -> new Scatter(law, false)),
                    Stream.of(new Scatter(CountLaw.sized(50), true)))
            .toList();

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

    private Scatter(CountLaw law, boolean moody) {
        this.law = law;
        this.moody = moody;
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
        if (moody) {
            addMoods(watches, logMeans, logs);
            return logs;
        }
        for (int i = 0; i < logMeans.length; i++) {
            Watched watch = watches.get(i);
            for (int level = 0; level < count; level++) {
                logs[level] += Course.log(law, watch, logMeans[i] + Course.STEP * level);
            }
        }
        return logs;
    }

    private void addMoods(List<Watched> watches, double[] logMeans, double[] logs) {
        double[][] moods = new double[logs.length][];
        Arrays.setAll(moods, level -> STEPS[LONGEST_GAP][MOODS / 2].clone());
        double[] seen = new double[logs.length + 2 * HALF];
        double[] next = new double[MOODS];
        for (int i = 0; i < logMeans.length; i++) {
            Watched watch = watches.get(i);
            double most = Double.NEGATIVE_INFINITY;
            for (int level = 0; level < seen.length; level++) {
                seen[level] = Course.log(law, watch, logMeans[i] + Course.STEP * (level - HALF) - SPREAD * SPREAD / 2);
                most = Math.max(most, seen[level]);
            }
            for (int level = 0; level < seen.length; level++) {
                seen[level] = Math.exp(Math.max(seen[level] - most, -600));
            }
            double gap = i == 0 ? 0 : watch.day() - watches.get(i - 1).day();
            double[][] step = STEPS[(int) Math.min(LONGEST_GAP, Math.round(gap))];
            for (int level = 0; level < logs.length; level++) {
                logs[level] += most + Math.log(advance(moods[level], next, step, seen, level));
            }
        }
    }

    /** Moves the chances of the moods on to the next watch and weighs them by it; gives its chance, and leaves them summing to one. */
    private static double advance(double[] moods, double[] next, double[][] step, double[] seen, int level) {
        Arrays.fill(next, 0);
        for (int from = 0; from < MOODS; from++) {
            double chance = moods[from];
            double[] to = step[from];
            for (int mood = 0; mood < MOODS; mood++) {
                next[mood] += chance * to[mood];
            }
        }
        double sum = 0;
        for (int mood = 0; mood < MOODS; mood++) {
            next[mood] *= seen[level + APART * mood];
            sum += next[mood];
        }
        for (int mood = 0; mood < MOODS; mood++) {
            moods[mood] = sum > 0 ? next[mood] / sum : 0;
        }
        return sum;
    }
}
