package org.pelluna.core.arrival;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.function.ToDoubleFunction;

/**
 * A good order where proving the best would take too long: insertion local search (Martí and Reinelt 2011, The Linear
 * Ordering Problem). Units arrive one by one; the result is never presented as the optimum.
 */
final class InsertionOrder {
    private static final double GAIN = 1e-9;
    private static final int SHAKES = 24;
    private static final int LONGEST_PIECE = 6;

    private InsertionOrder() {}

    /**
     * An allowed order in which no arrival could be moved to a cheaper place, no rivals brought in together more cheaply, and none apart; empty
     * if the gentlest-first one is none.
     */
    static List<Integer> solve(OrderProblem problem) {
        List<Integer> order = gentlestFirst(problem);
        if (!problem.allows(order)) {
            return List.of();
        }
        List<Integer> best = improve(problem, order, problem::leastCost);
        // Seeded, so that the same plan has the same order.
        SplittableRandom random = new SplittableRandom(problem.size());
        for (int i = 0; i < SHAKES && best.size() > 2; i++) {
            List<Integer> shaken = shaken(best, random);
            if (problem.allows(shaken)) {
                List<Integer> other = improve(problem, shaken, problem::leastCost);
                best = problem.leastCost(other) < problem.leastCost(best) - GAIN ? other : best;
            }
        }
        return best;
    }

    /** Some arrivals that stand together moved to another place: iterated local search (Lourenço, Martin and Stützle 2003). */
    private static List<Integer> shaken(List<Integer> order, SplittableRandom random) {
        int from = random.nextInt(order.size() - 1);
        int many = 1 + random.nextInt(Math.min(LONGEST_PIECE, order.size() - from - 1));
        List<Integer> piece = order.subList(from, from + many);
        List<Integer> others = new ArrayList<>(order.subList(0, from));
        others.addAll(order.subList(from + many, order.size()));
        others.addAll(random.nextInt(others.size() + 1), piece);
        return others;
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

    /** At every step the gentlest of those that may come; empty where nobody may. */
    static List<Integer> gentlestFirst(OrderProblem problem) {
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
