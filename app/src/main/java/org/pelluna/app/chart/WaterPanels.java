package org.pelluna.app.chart;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.pelluna.core.forecast.WaterForecast;
import org.pelluna.core.forecast.WaterLimit;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.WaterTest;
import org.pelluna.core.units.Numbers;
import org.pelluna.core.water.Ammonia;

/** What is predicted and tested of the water, as panels over time. */
public final class WaterPanels {
    private final TankPlan plan;
    private final List<WaterForecast.Day> days;

    /**
     * @param plan whose tests and targets
     * @param days the predicted days; empty while nothing can be predicted
     */
    public WaterPanels(TankPlan plan, List<WaterForecast.Day> days) {
        this.plan = plan;
        this.days = days;
    }

    /** Un-ionised ammonia, which no kit shows. */
    public TimePanel unionised() {
        return new TimePanel(
                "Toxic ammonia, mg/L",
                days.stream()
                        .map(day -> new TimePanel.Point(day.date(), day.unionised()))
                        .toList(),
                Optional.of(Ammonia.FOUR_DAY_LIMIT),
                "limit",
                List.of(),
                3);
    }

    /** What a test of a predicted kind would show, and what tests showed. */
    public TimePanel of(WaterTest.Kind kind) {
        return new TimePanel(
                kind.title() + ", " + kind.unit(),
                days.stream()
                        .map(day -> new TimePanel.Point(day.date(), day.of(kind).orElseThrow()))
                        .toList(),
                Optional.of(kind.to(plan.houseRules().husbandry())),
                kind.toWords(),
                plan.waterTests().stream()
                        .filter(test -> test.kind() == kind)
                        .map(test -> new TimePanel.Point(test.on(), test.value()))
                        .toList(),
                kind.decimals());
    }

    /** The worst of the water from a day on, in words; empty while nothing can be predicted. */
    public static String worst(List<WaterForecast.Day> days, LocalDate from) {
        if (days.isEmpty()) {
            return "";
        }
        WaterLimit.Peak peak = WaterForecast.peak(days, from);
        return (peak.bearable() ? "The water stays safe" : "The water becomes dangerous") + ": toxic ammonia peaks at "
                + Numbers.significant(peak.fourDays()) + " mg/L, and the limit is " + Ammonia.FOUR_DAY_LIMIT
                + ". Nitrite peaks at " + Numbers.significant(peak.nitrite()) + " mg/L.";
    }
}
