package org.pelluna.app.chart;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
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
    private static final int LABEL_WIDTH = 74;

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

    /** Whether a day is drawn. */
    public boolean holds(LocalDate day) {
        return !day.isBefore(from) && !day.isAfter(to);
    }

    /** Months, weeks or days at the head, with their year, on a graduated bar; lines of them and of today down from it. */
    public Svg svg(double top, double bottom) {
        Svg.Builder svg = new Svg.Builder()
                .add(
                        "<rect class='time-field' x='0' y='{}' width='{}' height='{}' data-from='{}' data-to='{}'/>",
                        top,
                        width,
                        bottom - top,
                        from,
                        to);
        boolean filled = true;
        double begun = 0;
        for (TimeTicks.Tick tick : TimeTicks.between(from, to, (int) (width / LABEL_WIDTH))) {
            double at = x(tick.on());
            svg.add(bar(begun, at, top, filled))
                    .add("<path d='M{} {}V{}' class='graticule'/>", at, top, bottom)
                    .add(
                            "<text x='{}' y='{}' class='chart-text chart-small'>{}</text>",
                            at + 3,
                            top - 10,
                            tick.words());
            begun = at;
            filled = !filled;
        }
        svg.add(bar(begun, width, top, filled));
        if (holds(today)) {
            svg.add("<path d='M{} {}V{}' class='today'/>", x(today), top, bottom + 6)
                    .add(
                            "<text x='{}' y='{}' text-anchor='middle' class='chart-text chart-small'>today</text>",
                            x(today),
                            bottom + 19);
        }
        return svg.build();
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
