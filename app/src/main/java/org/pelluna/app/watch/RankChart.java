package org.pelluna.app.watch;

import static org.pelluna.app.chart.TimeAxis.f;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import org.pelluna.app.chart.TimeAxis;
import org.pelluna.app.portrait.Markup;
import org.pelluna.app.portrait.Portraits;
import org.pelluna.core.tension.Ranks;

/** Ratings through time: a line for each fish that met another, its portrait where it ends. */
final class RankChart {
    private static final double WIDTH = 800;
    private static final double HEIGHT = 300;
    private static final double TOP = 26;
    private static final double LABEL = 26;
    private static final double GRID = 200;

    private RankChart() {}

    static String svg(Ranks ranks, LocalDate today) {
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
        StringBuilder svg = new StringBuilder("<svg class=\"course-chart\" viewBox=\"-8 0 " + f(WIDTH + 190) + " "
                + f(bottom + 34) + "\" role=\"img\" aria-label=\"Ratings through time; the table says the same\">"
                + axis.svg(TOP - 4, bottom + 6));
        for (double rating = Math.ceil(low / GRID) * GRID; rating <= high; rating += GRID) {
            double y = bottom - (rating - low) * scale;
            svg.append("<path class=\"graticule\" d=\"M0 " + f(y) + "H" + f(WIDTH) + "\"/><text class=\"chart-text"
                    + " chart-small\" x=\"2\" y=\"" + f(y - 3) + "\">" + Math.round(rating) + "</text>");
        }
        List<Ranks.Rank> shown = new ArrayList<>(ranks.ranked().stream()
                .filter(one -> ranks.courses().containsKey(one.fish().id()))
                .toList());
        shown.sort(Comparator.comparingDouble(Ranks.Rank::elo).reversed());
        double label = -Double.MAX_VALUE;
        for (Ranks.Rank one : shown) {
            StringBuilder line = new StringBuilder();
            double y = 0;
            for (double[] step : thinned(ranks.courses().get(one.fish().id()), axis)) {
                double next = bottom - (step[1] - low) * scale;
                line.append(line.length() == 0 ? "M" + f(step[0]) + " " + f(next) : "H" + f(step[0]) + "V" + f(next));
                y = next;
            }
            label = Math.max(y, label + LABEL);
            svg.append("<path class=\"rank-line\" d=\"" + line + "H" + f(WIDTH) + "\"/><path class=\"thin\" d=\"M"
                    + f(WIDTH) + " " + f(y) + "L" + f(WIDTH + 12) + " " + f(label) + "\"/><use href=\"#"
                    + Portraits.key(one.fish().species()) + "\" x=\"" + f(WIDTH + 14) + "\" y=\"" + f(label - 13)
                    + "\" width=\"34\" height=\"27\"/><text class=\"chart-text chart-name\" x=\"" + f(WIDTH + 54)
                    + "\" y=\"" + f(label + 4) + "\">"
                    + Markup.escape(one.fish().name()) + "</text>");
        }
        return svg.append("</svg>").toString();
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
