package org.pelluna.core.arrival;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The best order, proved: dynamic programming over subsets (Held and Karp 1962, Journal of SIAM 10), here with ties and
 * release dates.
 *
 * <p>What an arrival costs depends on the set settled before it and on its day. For every set we keep each way of reaching
 * it that is not beaten in both cost and the day it leaves free; as costs never fall with a later day, a beaten way can
 * not lead to a better whole. O(2ⁿ·g) steps for n units and g groups, times the ways kept, usually one.
 */
final class ExactOrder {
    /** Most units proved in reasonable time and memory. */
    static final int MOST_UNITS = 16;

    /** Costs closer than this are equal. */
    private static final double EQUAL = 1e-9;

    private ExactOrder() {}

    /** One way of settling a set. */
    private record Way(
            double cost, int ready, int group, @Nullable Way before) {
        boolean beats(Way other) {
            return cost <= other.cost + EQUAL && ready <= other.ready;
        }
    }

    /**
     * The cheapest order of all units.
     *
     * @throws IllegalArgumentException if there are more than {@link #MOST_UNITS}
     */
    static List<Integer> solve(OrderProblem problem) {
        int n = problem.size();
        if (n > MOST_UNITS) {
            throw new IllegalArgumentException("orders are proved for up to " + MOST_UNITS + " units, not " + n);
        }
        List<Integer> groups = problem.groups();
        List<List<Way>> ways = new ArrayList<>();
        for (int set = 0; set < 1 << n; set++) {
            ways.add(new ArrayList<>(1));
        }
        ways.get(0).add(new Way(0, problem.firstDay(), 0, null));
        for (int settled = 0; settled < (1 << n) - 1; settled++) {
            for (Way way : ways.get(settled)) {
                for (int group : groups) {
                    if ((settled & group) == 0) {
                        int day = problem.day(settled, group, way.ready);
                        double cost =
                                way.cost + problem.step(settled, group, day).total();
                        Way next = new Way(cost, problem.readyAfter(group, day), group, way);
                        keep(ways.get(settled | group), next);
                    }
                }
            }
        }
        return order(ways.get((1 << n) - 1));
    }

    private static void keep(List<Way> ways, Way next) {
        for (Way way : ways) {
            if (way.beats(next)) {
                return;
            }
        }
        ways.removeIf(next::beats);
        ways.add(next);
    }

    private static List<Integer> order(List<Way> finished) {
        Way best = finished.get(0);
        for (Way way : finished) {
            if (way.cost < best.cost - EQUAL) {
                best = way;
            }
        }
        ArrayDeque<Integer> order = new ArrayDeque<>();
        for (@Nullable Way way = best; way != null && way.group != 0; way = way.before) {
            order.addFirst(way.group);
        }
        return List.copyOf(order);
    }
}
