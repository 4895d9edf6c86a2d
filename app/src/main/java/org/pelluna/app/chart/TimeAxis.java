package org.pelluna.app.chart;

import java.time.LocalDate;
import java.time.format.TextStyle;
import java.time.temporal.ChronoUnit;
import java.util.Locale;
import java.util.stream.IntStream;

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

    /** The months as a graduated bar at a height, with lines up to the top, and a line for today. */
    public String svg(double top, double bottom) {
        StringBuilder svg = new StringBuilder();
        LocalDate month = from.withDayOfMonth(1).plusMonths(1);
        int every = monthsBetweenLabels();
        boolean filled = true;
        double begun = 0;
        while (x(month) < width) {
            svg.append(bar(begun, x(month), bottom, filled));
            svg.append("<path d=\"M" + f(x(month)) + " " + f(top) + "V" + f(bottom) + "\" class=\"graticule\"/>");
            if ((month.getYear() * 12 + month.getMonthValue() - 1) % every == 0) {
                svg.append("<text x=\"" + f(x(month) + 3) + "\" y=\"" + f(bottom + 20)
                        + "\" class=\"chart-text chart-small\">"
                        + month.getMonth().getDisplayName(TextStyle.SHORT, Locale.ENGLISH) + " "
                        + (month.getMonthValue() == 1
                                        || month.equals(from.withDayOfMonth(1).plusMonths(1))
                                ? month.getYear()
                                : "")
                        + "</text>");
            }
            begun = x(month);
            month = month.plusMonths(1);
            filled = !filled;
        }
        svg.append(bar(begun, width, bottom, filled));
        svg.append("<path d=\"M" + f(x(today)) + " " + f(top - 6) + "V" + f(bottom + 8) + "\" class=\"today\"/>");
        svg.append("<text x=\"" + f(x(today)) + "\" y=\"" + f(top - 9)
                + "\" text-anchor=\"middle\" class=\"chart-text chart-small\">today</text>");
        return svg.toString();
    }

    /** Labels stand at months that come again every year, or every few years, with room for each. */
    private int monthsBetweenLabels() {
        double least = LABEL_WIDTH / (dayWidth() * 30.4);
        return IntStream.of(1, 2, 3, 4, 6, 12, 24, 60, 120, 240)
                .filter(months -> months >= least)
                .findFirst()
                .orElse(600);
    }

    private static String bar(double from, double to, double y, boolean filled) {
        return "<rect x=\"" + f(from) + "\" y=\"" + f(y) + "\" width=\"" + f(Math.max(0, to - from))
                + "\" height=\"5\" class=\"" + (filled ? "bar-full" : "bar-empty") + "\"/>";
    }

    /** A number as SVG takes it. */
    public static String f(double value) {
        long tenths = Math.round(value * 10);
        return (tenths < 0 ? "-" : "") + Math.abs(tenths) / 10 + "." + Math.abs(tenths) % 10;
    }
}
