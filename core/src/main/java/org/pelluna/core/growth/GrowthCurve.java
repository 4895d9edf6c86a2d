package org.pelluna.core.growth;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;

/**
 * Length of one fish over time: von Bertalanffy 1938, L(t) = L∞ − (L∞ − L0)·e^(−K·t), from the length on arrival.
 *
 * <p>A fish bought at or above its expected adult length stays as it is.
 *
 * @param startsOn the day on which the fish has its starting length
 * @param startLengthCm length on that day, cm, above 0
 * @param adultLengthCm length it grows towards (L∞), cm, above 0
 * @param ratePerYear growth rate K per year, above 0
 */
public record GrowthCurve(LocalDate startsOn, double startLengthCm, double adultLengthCm, double ratePerYear) {
    private static final double DAYS_PER_YEAR = 365.25;

    public GrowthCurve {
        if (!(startLengthCm > 0 && adultLengthCm > 0 && ratePerYear > 0)) {
            throw new IllegalArgumentException("lengths and growth rate must be above 0, but were " + startLengthCm
                    + " cm, " + adultLengthCm + " cm and " + ratePerYear + " per year");
        }
    }

    /** Length in cm on a date; before the start, the starting length. */
    public double lengthCmOn(LocalDate date) {
        if (startLengthCm >= adultLengthCm || !date.isAfter(startsOn)) {
            return startLengthCm;
        }
        double years = ChronoUnit.DAYS.between(startsOn, date) / DAYS_PER_YEAR;
        return adultLengthCm - (adultLengthCm - startLengthCm) * Math.exp(-ratePerYear * years);
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
