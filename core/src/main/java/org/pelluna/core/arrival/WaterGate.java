package org.pelluna.core.arrival;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.pelluna.core.forecast.WaterForecast;
import org.pelluna.core.forecast.WaterReserve;
import org.pelluna.core.plan.Fish;

/** Asks the forecast whether the tank's own colony bears an order on its days. */
final class WaterGate {
    /** Days after an arrival within which its waste shows. */
    private static final int AFTER = 42;

    private static final int STEP = 7;
    private static final int LONGEST_WAIT = 84;

    private final WaterForecast forecast;
    private final LocalDate today;

    WaterGate(WaterReserve water, LocalDate today) {
        this.forecast = water.forecast();
        this.today = today;
    }

    /** The first arrival of an order that the forecast does not bear; empty if it bears all. */
    Optional<HeldBack> first(OrderProblem problem, List<OrderStep> steps) {
        List<WaterForecast.PlannedFish> coming = coming(problem, steps, today);
        if (coming.isEmpty()) {
            return Optional.empty();
        }
        LocalDate end = coming.get(coming.size() - 1).on().plusDays(AFTER);
        List<WaterForecast.Day> all = forecast.days(coming, end);
        List<WaterForecast.Day> without = forecast.days(List.of(), end);
        for (int i = 0; i < coming.size(); i++) {
            LocalDate from = coming.get(i).on();
            LocalDate to = i + 1 < coming.size() ? coming.get(i + 1).on() : end;
            // What the water would not bear without any newcomer is no newcomer's fault.
            if (!bearable(all, from, to) && bearable(without, from, to)) {
                OrderStep step = steps.get(i);
                return Optional.of(
                        new HeldBack(step.settled(), step.group(), later(coming.subList(0, i + 1), step.day())));
            }
        }
        return Optional.empty();
    }

    /** The first day on which the last of some arrivals is borne. */
    private int later(List<WaterForecast.PlannedFish> coming, int day) {
        WaterForecast.PlannedFish last = coming.get(coming.size() - 1);
        for (int wait = STEP; wait <= LONGEST_WAIT; wait += STEP) {
            LocalDate on = last.on().plusDays(wait);
            List<WaterForecast.PlannedFish> tried = new ArrayList<>(coming.subList(0, coming.size() - 1));
            tried.add(new WaterForecast.PlannedFish(
                    on,
                    last.fish().stream()
                            .map(fish -> PairTable.on(fish, on, today))
                            .toList()));
            if (bearable(forecast.days(tried, on.plusDays(AFTER)), on, on.plusDays(AFTER))) {
                return day + wait;
            }
        }
        return Integer.MAX_VALUE;
    }

    private static boolean bearable(List<WaterForecast.Day> days, LocalDate from, LocalDate to) {
        return WaterForecast.peak(
                        days.stream().filter(day -> day.date().isBefore(to)).toList(), from)
                .bearable();
    }

    /** Each arrival with its fish. */
    static List<WaterForecast.PlannedFish> coming(OrderProblem problem, List<OrderStep> steps, LocalDate today) {
        List<WaterForecast.PlannedFish> coming = new ArrayList<>();
        for (OrderStep step : steps) {
            LocalDate on = today.plusDays(step.day());
            List<Fish> fish = new ArrayList<>();
            for (OrderItem unit : Groups.units(problem, step.group())) {
                for (int i = 0; i < unit.count(); i++) {
                    fish.add(PairTable.on(unit.fish(), on, today));
                }
            }
            coming.add(new WaterForecast.PlannedFish(on, fish));
        }
        return coming;
    }
}
