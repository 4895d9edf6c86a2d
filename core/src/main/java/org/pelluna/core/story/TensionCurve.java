package org.pelluna.core.story;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.pressure.Encounters;
import org.pelluna.core.pressure.Pressure;
import org.pelluna.core.timeline.Timeline;
import org.pelluna.core.watch.Exposure;

/** The tension of a tank from week to week: what was seen against what is predicted. */
final class TensionCurve {
    /** So many steps at most; a step is a week at least. */
    private static final int MOST_STEPS = 60;

    private TensionCurve() {}

    static List<Tension> of(ResolvedPlan stock, LocalDate from) {
        LocalDate today = stock.plan().asOf();
        long days = ChronoUnit.DAYS.between(from, today) + 1;
        int step = (int) Math.max(7, (days + MOST_STEPS - 1) / MOST_STEPS);
        Exposure exposure =
                Exposure.of(stock.plan().log(), stock.plan().observations().watches());
        Timeline<Fish> timeline = stock.timeline();
        List<Tension> tension = new ArrayList<>();
        for (LocalDate day = from; !day.isAfter(today); day = day.plusDays(step)) {
            LocalDate end = day.plusDays(step);
            LocalDate middle = day.plusDays(step / 2);
            LocalDate at = middle.isAfter(today) ? today : middle;
            double hours = exposure.days().subMap(day, true, end, false).values().stream()
                    .mapToDouble(Double::doubleValue)
                    .sum();
            double predicted = Encounters.of(stock.only(timeline.presentOn(at), at)).amongResidents().stream()
                    .mapToDouble(Pressure::perHour)
                    .sum();
            tension.add(new Tension(
                    day,
                    end.isAfter(today) ? today : end.minusDays(1),
                    predicted,
                    hours > 0
                            ? OptionalDouble.of(exposure.encounters(day, end).size() / hours)
                            : OptionalDouble.empty()));
        }
        return tension;
    }
}
