package org.pelluna.core.growth;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import org.pelluna.core.finding.Explained;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.units.Numbers;

/**
 * Length of one fish over time: von Bertalanffy 1938, L(t) = L∞ − (L∞ − L0)·e^(−K·t), from the length on arrival.
 *
 * <p>A fish bought at or above its expected adult length stays as it is.
 *
 * @param startsOn the day on which the fish has its starting length
 * @param startLengthCm length on that day, cm, above 0
 * @param adultLengthCm length it grows towards (L∞), cm, above 0
 * @param ratePerYear growth rate K per year, above 0
 * @param earlier its lengths before that day, if it was measured before; empty if not
 */
public record GrowthCurve(
        LocalDate startsOn,
        double startLengthCm,
        double adultLengthCm,
        double ratePerYear,
        Optional<GrowthCurve> earlier) {
    /** Where the curve comes from; the spread of individuals is our own. */
    private static final Provenance SOURCE = Provenance.published(
            "von Bertalanffy 1938, Human Biology 10; the spread of individuals is our own estimate");

    private static final double DAYS_PER_YEAR = 365.25;
    private static final double RATE_SPREAD = 0.3;
    private static final double LENGTH_SPREAD = 0.1;

    /** The growth of a fish that was measured once. */
    public GrowthCurve(LocalDate startsOn, double startLengthCm, double adultLengthCm, double ratePerYear) {
        this(startsOn, startLengthCm, adultLengthCm, ratePerYear, Optional.empty());
    }

    public GrowthCurve {
        if (!(startLengthCm > 0 && adultLengthCm > 0 && ratePerYear > 0)) {
            throw new IllegalArgumentException("lengths and growth rate must be above 0, but were " + startLengthCm
                    + " cm, " + adultLengthCm + " cm and " + ratePerYear + " per year");
        }
    }

    /**
     * How fast or slowly the same fish may grow: individuals differ by about a third in rate and a tenth in length. Our own
     * estimate.
     *
     * @param fast whether to look at the fast side
     */
    public GrowthCurve band(boolean fast) {
        double rate = fast ? 1 + RATE_SPREAD : 1 - RATE_SPREAD;
        double length = fast ? 1 + LENGTH_SPREAD : 1 - LENGTH_SPREAD;
        return new GrowthCurve(startsOn, startLengthCm, adultLengthCm * length, ratePerYear * rate, earlier);
    }

    /** The same fish measured again on a later day. */
    public GrowthCurve measured(LocalDate on, double lengthCm) {
        return new GrowthCurve(on, lengthCm, adultLengthCm, ratePerYear, Optional.of(this));
    }

    /** Length in cm on a date; before it was first measured, the length it had then. */
    public double lengthCmOn(LocalDate date) {
        if (earlier.isPresent() && date.isBefore(startsOn)) {
            return earlier.get().lengthCmOn(date);
        }
        if (startLengthCm >= adultLengthCm || !date.isAfter(startsOn)) {
            return startLengthCm;
        }
        double years = ChronoUnit.DAYS.between(startsOn, date) / DAYS_PER_YEAR;
        return adultLengthCm - (adultLengthCm - startLengthCm) * Math.exp(-ratePerYear * years);
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
        String adult = written.apply(adultLengthCm);
        boolean grows = startLengthCm < adultLengthCm && on.isAfter(startsOn);
        double years = ChronoUnit.DAYS.between(startsOn, on) / DAYS_PER_YEAR;
        return new Explained(
                "A fish grows fast while small, and ever more slowly towards its adult length.",
                grows
                        ? adult + " − (" + adult + " − " + start + ") × e^(−" + Numbers.plain(ratePerYear, 2) + " × "
                                + Numbers.plain(years, 2) + ") = " + written.apply(lengthCmOn(on))
                        : start + ", as it was measured or came",
                List.of(
                        start + " on " + startsOn + "; years since: " + Numbers.plain(Math.max(0, years), 2),
                        adult + ": the adult length of its kind, or what you say it grows to",
                        Numbers.plain(ratePerYear, 2) + " a year: how fast its kind grows",
                        "individuals differ by about a third in rate and a tenth in length: today "
                                + written.apply(band(false).lengthCmOn(on)) + " to "
                                + written.apply(band(true).lengthCmOn(on))),
                SOURCE);
    }

    /** The first day on which the fish is at least this long; empty if it never will be. */
    public Optional<LocalDate> reaches(double lengthCm) {
        if (lengthCm <= startLengthCm) {
            return Optional.of(startsOn);
        }
        if (lengthCm >= adultLengthCm) {
            return Optional.empty();
        }
        double years = Math.log((adultLengthCm - startLengthCm) / (adultLengthCm - lengthCm)) / ratePerYear;
        return Optional.of(startsOn.plusDays((long) Math.ceil(years * DAYS_PER_YEAR)));
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
