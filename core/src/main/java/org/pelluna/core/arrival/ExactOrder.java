package org.pelluna.core.arrival;

import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.List;

/**
 * The best order, proved: dynamic programming over subsets (Held and Karp 1962, Journal of SIAM 10), here with ties and
 * release dates.
 *
 * <p>What an arrival costs depends on the set settled before it and on its day. For every set we keep each way of reaching
 * it that is not beaten in both cost and the day it leaves free; as costs never fall with a later day, a beaten way can
 * not lead to a better whole. O(2ⁿ·g) steps for n units and g groups, times the ways kept, usually one. The ways stand in
 * arrays, those of one set linked to each other.
 */
final class ExactOrder {
    /** Most units proved in reasonable time and memory. */
    static final int MOST_UNITS = 20;

    /** Costs closer than this are equal. */
    private static final double EQUAL = 1e-9;

    private static final int NONE = -1;

    private final OrderProblem problem;
    private final int[] firstOfSet;
    private double[] cost = new double[1024];
    private int[] ready = new int[1024];
    private int[] group = new int[1024];
    private int[] before = new int[1024];
    private int[] next = new int[1024];
    private int ways;

    private ExactOrder(OrderProblem problem) {
        this.problem = problem;
        this.firstOfSet = new int[1 << problem.size()];
        Arrays.fill(firstOfSet, NONE);
    }

    /**
     * The cheapest order of all units; empty if no order is allowed.
     *
     * @throws IllegalArgumentException if there are more than {@link #MOST_UNITS}
     */
    static List<Integer> solve(OrderProblem problem) {
        if (problem.size() > MOST_UNITS) {
            throw new IllegalArgumentException(
                    "orders are proved for up to " + MOST_UNITS + " units, not " + problem.size());
        }
        return new ExactOrder(problem).solve();
    }

    private List<Integer> solve() {
        int all = problem.all();
        int[] groups = problem.groups().stream().mapToInt(Integer::intValue).toArray();
        keep(0, 0, problem.firstDay(), 0, NONE);
        for (int settled = 0; settled < all; settled++) {
            if (firstOfSet[settled] == NONE) {
                continue;
            }
            for (int candidate : groups) {
                if ((settled & candidate) == 0 && problem.allows(settled, candidate)) {
                    extend(settled, candidate);
                }
            }
        }
        return order(firstOfSet[all]);
    }

    private void extend(int settled, int candidate) {
        int gate = problem.gate(settled, candidate);
        double undated = problem.undated(settled, candidate);
        for (int way = firstOfSet[settled]; way != NONE; way = next[way]) {
            int day = problem.from(candidate, Math.max(ready[way], gate));
            keep(
                    settled | candidate,
                    cost[way] + undated + problem.lateness(candidate, day),
                    problem.readyAfter(settled, candidate, day),
                    candidate,
                    way);
        }
    }

    private void keep(int set, double itsCost, int itsReady, int itsGroup, int itsBefore) {
        int previous = NONE;
        for (int way = firstOfSet[set]; way != NONE; way = next[way]) {
            if (cost[way] <= itsCost + EQUAL && ready[way] <= itsReady) {
                return;
            }
            if (itsCost <= cost[way] + EQUAL && itsReady <= ready[way]) {
                if (previous == NONE) {
                    firstOfSet[set] = next[way];
                } else {
                    next[previous] = next[way];
                }
            } else {
                previous = way;
            }
        }
        if (ways == cost.length) {
            int more = ways * 2;
            cost = Arrays.copyOf(cost, more);
            ready = Arrays.copyOf(ready, more);
            group = Arrays.copyOf(group, more);
            before = Arrays.copyOf(before, more);
            next = Arrays.copyOf(next, more);
        }
        cost[ways] = itsCost;
        ready[ways] = itsReady;
        group[ways] = itsGroup;
        before[ways] = itsBefore;
        next[ways] = firstOfSet[set];
        firstOfSet[set] = ways;
        ways++;
    }

    private List<Integer> order(int finished) {
        int best = finished;
        for (int way = finished; way != NONE; way = next[way]) {
            if (cost[way] < cost[best] - EQUAL) {
                best = way;
            }
        }
        ArrayDeque<Integer> order = new ArrayDeque<>();
        for (int way = best; way != NONE && group[way] != 0; way = before[way]) {
            order.addFirst(group[way]);
        }
        return List.copyOf(order);
    }
}
