package org.pelluna.core.units;

import java.time.LocalDate;
import java.time.YearMonth;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.Locale;

/** Dates as people read them, seen from a day. */
public final class Dates {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM", Locale.ENGLISH);
    private static final DateTimeFormatter DAY_AND_YEAR = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);
    private static final DateTimeFormatter MONTH = DateTimeFormatter.ofPattern("MMMM yyyy", Locale.ENGLISH);
    private static final int WEEKS_FROM = 14;
    private static final int MONTHS_FROM = 61;

    private Dates() {}

    /** For example {@code Wed 25 Nov}; {@code 25 Nov 2027} where it is not in the year of {@code today}. */
    public static String day(LocalDate day, LocalDate today) {
        return day.getYear() == today.getYear() ? DAY.format(day) : DAY_AND_YEAR.format(day);
    }

    /** A day that stands by itself, with its year. */
    public static String day(LocalDate day) {
        return DAY_AND_YEAR.format(day);
    }

    /** For example {@code August 2029}, for what nobody can say to the day. */
    public static String month(LocalDate day) {
        return MONTH.format(YearMonth.from(day));
    }

    /** How far off a day is: {@code today}, {@code tomorrow}, {@code in 5 days}, {@code 3 weeks ago}. */
    public static String distance(LocalDate day, LocalDate today) {
        long days = ChronoUnit.DAYS.between(today, day);
        if (days == 0) {
            return "today";
        }
        if (days == 1) {
            return "tomorrow";
        }
        if (days == -1) {
            return "yesterday";
        }
        long far = Math.abs(days);
        String span = far < WEEKS_FROM
                ? Numbers.count(far, "day")
                : far < MONTHS_FROM
                        ? Numbers.count(Math.round(far / 7.0), "week")
                        : Numbers.count(Math.round(far / 30.44), "month");
        return days > 0 ? "in " + span : span + " ago";
    }
}
