package org.pelluna.app.chart;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.UnaryOperator;

/** Where a line of time is marked: by days, weeks, months or years, whichever leaves room for words. Month and year stand at its head. */
public final class TimeTicks {
    private static final DateTimeFormatter MONTH_AND_YEAR = DateTimeFormatter.ofPattern("MMM yyyy", Locale.ENGLISH);
    private static final DateTimeFormatter MONTH = DateTimeFormatter.ofPattern("MMM", Locale.ENGLISH);
    private static final DateTimeFormatter DAY_AND_YEAR = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);

    private TimeTicks() {}

    /** A mark on the line, and what stands at it. */
    public record Tick(LocalDate on, String words) {}

    /**
     * The ticks between two days.
     *
     * @param most how many there may be
     */
    public static List<Tick> between(LocalDate from, LocalDate to, int most) {
        long days = Math.max(1, ChronoUnit.DAYS.between(from, to));
        if (days <= most) {
            return ticks(from, to, day -> day.plusDays(1), DAY);
        }
        if (days <= 7L * most) {
            return ticks(from.with(TemporalAdjusters.nextOrSame(DayOfWeek.MONDAY)), to, day -> day.plusWeeks(1), DAY);
        }
        for (int months : new int[] {1, 3, 6, 12, 24, 60}) {
            if (days <= 30L * months * most) {
                LocalDate first = from.withDayOfMonth(1);
                while (first.isBefore(from) || (first.getYear() * 12 + first.getMonthValue() - 1) % months != 0) {
                    first = first.plusMonths(1);
                }
                return ticks(first, to, day -> day.plusMonths(months), MONTH);
            }
        }
        return ticks(from.withDayOfYear(1).plusYears(1), to, day -> day.plusYears(10), MONTH_AND_YEAR);
    }

    private static List<Tick> ticks(
            LocalDate first, LocalDate to, UnaryOperator<LocalDate> next, DateTimeFormatter words) {
        List<Tick> ticks = new ArrayList<>();
        for (LocalDate day = first; !day.isAfter(to); day = next.apply(day)) {
            boolean names = ticks.isEmpty()
                    || day.getYear() != ticks.get(ticks.size() - 1).on().getYear();
            DateTimeFormatter full = words.equals(DAY) ? DAY_AND_YEAR : MONTH_AND_YEAR;
            ticks.add(new Tick(day, (names ? full : words).format(day)));
        }
        return ticks;
    }
}
