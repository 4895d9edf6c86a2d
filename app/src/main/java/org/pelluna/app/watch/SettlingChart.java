package org.pelluna.app.watch;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.NavigableMap;
import org.pelluna.app.svg.Svg;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.statistics.Interval;
import org.pelluna.core.tension.Settling;
import org.pelluna.core.units.Numbers;
import org.pelluna.core.watch.Exposure;

/**
 * The swell after an arrival: for each day watched a stroke as high as the encounters an hour, the fitted course as a line, and the
 * background of the tank as the still water it should come down to.
 */
final class SettlingChart {
    private static final double WIDTH = 420;
    private static final double HEIGHT = 110;
    private static final int BAND_STEP = 2;

    private SettlingChart() {}

    static Svg svg(Settling one, TankPlan plan, Exposure exposure) {
        LocalDate since = one.since();
        long days = Math.max(14, ChronoUnit.DAYS.between(since, plan.asOf()) + 7);
        NavigableMap<LocalDate, Double> watched = exposure.days().subMap(since, true, plan.asOf(), true);
        double most = 1;
        for (var day : watched.entrySet()) {
            most = Math.max(most, count(one, exposure, day.getKey()) / day.getValue());
        }
        double scale = HEIGHT / (most * 1.1);
        double dayWidth = WIDTH / days;
        Svg.Builder svg = new Svg.Builder()
                .add(
                        "<svg class='settling-chart' viewBox='0 -14 {} {}' aria-hidden='true'><rect width='{}' height='{}' class='tint-1'/><rect y='{}' width='{}' height='{}' class='tint-3'/>",
                        WIDTH + 4,
                        HEIGHT + 34,
                        WIDTH,
                        HEIGHT,
                        HEIGHT - Settling.CALM * scale,
                        WIDTH,
                        Settling.CALM * scale);
        for (var day : watched.entrySet()) {
            double x = (ChronoUnit.DAYS.between(since, day.getKey()) + 0.5) * dayWidth;
            double rate = count(one, exposure, day.getKey()) / day.getValue();
            svg.add("<path class='swell' d='M{} {}V{}'/>", x, HEIGHT, HEIGHT - Math.max(1.5, rate * scale));
        }
        svg.add("<path class='course-band' d='{}'/>", band(one, days, dayWidth, scale));
        double today = (ChronoUnit.DAYS.between(since, plan.asOf()) + 0.5) * dayWidth;
        return Svg.of(
                "{}<path class='today' d='M{} 0V{}'/><text x='2' y='-3' class='chart-text chart-small'>{} an hour</text><text x='0' y='{}' class='chart-text chart-small'>{}</text><text x='{}' y='{}' text-anchor='end' class='chart-text chart-small'>day {}</text></svg>",
                svg,
                today,
                HEIGHT,
                Numbers.plain(most),
                HEIGHT + 14,
                since,
                WIDTH,
                HEIGHT + 14,
                days);
    }

    /** The course with its interval, as a closed band: along its upper edge, and back along the lower. */
    private static String band(Settling one, long days, double dayWidth, double scale) {
        StringBuilder upper = new StringBuilder();
        StringBuilder lower = new StringBuilder();
        for (long step = 0; step < days + BAND_STEP; step += BAND_STEP) {
            long day = Math.min(step, days);
            Interval rate = one.course().rate(day, Settling.LEVEL);
            upper.append(upper.length() == 0 ? "M" : "L").append(point(day * dayWidth, rate.high() * scale));
            lower.insert(0, "L" + point(day * dayWidth, rate.low() * scale));
        }
        return upper.append(lower).append('Z').toString();
    }

    private static String point(double x, double height) {
        return Svg.number(x) + " " + Svg.number(HEIGHT - Math.min(HEIGHT, height));
    }

    private static long count(Settling one, Exposure exposure, LocalDate day) {
        return exposure.encounters(day, day.plusDays(1)).stream()
                .filter(entry -> entry.fishId().filter(one.victimId()::equals).isPresent())
                .filter(entry ->
                        one.aggressorId().isEmpty() || entry.aggressorId().equals(one.aggressorId()))
                .count();
    }
}
