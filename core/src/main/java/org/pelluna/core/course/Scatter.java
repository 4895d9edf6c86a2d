package org.pelluna.core.course;

import java.util.List;
import org.pelluna.core.statistics.CountLaw;

/**
 * How the encounters of a tank scatter, as it is watched: how likely each {@link CountLaw} is by its other quarrels. A quarrel of which little was seen is judged by what is known of the
 * others; that it scatters exactly as they do is not taken for granted, so their evidence counts by half.
 */
public final class Scatter {
    /** Nothing is known: every law is as likely. */
    public static final Scatter EVEN = new Scatter(new double[CountLaw.POSSIBLE.size()]);

    private static final double COUNTS_BY = 0.5;
    private static final double[] HALF_LIVES = Priors.halfLives(6);
    private static final double[] RESTS = Priors.rests(4);

    private final double[] logs;

    private Scatter(double[] evidence) {
        LogSum all = new LogSum();
        for (double one : evidence) {
            all.add(one);
        }
        this.logs = new double[evidence.length];
        for (int i = 0; i < logs.length; i++) {
            logs[i] = evidence[i] - all.log();
        }
    }

    /** What some quarrels say, each of a course of its own. */
    public static Scatter of(List<List<Watched>> quarrels) {
        double[] evidence = new double[CountLaw.POSSIBLE.size()];
        for (List<Watched> quarrel : quarrels) {
            for (int i = 0; i < evidence.length; i++) {
                evidence[i] += COUNTS_BY * evidence(CountLaw.POSSIBLE.get(i), quarrel);
            }
        }
        return new Scatter(evidence);
    }

    private static double evidence(CountLaw law, List<Watched> watches) {
        LogSum sum = new LogSum();
        for (double halfLife : HALF_LIVES) {
            for (double rest : RESTS) {
                double[] levels = Course.levels(law, halfLife, rest, watches, 0, Course.LEVELS);
                for (int level = 0; level < levels.length; level++) {
                    sum.add(levels[level] + Priors.level(level));
                }
            }
        }
        return sum.log();
    }

    /** The logarithm of the chance of a law, by its place among the possible. */
    double log(int law) {
        return logs[law];
    }
}
