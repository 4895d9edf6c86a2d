package org.pelluna.app.chart;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.pelluna.app.svg.Svg;
import org.pelluna.core.units.Numbers;

/**
 * One figure over time: a predicted line, a limit, and what was measured.
 *
 * @param title what it is, with its unit
 * @param course the predicted course
 * @param limit what it should not pass; empty for none
 * @param limitWords what the limit is called
 * @param measured tests
 * @param decimals decimals of the figures printed
 * @param spread between what the figure mostly lies; empty where that is not estimated
 */
public record TimePanel(
        String title,
        List<Point> course,
        Optional<Double> limit,
        String limitWords,
        List<Point> measured,
        int decimals,
        List<Range> spread) {

    private static final double HEADROOM = 1.15;

    /** A figure on a day. */
    public record Point(LocalDate on, double value) {}

    /** Between what a figure lies on a day. */
    public record Range(LocalDate on, double low, double high) {}

    /** A figure of which no spread is estimated. */
    public TimePanel(
            String title,
            List<Point> course,
            Optional<Double> limit,
            String limitWords,
            List<Point> measured,
            int decimals) {
        this(title, course, limit, limitWords, measured, decimals, List.of());
    }

    /** The panel between two heights. */
    public Svg svg(TimeAxis axis, double top, double height) {
        List<Point> shown =
                course.stream().filter(point -> axis.holds(point.on())).toList();
        List<Point> dots =
                measured.stream().filter(point -> axis.holds(point.on())).toList();
        List<Range> about =
                spread.stream().filter(range -> axis.holds(range.on())).toList();
        double most = Stream.of(
                        shown.stream().mapToDouble(Point::value),
                        dots.stream().mapToDouble(Point::value),
                        about.stream().mapToDouble(Range::high),
                        limit.stream().mapToDouble(value -> value))
                .flatMapToDouble(values -> values)
                .max()
                .orElse(0);
        double scale = height / (Math.max(most, 1e-6) * HEADROOM);
        double base = top + height;
        Svg.Builder svg = new Svg.Builder().add("<path d='M0 {}H{}' class='thin'/>", base, axis.width());
        if (!shown.isEmpty()) {
            svg.add(course(axis, shown, base, scale, most));
        }
        if (!about.isEmpty()) {
            svg.add("<path d='{}Z' class='panel-spread'/>", around(axis, about, base, scale));
        }
        limit.ifPresent(value -> {
            double y = base - value * scale;
            svg.add(
                    // Within the panel: what stands beside it would be out of sight on a phone.
                    "<path d='M0 {}H{}' class='panel-limit'/><text x='{}' y='{}' text-anchor='end' class='chart-text chart-small'>{} {}</text>",
                    y,
                    axis.width(),
                    axis.width() - 4,
                    y - 5,
                    limitWords,
                    Numbers.plain(value, decimals));
        });
        for (Point point : dots) {
            svg.add(
                    "<path d='M{} {}l5 5l-5 5l-5 -5Z' class='panel-test'><title>measured {} on {}</title></path>",
                    axis.x(point.on()),
                    base - point.value() * scale - 5,
                    Numbers.plain(point.value(), 3),
                    point.on());
        }
        // Beside today, where a narrow screen begins, unless the title would not fit there.
        double beside = axis.x(axis.today()) + 6;
        double at = beside < 0 || beside > axis.width() * 0.7 ? 6 : beside;
        svg.add(
                "<text x='{}' y='{}' class='chart-text sounding panel-title' data-beside='{}'>{}</text>",
                at,
                top + 2,
                at,
                title);
        return svg.build();
    }

    private static String around(TimeAxis axis, List<Range> about, double base, double scale) {
        StringBuilder edge = new StringBuilder();
        for (Range range : about) {
            edge.append(edge.length() == 0 ? "M" : "L")
                    .append(Svg.path("{} {}", axis.x(range.on()), base - range.high() * scale));
        }
        for (int i = about.size() - 1; i >= 0; i--) {
            edge.append(Svg.path(
                    "L{} {}", axis.x(about.get(i).on()), base - about.get(i).low() * scale));
        }
        return edge.toString();
    }

    /** The course, with what its heights stand for, so that it can be read at the pointer. */
    private Svg course(TimeAxis axis, List<Point> shown, double base, double scale, double most) {
        StringBuilder line = new StringBuilder();
        for (Point point : shown) {
            line.append(line.length() == 0 ? "M" : "L")
                    .append(Svg.number(axis.x(point.on())))
                    .append(' ')
                    .append(Svg.number(base - point.value() * scale));
        }
        String area = Svg.path(
                "{}L{} {}L{} {}Z",
                line,
                axis.x(shown.get(shown.size() - 1).on()),
                base,
                axis.x(shown.get(0).on()),
                base);
        return Svg.of(
                "<path d='{}' class='panel-area'/><path d='{}' class='panel-line' data-name='{}' data-base='{}' data-scale='{}' data-decimals='{}'/>",
                area,
                line,
                title,
                base,
                String.valueOf(scale),
                Math.max(decimals, most < 1 ? 3 : 1));
    }
}
