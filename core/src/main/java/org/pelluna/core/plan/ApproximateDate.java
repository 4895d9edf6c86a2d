package org.pelluna.core.plan;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.Year;
import java.time.YearMonth;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A day as a keeper remembers it: to the day, the month, the season or the year; the middle stands for it.
 *
 * @param on the day, or the middle of the time
 * @param exactly how exactly it is known
 */
public record ApproximateDate(LocalDate on, Life.DatePrecision exactly) {
    /** Months in the middle of the seasons of the northern half of the earth. */
    private static final Map<String, Integer> SEASONS =
            Map.of("spring", 4, "summer", 7, "autumn", 10, "fall", 10, "winter", 1);

    private static final List<String> MONTHS =
            List.of("jan", "feb", "mar", "apr", "may", "jun", "jul", "aug", "sep", "oct", "nov", "dec");

    private static final Pattern YEAR = Pattern.compile("(\\d{4})");
    private static final Pattern MONTH = Pattern.compile("(\\d{4})-(\\d{1,2})|(\\d{1,2})[./](\\d{4})");
    private static final Pattern WORD = Pattern.compile("([a-z]+)\\.?\\s+(\\d{4})");

    /** A day known to the day. */
    public static ApproximateDate day(LocalDate on) {
        return new ApproximateDate(on, Life.DatePrecision.DAY);
    }

    /** What somebody said in words such as “about spring 2024”, “May 2023”, “2023-05” or “2022”; empty if it is none of these. */
    public static Optional<ApproximateDate> said(String text) {
        String plain = text.strip().toLowerCase(Locale.ROOT).replaceFirst("^(about|around|since|ca\\.?|~)\\s*", "");
        Matcher year = YEAR.matcher(plain);
        if (year.matches()) {
            return Optional.of(new ApproximateDate(
                    Year.of(Integer.parseInt(year.group(1))).atMonth(7).atDay(1), Life.DatePrecision.YEAR));
        }
        Matcher month = MONTH.matcher(plain);
        if (month.matches()) {
            boolean yearFirst = month.group(1) != null;
            return inMonth(month.group(yearFirst ? 1 : 4), Integer.parseInt(month.group(yearFirst ? 2 : 3)));
        }
        Matcher word = WORD.matcher(plain);
        if (!word.matches()) {
            return Optional.empty();
        }
        Integer season = SEASONS.get(word.group(1));
        if (season != null) {
            return Optional.of(new ApproximateDate(
                    YearMonth.of(Integer.parseInt(word.group(2)), season).atDay(15), Life.DatePrecision.SEASON));
        }
        int named =
                word.group(1).length() < 3 ? -1 : MONTHS.indexOf(word.group(1).substring(0, 3));
        return named < 0 ? Optional.empty() : inMonth(word.group(2), named + 1);
    }

    private static Optional<ApproximateDate> inMonth(String year, int month) {
        try {
            return Optional.of(new ApproximateDate(
                    YearMonth.of(Integer.parseInt(year), month).atDay(15), Life.DatePrecision.MONTH));
        } catch (DateTimeException e) {
            return Optional.empty();
        }
    }
}
