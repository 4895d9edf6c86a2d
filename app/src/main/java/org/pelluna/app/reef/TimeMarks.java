package org.pelluna.app.reef;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Locale;
import org.pelluna.app.svg.Svg;
import org.pelluna.core.reef.Reef;
import org.pelluna.core.reef.ReefEvent;

/** The line of time under the slider: years along it, and a small sign for every day on which something changes. */
final class TimeMarks {
    private static final double WIDTH = 1000;

    private TimeMarks() {}

    static Svg svg(Reef reef, LocalDate today) {
        LocalDate from = reef.begin();
        double days = Math.max(1, ChronoUnit.DAYS.between(from, reef.end()));
        Svg.Builder svg = new Svg.Builder()
                .add(
                        "<svg class='time-marks' viewBox='-8 0 {} 46' role='img' aria-label='Arrivals, losses, outgrown and bite-size days; the list says the same'>",
                        WIDTH + 16);
        boolean filled = true;
        double begun = 0;
        for (int year = from.getYear() + 1; year <= reef.end().getYear(); year++) {
            double x = ChronoUnit.DAYS.between(from, LocalDate.of(year, 1, 1)) / days * WIDTH;
            svg.add(bar(begun, x, filled));
            if (WIDTH - x > 40) {
                svg.add("<text x='{}' y='42' class='chart-text chart-small'>{}</text>", x + 3, year);
            }
            begun = x;
            filled = !filled;
        }
        svg.add(bar(begun, WIDTH, filled));
        for (ReefEvent mark : reef.marks()) {
            double x = ChronoUnit.DAYS.between(from, mark.on()) / days * WIDTH;
            if (x >= 0 && x <= WIDTH) {
                svg.add(
                        "<g class='time-mark mark-{}'><title>{}: {}</title><path d='{}'/></g>",
                        mark.kind().name().toLowerCase(Locale.ROOT),
                        mark.on(),
                        mark.words(),
                        sign(mark.kind(), x));
            }
        }
        double x = ChronoUnit.DAYS.between(from, today) / days * WIDTH;
        return Svg.of("{}<path class='today' d='M{} 2V30'/></svg>", svg, x);
    }

    private static Svg bar(double from, double to, boolean filled) {
        return Svg.of(
                "<rect x='{}' y='24' width='{}' height='5' class='{}'/>",
                from,
                Math.max(0, to - from),
                filled ? "bar-full" : "bar-empty");
    }

    /** A pennant for an arrival, a cross for a loss, a lozenge for outgrown, a wedge like a mouth for bite-size. */
    private static String sign(ReefEvent.Kind kind, double x) {
        return switch (kind) {
            case ARRIVAL -> Svg.path("M{} 23V6l8 3.500l-8 3.500", x);
            case LOSS -> Svg.path("M{} 8l8 8m0 -8l-8 8M{} 16V23", x - 4, x);
            case OUTGROWN -> Svg.path("M{} 5l4 6l-4 6l-4 -6ZM{} 17V23", x, x);
            case BITE -> Svg.path("M{} 6L{} 11L{} 16M{} 16V23", x + 5, x - 3, x + 5, x);
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
}
