package org.pelluna.app.quarantine;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.pelluna.app.chart.TimeAxis;
import org.pelluna.app.svg.Label;
import org.pelluna.app.svg.Svg;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.WaterTest;
import org.pelluna.core.units.Numbers;
import org.pelluna.core.watch.Phase;

/** A quarantine in time: its parts, who was in it when, what was measured of copper and salinity, and the stays to come. */
record QuarantineChart(TankPlan plan, List<PlannedStay> planned) {
    private static final double WIDTH = 760;
    private static final double LABELS = 190;
    private static final int ROW = 24;
    private static final int TOP = 34;
    private static final int MOST_STAYS = 12;
    private static final int BACK_DAYS = 60;

    Svg svg() {
        LocalDate today = plan.asOf();
        List<Resident> stays = plan.residents().stream()
                .filter(one -> one.leftOn()
                        .filter(day -> day.isBefore(today.minusDays(BACK_DAYS)))
                        .isEmpty())
                .limit(MOST_STAYS)
                .toList();
        List<PlannedStay> ahead = planned.stream().limit(MOST_STAYS).toList();
        List<Phase> phases = plan.observations().phases().stream()
                .filter(one -> !one.until().isBefore(today.minusDays(BACK_DAYS)))
                .toList();
        TimeAxis axis = axis(stays, phases, ahead);
        int rows = 2 + stays.size() + ahead.size();
        double bottom = TOP + rows * ROW + 6;
        Svg.Builder svg = new Svg.Builder()
                .add(
                        "<svg class='course-chart quarantine-chart' width='{}' viewBox='{} 0 {} {}' role='img' aria-label='Parts, stays and measures of this quarantine in time'>",
                        LABELS + WIDTH + 20,
                        -LABELS,
                        LABELS + WIDTH + 20,
                        bottom + 28);
        svg.add(axis.svg(TOP - 6, bottom));
        int row = 0;
        label(svg, row, "What is done");
        for (Phase one : phases) {
            bar(
                    svg,
                    axis,
                    row,
                    one.from(),
                    one.until(),
                    "part-bar part-"
                            + (one.cut().isPresent() ? "cut" : one.kind().name().toLowerCase(Locale.ROOT)));
        }
        row++;
        label(svg, row, "Measured");
        measures(svg, axis, row, axis.from());
        row++;
        for (Resident one : stays) {
            label(svg, row, one.name());
            bar(svg, axis, row++, one.arrivedOn(), one.leftOn().orElse(today), "stay");
        }
        for (PlannedStay one : ahead) {
            label(svg, row, one.names());
            bar(svg, axis, row++, one.from(), one.until(), "stay-to-come");
        }
        return svg.add("</svg>").build();
    }

    private TimeAxis axis(List<Resident> stays, List<Phase> phases, List<PlannedStay> ahead) {
        LocalDate today = plan.asOf();
        LocalDate from = Stream.concat(
                        stays.stream().map(Resident::arrivedOn), phases.stream().map(Phase::from))
                .min(LocalDate::compareTo)
                .filter(day -> day.isAfter(today.minusDays(BACK_DAYS)))
                .orElse(today.minusDays(phases.isEmpty() && stays.isEmpty() ? 7 : BACK_DAYS))
                .minusDays(3);
        LocalDate to = Stream.concat(
                        phases.stream().map(Phase::until), ahead.stream().map(PlannedStay::until))
                .max(LocalDate::compareTo)
                .filter(day -> day.isAfter(today.plusDays(30)))
                .orElse(today.plusDays(30))
                .plusDays(4);
        return new TimeAxis(from, to, today, WIDTH);
    }

    private static void label(Svg.Builder svg, int row, String words) {
        svg.add(
                "<text x='-8' y='{}' text-anchor='end' class='chart-text chart-small'>{}</text>",
                TOP + row * ROW + 15,
                Label.cut(words, 28));
    }

    private static void bar(Svg.Builder svg, TimeAxis axis, int row, LocalDate from, LocalDate until, String style) {
        double begun = Math.max(0, axis.x(from));
        double ended = Math.min(WIDTH, axis.x(until));
        if (ended > begun) {
            svg.add(
                    "<rect x='{}' y='{}' width='{}' height='12' class='{}'/>",
                    begun,
                    TOP + row * ROW + 5,
                    Math.max(2, ended - begun - 1),
                    style);
        }
    }

    /** Each test a rhomb; the latest of a kind with its figure, where the line of today leaves room. */
    private void measures(Svg.Builder svg, TimeAxis axis, int row, LocalDate from) {
        double y = TOP + row * ROW + 11;
        for (WaterTest.Kind kind : List.of(WaterTest.Kind.COPPER, WaterTest.Kind.GRAVITY)) {
            List<WaterTest> tests = plan.waterTests().stream()
                    .filter(test -> test.kind() == kind && !test.on().isBefore(from))
                    .toList();
            tests.forEach(
                    test -> svg.add("<path d='M{} {}l4 4l-4 4l-4 -4z' class='fill-warn'/>", axis.x(test.on()), y - 4));
            if (!tests.isEmpty()) {
                WaterTest last = tests.get(tests.size() - 1);
                svg.add(
                        "<text x='{}' y='{}' class='chart-text chart-small'>{} {}</text>",
                        axis.x(plan.asOf()) + 8 + (kind == WaterTest.Kind.COPPER ? 130 : 0),
                        y + 4,
                        kind == WaterTest.Kind.GRAVITY ? "SG" : kind.words(),
                        Numbers.plain(last.value(), kind.decimals())
                                + (kind.unit().isEmpty() ? "" : " " + kind.unit()));
            }
        }
    }
}
