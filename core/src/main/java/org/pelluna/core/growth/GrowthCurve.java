package org.pelluna.core.growth;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import org.hipparchus.distribution.continuous.NormalDistribution;
import org.pelluna.core.finding.Explained;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.units.Dates;
import org.pelluna.core.units.Numbers;

/**
 * Length of one fish over time: von Bertalanffy 1938, L(t) = L∞ − (L∞ − L0)·e^(−K·t), from the length on arrival.
 *
 * <p>A fish bought at or above its expected adult length stays as it is.
 *
 * @param startsOn the day on which the fish has its starting length
 * @param startLengthCm length on that day, cm, above 0
 * @param parameters what it grows towards and how fast
 * @param earlier its lengths before that day, if it was measured before; empty if not
 */
public record GrowthCurve(
        LocalDate startsOn, double startLengthCm, GrowthParameters parameters, Optional<GrowthCurve> earlier) {
    /** Where the curve comes from; the spread of individuals is our own unless its kind has a figure. */
    private static final Provenance SOURCE = Provenance.published(
            "von Bertalanffy 1938, Human Biology 10; what lengths measured change, and the spread of individuals, is our own estimate");

    private static final double DAYS_PER_YEAR = 365.25;

    /** The growth of a fish that was measured once. */
    public GrowthCurve(LocalDate startsOn, double startLengthCm, GrowthParameters parameters) {
        this(startsOn, startLengthCm, parameters, Optional.empty());
    }

    /** The growth of a fish that was measured once, with the usual spread of individuals. */
    public GrowthCurve(LocalDate startsOn, double startLengthCm, double adultLengthCm, double ratePerYear) {
        this(startsOn, startLengthCm, new GrowthParameters(adultLengthCm, ratePerYear));
    }

    public GrowthCurve {
        if (!(startLengthCm > 0)) {
            throw new IllegalArgumentException("a length must be above 0, but was " + startLengthCm + " cm");
        }
    }

    /** Length it grows towards, cm. */
    public double adultLengthCm() {
        return parameters.adultLengthCm();
    }

    /** Growth rate K per year. */
    public double ratePerYear() {
        return parameters.ratePerYear();
    }

    /**
     * How fast or slowly the same fish may grow: one standard deviation in rate and in adult length.
     *
     * @param fast whether to look at the fast side
     */
    public GrowthCurve band(boolean fast) {
        return new GrowthCurve(startsOn, startLengthCm, parameters.band(fast), earlier);
    }

    /** The growth of a fish as long as this one, that comes on another day. */
    public GrowthCurve from(LocalDate day) {
        return new GrowthCurve(day, startLengthCm, parameters);
    }

    /** The same fish measured again on a later day: it goes on from there, faster or slower as its growth has shown. */
    public GrowthCurve measured(LocalDate on, double lengthCm) {
        return new GrowthCurve(on, lengthCm, parameters.seen(startLengthCm, years(on), lengthCm), Optional.of(this));
    }

    private double years(LocalDate until) {
        return Math.max(0, ChronoUnit.DAYS.between(startsOn, until)) / DAYS_PER_YEAR;
    }

    /** Length in cm on a date; before it was first measured, the length it had then. */
    public double lengthCmOn(LocalDate date) {
        if (earlier.isPresent() && date.isBefore(startsOn)) {
            return earlier.get().lengthCmOn(date);
        }
        return parameters.lengthCm(startLengthCm, years(date));
    }

    /**
     * How its length on a date comes about.
     *
     * @param on the date
     * @param written a length in cm as the keeper reads it
     */
    public Explained how(LocalDate on, DoubleFunction<String> written) {
        if (earlier.isPresent() && on.isBefore(startsOn)) {
            return earlier.get().how(on, written);
        }
        String start = written.apply(startLengthCm);
        String adult = written.apply(adultLengthCm());
        String rate = Numbers.plain(ratePerYear(), 2);
        String years = Numbers.plain(years(on), 2);
        boolean grows = startLengthCm < adultLengthCm() && on.isAfter(startsOn);
        return new Explained(
                "A fish grows fast while small, and ever more slowly towards its adult length.",
                grows
                        ? adult + " − (" + adult + " − " + start + ") × e^(−" + rate + " × " + years + ") = "
                                + written.apply(lengthCmOn(on))
                        : start + ", as measured or on arrival",
                List.of(
                        start + " on " + Dates.day(startsOn, on) + "; years since: " + years,
                        adult + ": the adult length of its species, or the one you entered"
                                + shown(written.apply(kinds().adultLengthCm()), adult),
                        rate + " a year: how fast its species grows"
                                + shown(Numbers.plain(kinds().ratePerYear(), 2), rate),
                        "individuals differ in rate by " + percent(parameters.rateSpread()) + " and in adult length by "
                                + percent(parameters.adultSpread()) + " (one standard deviation): today "
                                + written.apply(band(false).lengthCmOn(on)) + " to "
                                + written.apply(band(true).lengthCmOn(on))),
                SOURCE);
    }

    private static String percent(double share) {
        return Math.round(100 * share) + " %";
    }

    private GrowthParameters kinds() {
        return earlier.map(GrowthCurve::kinds).orElse(parameters);
    }

    private String shown(String kinds, String its) {
        return kinds.equals(its) ? "" : " (" + kinds + "), and what its measured lengths have shown";
    }

    /** The first day on which the fish is at least this long; empty if it never will be. */
    public Optional<LocalDate> reaches(double lengthCm) {
        if (lengthCm <= startLengthCm) {
            return Optional.of(startsOn);
        }
        double adult = adultLengthCm();
        if (lengthCm >= adult) {
            return Optional.empty();
        }
        double years = Math.log((adult - startLengthCm) / (adult - lengthCm)) / ratePerYear();
        return Optional.of(startsOn.plusDays((long) Math.ceil(years * DAYS_PER_YEAR)));
    }

    /**
     * The chance that this fish grows past a length, 0 to 1: adult lengths of individuals are taken as log-normal about what is expected of it, with
     * the spread of its kind or what its measured lengths have left of it. 1 for one that is as long already.
     *
     * @param lengthCm length, cm, above 0
     */
    public double chanceToPass(double lengthCm) {
        if (lengthCm <= startLengthCm) {
            return 1;
        }
        double spread = Math.log1p(parameters.adultSpread());
        return new NormalDistribution().cumulativeProbability(Math.log(adultLengthCm() / lengthCm) / spread);
    }

    /**
     * Mass in grams of a fish of the given length: W = a·L^b (Froese 2006, Journal of Applied Ichthyology 22).
     *
     * @param lengthCm length, cm
     * @param a condition factor, g/cm^b
     * @param b exponent, close to 3
     */
    public static double massGrams(double lengthCm, double a, double b) {
        return a * Math.pow(lengthCm, b);
    }
}
