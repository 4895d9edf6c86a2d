package org.pelluna.core.growth;

/**
 * What a fish grows towards and how fast, with what is not known of it.
 *
 * @param adultLengthCm length it grows towards (L∞), cm, above 0
 * @param ratePerYear growth rate K per year, above 0
 * @param adultSpread one standard deviation of the adult length between individuals, as a share of it, above 0 and below 1
 * @param rateSpread the same of the rate
 */
public record GrowthParameters(double adultLengthCm, double ratePerYear, double adultSpread, double rateSpread) {
    /** Spread of adult lengths where no figure of the kind's own is known; our own estimate. */
    public static final double USUAL_ADULT_SPREAD = 0.1;

    /** Spread of rates where no figure of the kind's own is known; our own estimate. */
    public static final double USUAL_RATE_SPREAD = 0.3;

    /** Error of one length read through the glass, as a share of it; our own estimate. */
    private static final double READING_ERROR = 0.05;

    private static final double WIDEST = 3;
    private static final double STEP = 0.5;
    private static final double SMALLEST_SPREAD = 0.02;

    public GrowthParameters {
        if (!(adultLengthCm > 0 && ratePerYear > 0)) {
            throw new IllegalArgumentException("adult length and growth rate must be above 0, but were " + adultLengthCm
                    + " cm and " + ratePerYear + " per year");
        }
        if (!(adultSpread > 0 && adultSpread < 1 && rateSpread > 0 && rateSpread < 1)) {
            throw new IllegalArgumentException(
                    "spreads are shares between 0 and 1, but were " + adultSpread + " and " + rateSpread);
        }
    }

    /** The usual spread of individuals about a kind's figures. */
    public GrowthParameters(double adultLengthCm, double ratePerYear) {
        this(adultLengthCm, ratePerYear, USUAL_ADULT_SPREAD, USUAL_RATE_SPREAD);
    }

    /** The length after some years of growth, cm; a fish at or above its adult length stays as it is. */
    double lengthCm(double startCm, double years) {
        return length(startCm, adultLengthCm, ratePerYear, years);
    }

    private static double length(double startCm, double adultCm, double rate, double years) {
        return startCm >= adultCm ? startCm : adultCm - (adultCm - startCm) * Math.exp(-rate * years);
    }

    /** One standard deviation to the fast or the slow side in both. */
    GrowthParameters band(boolean fast) {
        return fast
                ? new GrowthParameters(
                        adultLengthCm * (1 + adultSpread), ratePerYear * (1 + rateSpread), adultSpread, rateSpread)
                : new GrowthParameters(
                        adultLengthCm * (1 - adultSpread), ratePerYear * (1 - rateSpread), adultSpread, rateSpread);
    }

    /**
     * What is believed of this fish once it was measured again: Bayes' rule on a grid, with log-normal spreads of adult length and
     * rate before, and an error of reading at both ends. What the two have to do with one another afterwards is not kept.
     *
     * @param startCm length when it was measured first, cm
     * @param years years between the two
     * @param seenCm length when it was measured again, cm
     */
    GrowthParameters seen(double startCm, double years, double seenCm) {
        double error = READING_ERROR * Math.hypot(startCm, seenCm);
        Moments adult = new Moments();
        Moments rate = new Moments();
        for (double a = -WIDEST; a <= WIDEST; a += STEP) {
            double logAdult = Math.log(adultLengthCm) + a * Math.log1p(adultSpread);
            double adultCm = Math.exp(logAdult);
            for (double k = -WIDEST; k <= WIDEST; k += STEP) {
                double logRate = Math.log(ratePerYear) + k * Math.log1p(rateSpread);
                double off = (seenCm - length(startCm, adultCm, Math.exp(logRate), years)) / error;
                double weight = Math.exp(-(a * a + k * k + off * off) / 2);
                adult.add(logAdult, weight);
                rate.add(logRate, weight);
            }
        }
        // A length no such fish can have is a slip or another fish: it changes nothing that is believed.
        return adult.weight < Math.exp(-50)
                ? this
                : new GrowthParameters(Math.exp(adult.mean()), Math.exp(rate.mean()), adult.spread(), rate.spread());
    }

    /** Weighted mean and standard deviation of logarithms. */
    private static final class Moments {
        private double weight;
        private double sum;
        private double squares;

        void add(double value, double by) {
            weight += by;
            sum += by * value;
            squares += by * value * value;
        }

        double mean() {
            return sum / weight;
        }

        double spread() {
            double variance = Math.max(0, squares / weight - mean() * mean());
            return Math.max(SMALLEST_SPREAD, Math.expm1(Math.sqrt(variance)));
        }
    }
}
