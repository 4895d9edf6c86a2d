package org.pelluna.core.arrival;

import java.util.ArrayList;
import java.util.List;

/**
 * A good order where proving the best would take too long: insertion local search (Martí and Reinelt 2011, The Linear
 * Ordering Problem). Units arrive one by one; the result is never presented as the optimum.
 */
final class InsertionOrder {
    private static final double GAIN = 1e-9;

    private InsertionOrder() {}

    /** An allowed order in which no single unit could be moved to a cheaper place; empty if the gentlest-first one is none. */
    static List<Integer> solve(OrderProblem problem) {
        List<Integer> order = gentlestFirst(problem);
        if (!problem.allows(order)) {
            return List.of();
        }
        double cost = problem.cost(order).total();
        boolean improved = true;
        while (improved) {
            improved = false;
            for (int group : List.copyOf(order)) {
                List<Integer> moved = bestPlace(problem, order, group);
                double movedCost = problem.cost(moved).total();
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
        for (int step = 0; step < problem.size(); step++) {
            int next = -1;
            for (int i = 0; i < problem.size(); i++) {
                if ((settled & 1 << i) == 0
                        && problem.allows(settled, 1 << i)
                        && (next < 0 || temper(problem, i) < temper(problem, next))) {
                    next = i;
                }
            }
            if (next < 0) {
                return List.of();
            }
            order.add(1 << next);
            settled |= 1 << next;
        }
        return order;
    }

    private static double temper(OrderProblem problem, int i) {
        return problem.unit(i).fish().species().temper().others();
    }

    private static List<Integer> bestPlace(OrderProblem problem, List<Integer> order, Integer group) {
        List<Integer> best = order;
        double bestCost = Double.POSITIVE_INFINITY;
        for (int place = 0; place < order.size(); place++) {
            List<Integer> candidate = new ArrayList<>(order);
            candidate.remove(group);
            candidate.add(place, group);
            double cost = problem.cost(candidate).total();
            if (cost < bestCost && problem.allows(candidate)) {
                best = candidate;
                bestCost = cost;
            }
        }
        return best;
    }
}
