package org.pelluna.core.pressure;

import org.pelluna.core.finding.Provenance;

/**
 * How hostility falls from the day two fish meet: to a rest, by half of what is above it in every half-life. It is the one answer to
 * how fast tension settles; prediction, alarm and the learning of individuals all ask it.
 *
 * @param rest share of the first rate that stays for good, 0 to 1
 * @param halfLifeDays days in which half of what is above the rest goes
 * @param restSpread standard deviation of the rest between pairs
 * @param halfLifeLogSpread standard deviation of the half-life's natural logarithm between pairs
 * @param from where the figures come from
 */
public record SettlingCourse(
        double rest, double halfLifeDays, double restSpread, double halfLifeLogSpread, Provenance from) {

    /**
     * What is expected of two fish of which nothing is known: the rest is the mean of a beta distribution (1, 2.5), the half-life the
     * median of a log-normal one. Common practice has it that a pecking order is settled in two or three weeks.
     */
    public static final SettlingCourse USUAL = new SettlingCourse(
            2 / 7.0,
            8,
            0.213,
            1,
            Provenance.own(
                    "half of what is above a rest of two sevenths goes in eight days; an estimate of common practice"));

    /** The temper of a fish whose quarrels a keeper comes to watch; our own estimate. */
    private static final double QUARRELSOME = 0.7;

    public SettlingCourse {
        if (!(rest >= 0 && rest <= 1) || !(halfLifeDays > 0)) {
            throw new IllegalArgumentException("attacks settle to a rest of 0 to 1 with a half-life above 0, but was "
                    + rest + ", " + halfLifeDays);
        }
    }

    /**
     * Share of the first rate that is left after some days together, of a quarrel of which no more is known; 1 on the first day and
     * before.
     */
    public double left(double days) {
        return left(days, QUARRELSOME);
    }

    /**
     * The same of a fish of a known temper: a mild one lets go, a fierce one keeps at it. What stays for good goes with the temper, so
     * that a dozen peaceful fish that have long lived together are nearly left alone.
     *
     * @param temper temper toward the other, 0 to 1
     */
    public double left(double days, double temper) {
        double stays = Math.min(1, rest * temper / QUARRELSOME);
        return days <= 0 ? 1 : stays + (1 - stays) * Math.pow(0.5, days / halfLifeDays);
    }
}
