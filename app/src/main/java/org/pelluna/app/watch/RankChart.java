package org.pelluna.app.watch;

import static java.util.Objects.requireNonNull;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import org.pelluna.app.chart.TimeAxis;
import org.pelluna.app.portrait.Portraits;
import org.pelluna.app.svg.Shapes;
import org.pelluna.app.svg.Svg;
import org.pelluna.core.tension.Ranks;

/** Ratings through time: a line for each fish that met another, its portrait where it ends. */
final class RankChart {
    private static final double WIDTH = 800;
    private static final double HEIGHT = 300;
    private static final double TOP = 26;
    private static final double LABEL = 26;
    private static final double GRID = 200;

    private RankChart() {}

    static Svg svg(Ranks ranks, LocalDate today) {
        LocalDate from = ranks.courses().values().stream()
                .map(course -> course.keySet().iterator().next())
                .min(LocalDate::compareTo)
                .orElse(today);
        TimeAxis axis = new TimeAxis(from.minusDays(3), today.plusDays(1), today, WIDTH);
        double low = Double.MAX_VALUE;
        double high = -Double.MAX_VALUE;
        for (Map<LocalDate, Double> course : ranks.courses().values()) {
            for (double rating : course.values()) {
                low = Math.min(low, rating);
                high = Math.max(high, rating);
            }
        }
        double scale = HEIGHT / Math.max(50, high - low);
        double bottom = TOP + HEIGHT;
        Svg.Builder svg = new Svg.Builder()
                .add(
                        "<svg class='course-chart' width='{}' viewBox='-8 0 {} {}' role='img' aria-label='Ratings through time; the table shows the same'>{}",
                        WIDTH + 190,
                        WIDTH + 190,
                        bottom + 34,
                        axis.svg(TOP - 4, bottom + 6));
        for (double rating = Math.ceil(low / GRID) * GRID; rating <= high; rating += GRID) {
            double y = bottom - (rating - low) * scale;
            svg.add(Shapes.line("graticule", Svg.path("M0 {}H{}", y, WIDTH)))
                    .add(Shapes.text("chart-text chart-small", 2, y - 3, Math.round(rating)));
        }
        List<Ranks.Rank> shown = new ArrayList<>(ranks.ranked().stream()
                .filter(one -> ranks.courses().containsKey(one.fish().id()))
                .toList());
        shown.sort(Comparator.comparingDouble(Ranks.Rank::elo).reversed());
        double label = -Double.MAX_VALUE;
        for (Ranks.Rank one : shown) {
            StringBuilder line = new StringBuilder();
            double y = 0;
            for (double[] step :
                    thinned(requireNonNull(ranks.courses().get(one.fish().id())), axis)) {
                double next = bottom - (step[1] - low) * scale;
                line.append(line.length() == 0 ? Svg.path("M{} {}", step[0], next) : Svg.path("H{}V{}", step[0], next));
                y = next;
            }
            label = Math.max(y, label + LABEL);
            svg.add(Shapes.line("rank-line", line + Svg.path("H{}", WIDTH)))
                    .add(Shapes.line("thin", Svg.path("M{} {}L{} {}", WIDTH, y, WIDTH + 12, label)))
                    .add(Shapes.use(Portraits.key(one.fish().species()), WIDTH + 14, label - 13, 34, 27))
                    .add(Shapes.text(
                            "chart-text chart-name",
                            WIDTH + 54,
                            label + 4,
                            one.fish().name()));
        }
        return svg.add("</svg>").build();
    }

    /** Place on the axis and rating: the last rating within each pixel of the drawing; more would not be seen. */
    private static List<double[]> thinned(Map<LocalDate, Double> course, TimeAxis axis) {
        List<double[]> kept = new ArrayList<>();
        course.forEach((day, rating) -> {
            double x = axis.x(day);
            int last = kept.size() - 1;
            if (last >= 0 && Math.floor(kept.get(last)[0]) == Math.floor(x)) {
                kept.remove(last);
            }
            kept.add(new double[] {x, rating});
        });
        return kept;
    }
}
