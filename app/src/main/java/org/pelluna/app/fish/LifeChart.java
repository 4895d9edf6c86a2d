package org.pelluna.app.fish;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.pelluna.app.chart.TimeAxis;
import org.pelluna.app.chart.TimePanel;
import org.pelluna.app.svg.Svg;
import org.pelluna.app.web.Measures;
import org.pelluna.core.growth.GrowthCurve;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.Resident;

/** A fish's length over time, computed and measured, above the days it lived in the display. */
record LifeChart(Fish fish, Resident resident, LocalDate today, Measures measures) {
    private static final double WIDTH = 760;
    private static final double HEIGHT = 130;
    private static final int STEPS = 120;

    /** The chart; the words beside it say the same. */
    Svg svg() {
        LocalDate from = resident.arrivedOn().minusDays(10);
        LocalDate end = resident.leftOn().orElse(today.plusYears(1));
        LocalDate to = end.isBefore(from.plusDays(60)) ? from.plusDays(60) : end;
        TimeAxis axis = new TimeAxis(from, to, today.isAfter(to) ? to : today, WIDTH);
        double top = 30;
        double bars = top + HEIGHT + 18;
        Svg.Builder svg = new Svg.Builder()
                .add(
                        "<svg class='course-chart life-chart' width='{}' viewBox='-8 0 {} {}' role='img' aria-label='Length computed and measured, and the days in the display'>",
                        WIDTH + 110,
                        WIDTH + 110,
                        bars + 60);
        svg.add(axis.svg(top - 4, bars + 20));
        svg.add(new TimePanel(
                        "Length, " + measures.length().symbol(),
                        course(from, to),
                        Optional.of(
                                measures.length().fromCentimetres(fish.growth().adultLengthCm())),
                        "adult",
                        measured(),
                        1,
                        spread(from, to))
                .svg(axis, top + 10, HEIGHT));
        for (var stay : resident.stays()) {
            double begun = axis.x(stay.cameOn());
            double ended = axis.x(stay.leftOn().orElse(today.isAfter(to) ? to : today));
            svg.add(
                    "<rect x='{}' y='{}' width='{}' height='9' class='fill-land'/>",
                    begun,
                    bars,
                    Math.max(1, ended - begun));
        }
        return svg.add(
                        "<text x='{}' y='{}' class='chart-text chart-small'>in the display</text></svg>",
                        WIDTH + 6,
                        bars + 9)
                .build();
    }

    private Stream<LocalDate> days(LocalDate from, LocalDate to) {
        long days = ChronoUnit.DAYS.between(resident.arrivedOn(), to);
        return IntStream.rangeClosed(0, STEPS)
                .mapToObj(i -> resident.arrivedOn().plusDays(days * i / STEPS))
                .filter(day -> !day.isBefore(from));
    }

    private List<TimePanel.Point> course(LocalDate from, LocalDate to) {
        return days(from, to).map(day -> point(day, fish.lengthCmOn(day))).toList();
    }

    /** One standard deviation of individuals to either side, since it was last measured. */
    private List<TimePanel.Range> spread(LocalDate from, LocalDate to) {
        GrowthCurve slow = fish.growth().band(false);
        GrowthCurve fast = fish.growth().band(true);
        return days(from, to)
                .filter(day -> !day.isBefore(slow.startsOn()))
                .map(day -> new TimePanel.Range(
                        day,
                        measures.length().fromCentimetres(slow.lengthCmOn(day)),
                        measures.length().fromCentimetres(fast.lengthCmOn(day))))
                .toList();
    }

    private List<TimePanel.Point> measured() {
        List<TimePanel.Point> points = new ArrayList<>(List.of(point(resident.arrivedOn(), resident.lengthCm())));
        resident.noted().lengths().forEach(one -> points.add(point(one.on(), one.cm())));
        return points;
    }

    private TimePanel.Point point(LocalDate day, double cm) {
        return new TimePanel.Point(day, measures.length().fromCentimetres(cm));
    }
}
