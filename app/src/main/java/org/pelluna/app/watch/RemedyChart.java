package org.pelluna.app.watch;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.stream.Stream;
import org.pelluna.app.svg.Svg;
import org.pelluna.core.course.Course;
import org.pelluna.core.course.Watched;
import org.pelluna.core.tension.RateChange;
import org.pelluna.core.tension.RemedyEffect;
import org.pelluna.core.units.Numbers;

/**
 * Before and after a remedy: a stroke for each watch, as high as its encounters an hour, against the band in which settling by itself would have gone on from what was seen before. The
 * watch that made the keeper act is drawn thin: it is not judged by.
 */
final class RemedyChart {
    private static final double WIDTH = 420;
    private static final double HEIGHT = 110;

    private RemedyChart() {}

    /** The chart; empty where nothing was watched before. The table beside it says the same. */
    static Svg svg(RemedyEffect effect) {
        RateChange all = effect.all();
        if (!all.isKnown()) {
            return Svg.of("");
        }
        LocalDate since = effect.quarrelSince();
        double begun = ChronoUnit.DAYS.between(since, effect.remedy().from());
        long days = (long)
                Math.max(begun + 7, all.after().get(all.after().size() - 1).day() + 2);
        double most = Stream.of(all.before(), all.after(), all.spared().stream().toList())
                .flatMap(List::stream)
                .mapToDouble(Watched::perHour)
                .max()
                .orElse(1);
        double scale = HEIGHT / (Math.max(1, most) * 1.1);
        double dayWidth = WIDTH / days;
        Svg.Builder svg = new Svg.Builder()
                .add(
                        "<svg class='settling-chart' viewBox='0 -14 {} {}' aria-hidden='true'><rect width='{}' height='{}' class='tint-1'/>",
                        WIDTH + 4,
                        HEIGHT + 34,
                        WIDTH,
                        HEIGHT)
                .add(
                        "<path class='course-band' d='{}'/>",
                        new CourseBand(Course.of(all.before()), days, dayWidth, scale, HEIGHT).path());
        Stream.of(all.before(), all.after())
                .flatMap(List::stream)
                .forEach(watch -> svg.add(
                        "<path class='swell' d='M{} {}V{}'/>",
                        (watch.day() + 0.5) * dayWidth,
                        HEIGHT,
                        HEIGHT - Math.max(1.5, watch.perHour() * scale)));
        all.spared()
                .ifPresent(watch -> svg.add(
                        "<path class='thin' d='M{} {}V{}'/>",
                        (watch.day() + 0.5) * dayWidth,
                        HEIGHT,
                        HEIGHT - Math.max(1.5, watch.perHour() * scale)));
        return svg.add(
                        "<path class='today' d='M{} 0V{}'/><text x='2' y='-3' class='chart-text chart-small'>{} an hour</text><text x='0' y='{}' class='chart-text chart-small'>{}</text><text x='{}' y='{}' text-anchor='middle' class='chart-text chart-small'>{}</text></svg>",
                        begun * dayWidth,
                        HEIGHT,
                        Numbers.plain(most, 1),
                        HEIGHT + 14,
                        since,
                        Math.max(150, Math.min(WIDTH - 40, begun * dayWidth)),
                        HEIGHT + 14,
                        "begun " + effect.remedy().from())
                .build();
    }
}
