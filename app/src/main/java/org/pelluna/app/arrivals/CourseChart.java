package org.pelluna.app.arrivals;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Locale;
import org.pelluna.app.portrait.Portraits;
import org.pelluna.core.units.Numbers;

/**
 * The plan as a course: arrivals along a line of time, and under it the headroom as a sounding: how many inches of adult
 * fish the tank will hold against what it carries on that day.
 */
final class CourseChart {
    private static final double WIDTH = 1000;
    private static final double LINE = 78;
    private static final double TOP = 118;
    private static final double DEPTH = 96;

    private final LocalDate today;
    private final double days;
    private final double scale;
    private final List<Stop> stops;
    private final List<Step> ceilings;
    private final double now;

    /** An arrival on the course. */
    record Stop(LocalDate date, int place, List<String> portraitKeys, double inchesAfter) {}

    /** A ceiling from a date on. */
    record Step(LocalDate from, double inches) {}

    CourseChart(LocalDate today, double now, List<Stop> stops, List<Step> ceilings) {
        this.today = today;
        this.now = now;
        this.stops = stops;
        this.ceilings = ceilings;
        LocalDate last = stops.get(stops.size() - 1).date();
        this.days = Math.max(28, ChronoUnit.DAYS.between(today, last) * 1.06 + 10);
        double deepest = Math.max(
                ceilings.stream().mapToDouble(Step::inches).max().orElse(1),
                stops.stream().mapToDouble(Stop::inchesAfter).max().orElse(1));
        this.scale = DEPTH / (deepest * 1.1);
    }

    String svg() {
        return "<svg class=\"course-chart\" viewBox=\"-46 0 " + f(WIDTH + 66) + " " + f(TOP + DEPTH + 46)
                + "\" role=\"img\" aria-label=\"Arrivals on the line of time, with headroom below; the list says the same\">"
                + months() + headroom() + course() + "</svg>";
    }

    private double x(LocalDate date) {
        return ChronoUnit.DAYS.between(today, date) / days * WIDTH;
    }

    private String months() {
        StringBuilder svg = new StringBuilder();
        LocalDate month = today.withDayOfMonth(1).plusMonths(1);
        boolean filled = true;
        double from = 0;
        while (x(month) < WIDTH) {
            svg.append(bar(from, x(month), filled));
            svg.append("<path d=\"M" + f(x(month)) + " " + f(LINE) + "V" + f(TOP + DEPTH + 20)
                    + "\" class=\"graticule\"/>");
            svg.append("<text x=\"" + f(x(month) + 4) + "\" y=\"" + f(TOP + DEPTH + 40)
                    + "\" class=\"chart-text chart-small\">"
                    + month.getMonth().getDisplayName(java.time.format.TextStyle.SHORT, Locale.ENGLISH) + " "
                    + month.getYear()
                    + "</text>");
            from = x(month);
            month = month.plusMonths(1);
            filled = !filled;
        }
        return svg + bar(from, WIDTH, filled);
    }

    private static String bar(double from, double to, boolean filled) {
        return "<rect x=\"" + f(from) + "\" y=\"" + f(TOP + DEPTH + 20) + "\" width=\"" + f(to - from)
                + "\" height=\"5\" class=\"" + (filled ? "bar-full" : "bar-empty") + "\"/>";
    }

    /** Fish as a filled step from above, the ceiling as the bottom line; what lies between is headroom. */
    private String headroom() {
        StringBuilder sea = new StringBuilder("M0 " + f(TOP));
        for (int i = 0; i < ceilings.size(); i++) {
            double from = Math.max(0, x(ceilings.get(i).from()));
            sea.append(
                    (i == 0 ? "L0 " : "L" + f(from) + " ") + f(y(ceilings.get(i).inches())));
            double to = i + 1 < ceilings.size()
                    ? Math.min(WIDTH, x(ceilings.get(i + 1).from()))
                    : WIDTH;
            sea.append("L" + f(to) + " " + f(y(ceilings.get(i).inches())));
        }
        sea.append("L" + f(WIDTH) + " " + f(TOP) + "Z");
        StringBuilder fish = new StringBuilder("M0 " + f(TOP) + "V" + f(y(now)));
        for (Stop stop : stops) {
            fish.append("H" + f(x(stop.date())) + "V" + f(y(stop.inchesAfter())));
        }
        fish.append("H" + f(WIDTH) + "V" + f(TOP) + "Z");
        double ceiling = ceilings.get(ceilings.size() - 1).inches();
        double held = stops.get(stops.size() - 1).inchesAfter();
        return "<path d=\"" + sea + "\" class=\"sea\"/><path d=\"" + fish + "\" class=\"held\"/>"
                + "<text x=\"-6\" y=\"" + f(TOP + 4)
                + "\" text-anchor=\"end\" class=\"chart-text chart-small\">0 in</text>"
                + "<text x=\"-6\" y=\"" + f(y(ceilings.get(0).inches()) + 4)
                + "\" text-anchor=\"end\" class=\"chart-text chart-small\">"
                + Numbers.plain(ceilings.get(0).inches()) + "</text>"
                + "<text x=\"" + f(WIDTH - 6) + "\" y=\"" + f(y(ceiling) + 14)
                + "\" text-anchor=\"end\" class=\"chart-text sounding\">"
                + "ceiling " + Numbers.plain(ceiling) + " in</text>"
                + "<text x=\"" + f(WIDTH - 6) + "\" y=\"" + f(y(held) - 5)
                + "\" text-anchor=\"end\" class=\"chart-text sounding\">"
                + "held " + Numbers.plain(held) + " in</text>";
    }

    private double y(double inches) {
        return TOP + inches * scale;
    }

    private String course() {
        StringBuilder svg = new StringBuilder("<path d=\"M0 " + f(LINE) + "H" + f(WIDTH) + "\" class=\"course\"/>"
                + "<path d=\"M0 " + f(LINE - 7) + "V" + f(LINE + 7) + "\" class=\"course\"/>"
                + "<text x=\"-6\" y=\"" + f(LINE + 24)
                + "\" text-anchor=\"end\" class=\"chart-text chart-small\">today</text>");
        double before = -100;
        int row = 0;
        for (Stop stop : stops) {
            double x = x(stop.date());
            row = x - before < 62 ? 1 - row : 0;
            before = x;
            double y = row == 0 ? 6 : 30;
            for (int i = 0; i < stop.portraitKeys().size(); i++) {
                svg.append("<use href=\"#" + stop.portraitKeys().get(i) + "\" x=\"" + f(x - 24 + i * 26) + "\" y=\""
                        + f(y + i * 8) + "\" width=\"48\" height=\""
                        + f(48 * Portraits.FIELD_HEIGHT / Portraits.FIELD_WIDTH) + "\"/>");
            }
            svg.append("<path d=\"M" + f(x) + " " + f(LINE) + "V" + f(y + 36) + "\" class=\"thin\"/>");
            svg.append("<circle cx=\"" + f(x) + "\" cy=\"" + f(LINE) + "\" r=\"10\" class=\"buoy\"/><text x=\"" + f(x)
                    + "\" y=\"" + f(LINE + 4.5) + "\" text-anchor=\"middle\" class=\"buoy-text\">" + stop.place()
                    + "</text>");
        }
        return svg.toString();
    }

    private static String f(double value) {
        return String.format(Locale.ROOT, "%.1f", value);
    }
}
