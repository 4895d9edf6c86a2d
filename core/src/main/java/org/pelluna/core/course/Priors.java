package org.pelluna.core.course;

import org.hipparchus.distribution.continuous.NormalDistribution;
import org.pelluna.core.pressure.SettlingCourse;

/** What is held possible of a quarrel of which nothing was seen: by {@link SettlingCourse#USUAL}, and three encounters an hour at first. */
final class Priors {
    private static final double REST_BETA = 2.5;
    private static final double WIDEST = 2.4;
    private static final int HALF_LIFE_STEPS = 9;
    private static final double USUAL_LOG_RATE = Math.log(3);
    private static final double LOG_RATE_SPREAD = 1.3;

    /** Half-lives, days: in even steps of their logarithm, so that the very slow are among them. */
    static final double[] HALF_LIVES = new double[HALF_LIFE_STEPS];

    /** Shares that stay: nothing, and from a hundredth part on ever wider apart. */
    static final double[] RESTS = {0, 0.005, 0.02, 0.05, 0.09, 0.15, 0.23, 0.34, 0.48, 0.7};

    private static final double[] HALF_LIFE_LOGS = new double[HALF_LIFE_STEPS];
    private static final double[] REST_LOGS = new double[RESTS.length];

    static {
        LogSum all = new LogSum();
        for (int i = 0; i < HALF_LIFE_STEPS; i++) {
            double z = WIDEST * (2.0 * i / (HALF_LIFE_STEPS - 1) - 1);
            HALF_LIVES[i] =
                    SettlingCourse.USUAL.halfLifeDays() * Math.exp(SettlingCourse.USUAL.halfLifeLogSpread() * z);
            HALF_LIFE_LOGS[i] = -z * z / 2;
            all.add(HALF_LIFE_LOGS[i]);
        }
        for (int i = 0; i < HALF_LIFE_STEPS; i++) {
            HALF_LIFE_LOGS[i] -= all.log();
        }
        double below = 0;
        for (int i = 0; i < RESTS.length; i++) {
            // Of all that lies nearer to it than to its neighbours.
            double edge = i + 1 < RESTS.length ? (RESTS[i] + RESTS[i + 1]) / 2 : 1;
            double upTo = 1 - Math.pow(1 - edge, REST_BETA);
            REST_LOGS[i] = Math.log(upTo - below);
            below = upTo;
        }
    }

    private Priors() {}

    /** The logarithm of the chance of a half-life. */
    static double halfLife(int step) {
        return HALF_LIFE_LOGS[step];
    }

    /** The logarithm of the chance of a share that stays. */
    static double rest(int step) {
        return REST_LOGS[step];
    }

    /** The logarithm of the chance of a level. */
    static double level(int level) {
        double z = (Course.LOWEST + Course.STEP * level - USUAL_LOG_RATE) / LOG_RATE_SPREAD;
        return -z * z / 2 - Math.log(LOG_RATE_SPREAD * Math.sqrt(2 * Math.PI) / Course.STEP);
    }

    /** So many half-lives, each as likely as the next, days. */
    static double[] halfLives(int count) {
        double[] all = new double[count];
        NormalDistribution normal = new NormalDistribution();
        for (int i = 0; i < count; i++) {
            all[i] = SettlingCourse.USUAL.halfLifeDays()
                    * Math.exp(SettlingCourse.USUAL.halfLifeLogSpread()
                            * normal.inverseCumulativeProbability((i + 0.5) / count));
        }
        return all;
    }

    /** So many shares that stay, each as likely as the next. */
    static double[] rests(int count) {
        double[] all = new double[count];
        for (int i = 0; i < count; i++) {
            all[i] = 1 - Math.pow(1 - (i + 0.5) / count, 1 / REST_BETA);
        }
        return all;
    }
}
