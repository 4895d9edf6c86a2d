package org.pelluna.app.watch;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import org.pelluna.app.chart.TimeWindow;
import org.pelluna.app.svg.Svg;
import org.pelluna.core.course.Watched;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.tension.Settling;
import org.pelluna.core.units.Numbers;

/**
 * The swell after an arrival: for each day watched a stroke as high as the encounters an hour, the fitted course as a line, and the
 * background of the tank as the still water it should come down to.
 */
final class SettlingChart {
    private static final double WIDTH = 420;
    private static final double HEIGHT = 110;

    private SettlingChart() {}

    /**
     * The chart.
     *
     * @param from the first day somebody pointed at in it, if anybody did
     * @param to the last
     */
    static Svg svg(Settling one, TankPlan plan, Optional<LocalDate> from, Optional<LocalDate> to) {
        LocalDate since = one.since();
        long days = Math.max(14, ChronoUnit.DAYS.between(since, plan.asOf()) + 7);
        TimeWindow whole = new TimeWindow(since, since.plusDays(days));
        TimeWindow drawn = whole.asked(from, to).orElse(whole);
        List<Watched> watches = one.course().watches().stream()
                .filter(watch -> !watch.becauseSeen())
                .toList();
        double most =
                Math.max(1, watches.stream().mapToDouble(Watched::perHour).max().orElse(1));
        double scale = HEIGHT / (most * 1.1);
        double dayWidth = WIDTH / ChronoUnit.DAYS.between(drawn.from(), drawn.to());
        long first = ChronoUnit.DAYS.between(since, drawn.from());
        Svg.Builder svg = new Svg.Builder()
                .add(
                        "<svg class='settling-chart' data-of='{}' viewBox='0 -14 {} {}' aria-hidden='true'><rect width='{}' height='{}' class='tint-1'/><rect y='{}' width='{}' height='{}' class='tint-3'/>",
                        key(one),
                        WIDTH + 4,
                        HEIGHT + 34,
                        WIDTH,
                        HEIGHT,
                        HEIGHT - Settling.CALM * scale,
                        WIDTH,
                        Settling.CALM * scale)
                .add(
                        "<rect class='time-field' x='0' y='0' width='{}' height='{}' data-from='{}' data-to='{}'/>",
                        WIDTH,
                        HEIGHT,
                        drawn.from(),
                        drawn.to())
                // What lies beyond the days drawn is cut off by a picture of its own.
                .add(
                        "<svg width='{}' height='{}' viewBox='{} 0 {} {}'>",
                        WIDTH,
                        HEIGHT,
                        first * dayWidth,
                        WIDTH,
                        HEIGHT);
        svg.add(swells(watches, dayWidth, scale))
                .add(
                        "<path class='course-band' d='{}'/>",
                        new CourseBand(one.course(), days, dayWidth, scale, HEIGHT).path());
        double today = (ChronoUnit.DAYS.between(since, plan.asOf()) + 0.5) * dayWidth;
        return Svg.of(
                "{}<path class='today' d='M{} 0V{}'/></svg><text x='2' y='-3' class='chart-text chart-small'>{} an hour</text><text x='0' y='{}' class='chart-text chart-small'>{}</text><text x='{}' y='{}' text-anchor='end' class='chart-text chart-small'>day {}</text></svg>",
                svg,
                today,
                HEIGHT,
                Numbers.plain(most),
                HEIGHT + 14,
                drawn.from(),
                WIDTH,
                HEIGHT + 14,
                ChronoUnit.DAYS.between(since, drawn.to()));
    }

    /** A stroke for each day watched. */
    private static Svg swells(List<Watched> watches, double dayWidth, double scale) {
        Svg.Builder svg = new Svg.Builder();
        for (Watched watch : watches) {
            svg.add(
                    "<path class='swell' d='M{} {}V{}'/>",
                    (watch.day() + 0.5) * dayWidth,
                    HEIGHT,
                    HEIGHT - Math.max(1.5, watch.perHour() * scale));
        }
        return svg.build();
    }

    /** Tells the charts of a page apart. */
    static String key(Settling one) {
        return one.victimId().key()
                + one.aggressorId().map(id -> " " + id.key()).orElse("");
    }
}
