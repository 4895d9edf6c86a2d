package org.pelluna.app.chart;

import static org.pelluna.app.chart.TimeAxis.f;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
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
 */
public record TimePanel(
        String title,
        List<Point> course,
        Optional<Double> limit,
        String limitWords,
        List<Point> measured,
        int decimals) {

    private static final double HEADROOM = 1.15;

    /** A figure on a day. */
    public record Point(LocalDate on, double value) {}

    /** The panel between two heights. */
    public String svg(TimeAxis axis, double top, double height) {
        List<Point> shown = course.stream()
                .filter(point ->
                        !point.on().isBefore(axis.from()) && !point.on().isAfter(axis.to()))
                .toList();
        List<Point> dots = measured.stream()
                .filter(point -> !point.on().isBefore(axis.from()))
                .toList();
        double most = Math.max(
                shown.stream().mapToDouble(Point::value).max().orElse(0),
                Math.max(
                        limit.orElse(0.0),
                        dots.stream().mapToDouble(Point::value).max().orElse(0)));
        double scale = height / (Math.max(most, 1e-6) * HEADROOM);
        double base = top + height;
        StringBuilder svg =
                new StringBuilder("<path d=\"M0 " + f(base) + "H" + f(axis.width()) + "\" class=\"thin\"/>");
        if (!shown.isEmpty()) {
            StringBuilder line = new StringBuilder();
            for (Point point : shown) {
                line.append(line.length() == 0 ? "M" : "L")
                        .append(f(axis.x(point.on())))
                        .append(' ')
                        .append(f(base - point.value() * scale));
            }
            String area = line + "L" + f(axis.x(shown.get(shown.size() - 1).on())) + " " + f(base) + "L"
                    + f(axis.x(shown.get(0).on())) + " " + f(base) + "Z";
            svg.append(
                    "<path d=\"" + area + "\" class=\"panel-area\"/><path d=\"" + line + "\" class=\"panel-line\"/>");
        }
        limit.ifPresent(value -> {
            double y = base - value * scale;
            svg.append("<path d=\"M0 " + f(y) + "H" + f(axis.width()) + "\" class=\"panel-limit\"/><text x=\""
                    + f(axis.width() + 6) + "\" y=\"" + f(y + 4) + "\" class=\"chart-text chart-small\">" + limitWords
                    + " " + Numbers.plain(value, decimals) + "</text>");
        });
        for (Point point : dots) {
            svg.append("<path d=\"M" + f(axis.x(point.on())) + " " + f(base - point.value() * scale - 5)
                    + "l5 5l-5 5l-5 -5Z\" class=\"panel-test\"><title>measured " + Numbers.plain(point.value(), 3)
                    + " on "
                    + point.on() + "</title></path>");
        }
        // Beside today, where a narrow screen begins.
        svg.append("<text x=\"" + f(axis.x(axis.today()) + 6) + "\" y=\"" + f(top + 2)
                + "\" class=\"chart-text sounding\">" + title + "</text>");
        return svg.toString();
    }
}
