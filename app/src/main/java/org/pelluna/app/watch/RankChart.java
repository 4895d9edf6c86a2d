package org.pelluna.app.watch;

import static org.pelluna.app.chart.TimeAxis.f;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
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
                .map(TreeMap::firstKey)
                .min(LocalDate::compareTo)
                .orElse(today);
        TimeAxis axis = new TimeAxis(from.minusDays(3), today.plusDays(1), today, WIDTH);
        double low = Double.MAX_VALUE;
        double high = -Double.MAX_VALUE;
        for (TreeMap<LocalDate, Double> course : ranks.courses().values()) {
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
                    + " chart-small\" x=\"2\" y=\"" + f(y - 3) + "\">" + f(rating) + "</text>");
        }
        List<Ranks.Rank> shown = new ArrayList<>(ranks.ranked().stream()
                .filter(one -> ranks.courses().containsKey(one.fish().id()))
                .toList());
        shown.sort(Comparator.comparingDouble(Ranks.Rank::elo).reversed());
        double label = -Double.MAX_VALUE;
        for (Ranks.Rank one : shown) {
            StringBuilder line = new StringBuilder();
            double y = 0;
            for (Map.Entry<LocalDate, Double> step :
                    thinned(ranks.courses().get(one.fish().id()), axis).entrySet()) {
                double x = axis.x(step.getKey());
                double next = bottom - (step.getValue() - low) * scale;
                line.append(line.length() == 0 ? "M" + f(x) + " " + f(next) : "H" + f(x) + "V" + f(next));
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

    /** The last rating within each pixel of the drawing; more would not be seen. */
    private static Map<LocalDate, Double> thinned(TreeMap<LocalDate, Double> course, TimeAxis axis) {
        Map<LocalDate, Double> kept = new LinkedHashMap<>();
        LocalDate day = course.firstKey();
        while (day != null) {
            LocalDate next = course.higherKey(day);
            if (next == null || Math.floor(axis.x(next)) > Math.floor(axis.x(day))) {
                kept.put(day, course.get(day));
            }
            day = next;
        }
        return kept;
    }
}
