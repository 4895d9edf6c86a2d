package org.pelluna.core.arrival;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * A good order where proving the best would take too long: insertion local search (Martí and Reinelt 2011, The Linear
 * Ordering Problem). Units arrive one by one; the result is never presented as the optimum.
 */
final class InsertionOrder {
    private static final double GAIN = 1e-9;

    private InsertionOrder() {}

    /** An order in which no single unit could be moved to a cheaper place. */
    static List<Integer> solve(OrderProblem problem) {
        List<Integer> order = new ArrayList<>();
        for (int i = 0; i < problem.size(); i++) {
            order.add(1 << i);
        }
        order.sort(Comparator.comparingDouble(group -> problem.unit(Integer.numberOfTrailingZeros(group))
                .fish()
                .species()
                .temper()
                .others()));
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

    private static List<Integer> bestPlace(OrderProblem problem, List<Integer> order, Integer group) {
        List<Integer> best = order;
        double bestCost = Double.POSITIVE_INFINITY;
        for (int place = 0; place < order.size(); place++) {
            List<Integer> candidate = new ArrayList<>(order);
            candidate.remove(group);
            candidate.add(place, group);
            double cost = problem.cost(candidate).total();
            if (cost < bestCost) {
                best = candidate;
                bestCost = cost;
            }
        }
        return best;
    }
}
