package org.pelluna.core.arrival;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.pelluna.core.forecast.WaterReserve;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.Schedule;

/**
 * The keeper's own order, priced in the way it is carried out.
 *
 * @param problem what it is an order of
 * @param order the groups; empty if the keeper has none
 * @param out the resident that is out meanwhile, if there is one: the last unit of the problem
 */
record OwnOrder(OrderProblem problem, List<Integer> order, Optional<Fish> out) {

    static OwnOrder of(ResolvedPlan stock, List<OrderItem> units, WaterReserve water) {
        Schedule.Way way = stock.plan().schedule().way().orElse(Schedule.Way.USUAL);
        Optional<Fish> out = way.out()
                .filter(any -> !stock.plan().schedule().order().isEmpty())
                .flatMap(id -> stock.residents().stream()
                        .filter(fish -> fish.id().equals(id))
                        .findFirst());
        OrderProblem problem = problem(stock, units, water, way.boxed(), out);
        List<Integer> order = order(problem, stock.plan().schedule());
        OrderSearch.holdBack(problem, order);
        return new OwnOrder(problem, order, out);
    }

    /**
     * An order to be found or priced.
     *
     * @param boxed whether everyone comes through the box
     * @param out a resident that is taken out meanwhile and comes back after all others
     */
    static OrderProblem problem(
            ResolvedPlan stock, List<OrderItem> units, WaterReserve water, boolean boxed, Optional<Fish> out) {
        OrderOptions usual = OrderOptions.of(stock.plan().houseRules());
        if (out.isEmpty() || units.isEmpty() || units.size() >= OrderProblem.MOST_UNITS) {
            return new OrderProblem(stock, units, new OrderOptions(usual.together(), boxed, 0), water);
        }
        List<OrderItem> all = new ArrayList<>(units);
        all.add(new OrderItem(out.get(), 1, 0, ""));
        return new OrderProblem(
                stock.whileOut(out.get().id()),
                all,
                new OrderOptions(usual.together(), boxed, 1 << units.size()),
                water.with(stock.whileOut(out.get().id())));
    }

    /** The keeper's own order; wishes it does not name follow in the order of the list, whoever comes back last of all. */
    private static List<Integer> order(OrderProblem problem, Schedule schedule) {
        List<Integer> order = new ArrayList<>();
        int named = 0;
        for (List<WishId> together : schedule.order()) {
            int group = 0;
            for (int i = 0; i < problem.size(); i++) {
                if (together.contains(problem.unit(i).wishId()) && (named & 1 << i) == 0) {
                    group |= 1 << i;
                }
            }
            if (group != 0) {
                order.add(group);
                named |= group;
            }
        }
        if (order.isEmpty()) {
            return List.of();
        }
        for (int i = 0; i < problem.size(); i++) {
            if ((named & 1 << i) == 0) {
                order.add(1 << i);
            }
        }
        return order;
    }
}
