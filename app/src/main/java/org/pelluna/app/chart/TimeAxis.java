package org.pelluna.app.chart;

import java.time.LocalDate;
import java.time.format.TextStyle;
import java.time.temporal.ChronoUnit;
import java.util.Locale;
import java.util.stream.IntStream;
import org.pelluna.app.svg.Svg;

/**
 * A line of time from one day to another, drawn as the graduated border of a chart.
 *
 * @param from the first day
 * @param to the last day
 * @param today the day of the plan
 * @param width drawn width
 */
public record TimeAxis(LocalDate from, LocalDate to, LocalDate today, double width) {
    private static final int LABEL_WIDTH = 62;

    /** Where a day begins. */
    public double x(LocalDate date) {
        return ChronoUnit.DAYS.between(from, date) / days() * width;
    }

    /** The width of a day. */
    public double dayWidth() {
        return width / days();
    }

    private double days() {
        return Math.max(1, ChronoUnit.DAYS.between(from, to));
    }

    /** Month and year at the head, on a graduated bar; lines of the months and of today down from it. */
    public Svg svg(double top, double bottom) {
        Svg.Builder svg = new Svg.Builder()
                .add(
                        "<rect class='time-field' x='0' y='{}' width='{}' height='{}' data-from='{}' data-to='{}'/>",
                        top,
                        width,
                        bottom - top,
                        from,
                        to);
        LocalDate month = from.withDayOfMonth(1).plusMonths(1);
        int every = monthsBetweenLabels();
        boolean filled = true;
        double begun = 0;
        while (x(month) < width) {
            svg.add(bar(begun, x(month), top, filled));
            svg.add("<path d='M{} {}V{}' class='graticule'/>", x(month), top, bottom);
            if ((month.getYear() * 12 + month.getMonthValue() - 1) % every == 0) {
                svg.add(
                        "<text x='{}' y='{}' class='chart-text chart-small'>{} {}</text>",
                        x(month) + 3,
                        top - 10,
                        month.getMonth().getDisplayName(TextStyle.SHORT, Locale.ENGLISH),
                        month.getMonthValue() == 1
                                        || month.equals(from.withDayOfMonth(1).plusMonths(1))
                                ? month.getYear()
                                : "");
            }
            begun = x(month);
            month = month.plusMonths(1);
            filled = !filled;
        }
        svg.add(bar(begun, width, top, filled));
        svg.add("<path d='M{} {}V{}' class='today'/>", x(today), top, bottom + 6);
        svg.add(
                "<text x='{}' y='{}' text-anchor='middle' class='chart-text chart-small'>today</text>",
                x(today),
                bottom + 19);
        return svg.build();
    }

    /** Labels stand at months that come again every year, or every few years, with room for each. */
    private int monthsBetweenLabels() {
        double least = LABEL_WIDTH / (dayWidth() * 30.4);
        return IntStream.of(1, 2, 3, 4, 6, 12, 24, 60, 120, 240)
                .filter(months -> months >= least)
                .findFirst()
                .orElse(600);
    }

    private static Svg bar(double from, double to, double y, boolean filled) {
        return Svg.of(
                "<rect x='{}' y='{}' width='{}' height='5' class='{}'/>",
                from,
                y - 5,
                Math.max(0, to - from),
                filled ? "bar-full" : "bar-empty");
    }
}
