package org.pelluna.app.chart;

import java.time.LocalDate;
import java.util.Optional;
import org.pelluna.app.svg.Svg;
import org.pelluna.core.plan.Cycle;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.units.Dates;

/** The days of a first cycle on a line of time: hatched until its estimated end, paler as long as it may last. */
public final class CycleBand {
    private CycleBand() {}

    /** The band of a plan, from a height to another; nothing where the cycle is over. */
    public static Svg of(TankPlan plan, TimeAxis axis, double top, double bottom) {
        Optional<Cycle> found = Cycle.of(plan).filter(one -> one.isGoingOn(plan.asOf()));
        if (found.isEmpty()) {
            return Svg.NONE;
        }
        Cycle cycle = found.get();
        LocalDate since = plan.tank().cyclingSince().orElse(plan.asOf());
        String words = "cycling, probably until " + Dates.day(cycle.endsOn(), plan.asOf()) + " ("
                + Dates.day(cycle.earliest(), plan.asOf()) + " to " + Dates.day(cycle.latest(), plan.asOf()) + ")";
        return Svg.of(
                "<g class='cycle-band'><title>{}</title>{}{}<text x='{}' y='{}' class='chart-text chart-small'>{}</text></g>",
                words + ": " + cycle.because(),
                days(axis, since, cycle.endsOn(), "cycling", top, bottom),
                days(axis, cycle.endsOn(), cycle.latest(), "may-cycle", top, bottom),
                Math.max(0, axis.x(since)) + 4,
                bottom - 5,
                words);
    }

    private static Svg days(TimeAxis axis, LocalDate from, LocalDate to, String style, double top, double bottom) {
        double begin = Math.max(0, axis.x(from));
        double end = Math.min(axis.width(), axis.x(to));
        return Svg.of(
                "<rect x='{}' y='{}' width='{}' height='{}' class='{}'/>",
                begin,
                top,
                Math.max(0, end - begin),
                bottom - top,
                style);
    }
}
