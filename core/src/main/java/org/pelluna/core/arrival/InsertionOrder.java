package org.pelluna.core.arrival;

import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * A good order where proving the best would take too long: insertion local search (Martí and Reinelt 2011, The Linear
 * Ordering Problem). Units arrive one by one; the result is never presented as the optimum.
 */
final class InsertionOrder {
    private static final double GAIN = 1e-9;

    private InsertionOrder() {}

    /**
     * An allowed order in which no arrival could be moved to a cheaper place, no rivals brought in together more cheaply, and none apart; empty
     * if the gentlest-first one is none.
     */
    static List<Integer> solve(OrderProblem problem) {
        List<Integer> order = gentlestFirst(problem);
        return problem.allows(order) ? improve(problem, order, problem::leastCost) : List.of();
    }

    /** An order as described, by some cost, from a given allowed one. */
    static List<Integer> improve(OrderProblem problem, List<Integer> start, ToDoubleFunction<List<Integer>> costs) {
        List<Integer> order = start;
        double cost = costs.applyAsDouble(order);
        boolean improved = true;
        while (improved) {
            improved = false;
            for (int group : problem.groups()) {
                List<Integer> moved = bestPlace(problem, without(order, group), group, costs);
                double movedCost = moved.isEmpty() ? cost : costs.applyAsDouble(moved);
                if (movedCost < cost - GAIN) {
                    order = moved;
                    cost = movedCost;
                    improved = true;
                }
            }
        }
        return order;
    }

    /** At every step the gentlest of those that may come. */
    private static List<Integer> gentlestFirst(OrderProblem problem) {
        List<Integer> order = new ArrayList<>();
        int settled = 0;
        List<Integer> groups = problem.groups();
        while (settled != problem.all()) {
            int next = 0;
            for (int group : groups) {
                if ((settled & group) == 0
                        && problem.allows(settled, group)
                        && (next == 0 || temper(problem, group) < temper(problem, next))) {
                    next = group;
                }
            }
            if (next == 0) {
                return List.of();
            }
            order.add(next);
            settled |= next;
        }
        return order;
    }

    /** The temper of the worst of a group. */
    private static double temper(OrderProblem problem, int group) {
        return Groups.units(problem, group).stream()
                .mapToDouble(unit -> unit.fish().species().temper().toward().others())
                .max()
                .orElse(0);
    }

    /** The order without the units of a group; those that were to come with one of them come by themselves. */
    private static List<Integer> without(List<Integer> order, int group) {
        List<Integer> rest = new ArrayList<>();
        for (int arrival : order) {
            if ((arrival & group) == 0) {
                rest.add(arrival);
            } else {
                for (int left = arrival & ~group; left != 0; left &= left - 1) {
                    rest.add(Integer.lowestOneBit(left));
                }
            }
        }
        return rest;
    }

    /** The cheapest allowed place of a group among the others; empty if none is. */
    private static List<Integer> bestPlace(
            OrderProblem problem, List<Integer> others, int group, ToDoubleFunction<List<Integer>> costs) {
        List<Integer> best = List.of();
        double bestCost = Double.POSITIVE_INFINITY;
        for (int place = 0; place <= others.size(); place++) {
            List<Integer> candidate = new ArrayList<>(others);
            candidate.add(place, group);
            double cost = costs.applyAsDouble(candidate);
            if (cost < bestCost && problem.allows(candidate)) {
                best = candidate;
                bestCost = cost;
            }
        }
        return best;
    }
}
