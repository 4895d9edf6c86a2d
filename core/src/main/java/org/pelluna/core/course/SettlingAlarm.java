package org.pelluna.core.course;

import java.util.List;
import org.pelluna.core.question.Answers;
import org.pelluna.core.question.Question;
import org.pelluna.core.statistics.CountLaw;

/**
 * Whether a quarrel does not settle: how many times likelier what was seen is if it stays as it is, or flares up again and stays so, than if it settles. That number may be
 * looked at every day: over courses drawn from those held to be settling it would pass 20 in at most one life of twenty, however often it is looked at (Ville 1939; Vovk & Wang 2021). For one slow course that is no promise; {@code docs/calibration.md} has what was found.
 */
public final class SettlingAlarm {
    /** From here on a quarrel is said not to settle. */
    public static final double ALARM = 25;

    /** From here on it is worth an eye. */
    public static final double WATCHFUL = 6;

    /** Courses that a keeper would call settling: most of it gone within some weeks. */
    private static final double[] HALF_LIVES = {5, 10, 21};

    private static final double[] RESTS = {0.05, 0.15, 0.3};
    private static final int FIRST_FLARE = 5;
    private static final int FLARES_APART = 4;
    /** Flares to 2, 4 and 8 times, in steps of a level. */
    private static final double[] FLARES = {
        Math.log(2) / Course.STEP, Math.log(4) / Course.STEP, Math.log(8) / Course.STEP
    };

    /** Levels below and above those of a course to which a flare, or what is left of it, can come. */
    private static final int OFFSET = 12;

    private static final int WIDE = Course.LEVELS + 2 * OFFSET;

    private SettlingAlarm() {}

    /**
     * How many times likelier unrest is than settling, as a question that can be remembered.
     *
     * @param watches the watches of one pair, or of all, in order of their days
     */
    public record Asked(List<Watched> watches) implements Question<Double> {
        public Asked {
            watches = List.copyOf(watches);
        }

        @Override
        public Double answer(Answers answers) {
            return of(watches);
        }
    }

    /** How many times likelier unrest is than settling; 1 where nothing was watched. */
    public static double of(List<Watched> watches) {
        if (watches.isEmpty()) {
            return 1;
        }
        double constant = constant(watches);
        double flaring = flaring(watches);
        double unrest = Double.isInfinite(flaring)
                ? constant
                : new LogSum().add(constant).add(flaring).log() - Math.log(2);
        return Math.exp(unrest - settling(watches));
    }

    private static double settling(List<Watched> watches) {
        LogSum sum = new LogSum();
        double prior = -Math.log(Scatter.POSSIBLE.size() * (double) HALF_LIVES.length * RESTS.length);
        for (Scatter scatter : Scatter.POSSIBLE) {
            for (double halfLife : HALF_LIVES) {
                for (double rest : RESTS) {
                    double[] logs = scatter.logs(watches, means(watches, halfLife, rest), Course.LEVELS);
                    for (int level = 0; level < Course.LEVELS; level++) {
                        sum.add(Priors.level(level) + prior + logs[level]);
                    }
                }
            }
        }
        return sum.log();
    }

    /** The logarithms of the means of some watches at the lowest level. */
    private static double[] means(List<Watched> watches, double halfLife, double rest) {
        return watches.stream()
                .mapToDouble(
                        watch -> Math.log(watch.hours() * Course.left(halfLife, rest, watch.day())) + Course.LOWEST)
                .toArray();
    }

    private static double constant(List<Watched> watches) {
        LogSum sum = new LogSum();
        double prior = -Math.log(CountLaw.POSSIBLE.size());
        for (CountLaw law : CountLaw.POSSIBLE) {
            double[][] after = after(law, watches);
            for (int level = 0; level < Course.LEVELS; level++) {
                sum.add(Priors.level(level) + prior + after[0][level + OFFSET]);
            }
        }
        return sum.log();
    }

    /** It settles until some day, and stays from then on at a multiple of what it had come to. */
    private static double flaring(List<Watched> watches) {
        double last = watches.get(watches.size() - 1).day();
        int days = (int) Math.max(0, (last - FIRST_FLARE) / FLARES_APART + 1);
        if (last < FIRST_FLARE) {
            return Double.NEGATIVE_INFINITY;
        }
        double prior =
                -Math.log(days * (double) FLARES.length * CountLaw.POSSIBLE.size() * HALF_LIVES.length * RESTS.length);
        LogSum sum = new LogSum();
        for (CountLaw law : CountLaw.POSSIBLE) {
            double[][] after = after(law, watches);
            for (double halfLife : HALF_LIVES) {
                for (double rest : RESTS) {
                    flaring(watches, days, law, halfLife, rest, after, prior, sum);
                }
            }
        }
        return sum.log();
    }

    private static void flaring(
            List<Watched> watches,
            int days,
            CountLaw law,
            double halfLife,
            double rest,
            double[][] after,
            double prior,
            LogSum sum) {
        double[] means = means(watches, halfLife, rest);
        double[] come = new double[days];
        int[] next = new int[days];
        for (int i = 0; i < days; i++) {
            int day = FIRST_FLARE + i * FLARES_APART;
            come[i] = OFFSET + Math.log(Course.left(halfLife, rest, day)) / Course.STEP;
            while (next[i] < watches.size() && watches.get(next[i]).day() < day) {
                next[i]++;
            }
        }
        for (int level = 0; level < Course.LEVELS; level++) {
            double before = Priors.level(level) + prior;
            int seen = 0;
            for (int i = 0; i < days; i++) {
                for (; seen < next[i]; seen++) {
                    before += Course.log(law, watches.get(seen), means[seen] + Course.STEP * level);
                }
                for (double flare : FLARES) {
                    int then = (int) Math.round(level + come[i] + flare);
                    sum.add(before + after[seen][Math.max(0, Math.min(WIDE - 1, then))]);
                }
            }
        }
    }

    /** For each watch and level: the logarithm of the chance of it and all after it, at that level for good. */
    private static double[][] after(CountLaw law, List<Watched> watches) {
        double[][] after = new double[watches.size() + 1][WIDE];
        for (int i = watches.size() - 1; i >= 0; i--) {
            Watched watch = watches.get(i);
            for (int level = 0; level < WIDE; level++) {
                after[i][level] = after[i + 1][level]
                        + Course.log(
                                law, watch, Math.log(watch.hours()) + Course.LOWEST + Course.STEP * (level - OFFSET));
            }
        }
        return after;
    }
}
