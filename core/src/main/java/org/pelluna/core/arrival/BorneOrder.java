package org.pelluna.core.arrival;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.forecast.WaterReserve;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.water.Nitrification;

/**
 * The best order in which the water bears every arrival.
 *
 * @param problem what was put in order
 * @param found the best order of it
 * @param placed the units of the problem: those that have a date
 * @param held those without a date, each with its reason
 */
record BorneOrder(OrderProblem problem, FoundOrder found, List<OrderItem> placed, List<ArrivalPlan.Held> held) {

    /** Whoever the forecast never bears gets no date, and the order of the others is searched again, until it bears all that have one. */
    static BorneOrder of(ResolvedPlan stock, OrderItems items, WaterReserve water) {
        List<OrderItem> placed = new ArrayList<>(items.placed());
        List<ArrivalPlan.Held> held = new ArrayList<>(items.held());
        while (true) {
            OrderProblem problem =
                    new OrderProblem(stock, placed, OrderOptions.of(stock.plan().houseRules()), water).solvable();
            FoundOrder found = OrderSearch.best(problem);
            Optional<HeldBack> cut = problem.water().notBorne(problem, found.order());
            if (cut.isEmpty()) {
                return new BorneOrder(problem, found, placed, held);
            }
            for (OrderItem unit : Groups.units(problem, cut.get().group())) {
                held.add(new ArrivalPlan.Held(unit.wishId(), unit.fish().name(), notBorne(unit)));
                placed.remove(unit);
            }
        }
    }

    private static Finding notBorne(OrderItem unit) {
        return Finding.of(
                        "water",
                        Severity.WAIT,
                        "Ammonia or nitrite would pass its limit on every day on which " + unit.name() + " could come.",
                        Nitrification.SOURCE,
                        List.of())
                .remedy("Let the others arrive first: it is looked at again after each of them.");
    }
}
