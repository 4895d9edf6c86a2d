package org.pelluna.app.reef;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Locale;
import org.pelluna.app.chart.TimeAxis;
import org.pelluna.app.portrait.Markup;
import org.pelluna.core.reef.Reef;
import org.pelluna.core.reef.ReefEvent;

/** The line of time under the slider: years along it, and a small sign for every day on which something changes. */
final class TimeMarks {
    private static final double WIDTH = 1000;

    private TimeMarks() {}

    static String svg(Reef reef, LocalDate today) {
        LocalDate from = reef.begin();
        double days = Math.max(1, ChronoUnit.DAYS.between(from, reef.end()));
        StringBuilder svg = new StringBuilder(
                "<svg class=\"time-marks\" viewBox=\"-8 0 " + (WIDTH + 16)
                        + " 46\" role=\"img\" aria-label=\"Arrivals, losses, outgrown and bite-size days; the list says the same\">");
        boolean filled = true;
        double begun = 0;
        for (int year = from.getYear() + 1; year <= reef.end().getYear(); year++) {
            double x = ChronoUnit.DAYS.between(from, LocalDate.of(year, 1, 1)) / days * WIDTH;
            svg.append(bar(begun, x, filled));
            if (WIDTH - x > 40) {
                svg.append(
                        "<text x=\"" + f(x + 3) + "\" y=\"42\" class=\"chart-text chart-small\">" + year + "</text>");
            }
            begun = x;
            filled = !filled;
        }
        svg.append(bar(begun, WIDTH, filled));
        for (ReefEvent mark : reef.marks()) {
            double x = ChronoUnit.DAYS.between(from, mark.on()) / days * WIDTH;
            if (x >= 0 && x <= WIDTH) {
                svg.append("<g class=\"time-mark mark-" + mark.kind().name().toLowerCase(Locale.ROOT) + "\"><title>"
                        + mark.on() + ": " + Markup.escape(mark.words()) + "</title><path d=\"" + sign(mark.kind(), x)
                        + "\"/></g>");
            }
        }
        double x = ChronoUnit.DAYS.between(from, today) / days * WIDTH;
        return svg + "<path class=\"today\" d=\"M" + f(x) + " 2V30\"/></svg>";
    }

    private static String bar(double from, double to, boolean filled) {
        return "<rect x=\"" + f(from) + "\" y=\"24\" width=\"" + f(Math.max(0, to - from)) + "\" height=\"5\" class=\""
                + (filled ? "bar-full" : "bar-empty") + "\"/>";
    }

    /** A pennant for an arrival, a cross for a loss, a lozenge for outgrown, a wedge like a mouth for bite-size. */
    private static String sign(ReefEvent.Kind kind, double x) {
        return switch (kind) {
            case ARRIVAL -> "M" + f(x) + " 23V6l8 3.500l-8 3.500";
            case LOSS -> "M" + f(x - 4) + " 8l8 8m0 -8l-8 8M" + f(x) + " 16V23";
            case OUTGROWN -> "M" + f(x) + " 5l4 6l-4 6l-4 -6ZM" + f(x) + " 17V23";
            case BITE -> "M" + f(x + 5) + " 6L" + f(x - 3) + " 11L" + f(x + 5) + " 16M" + f(x) + " 16V23";
        };
    }

    /** The marks in words, for those who do not see them, each a link to its day. */
    static List<MarkLine> lines(Reef reef) {
        return reef.marks().stream()
                .filter(mark -> !mark.on().isBefore(reef.begin()) && !mark.on().isAfter(reef.end()))
                .map(mark -> new MarkLine(
                        mark.on().toString(),
                        mark.kind().words(),
                        mark.words(),
                        ChronoUnit.DAYS.between(reef.begin(), mark.on())))
                .toList();
    }

    /** One mark. */
    record MarkLine(String on, String kind, String words, long day) {}

    private static String f(double value) {
        return TimeAxis.f(value);
    }
}
