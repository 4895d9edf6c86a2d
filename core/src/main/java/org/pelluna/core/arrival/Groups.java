package org.pelluna.core.arrival;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** Groups of units, for sentences. */
final class Groups {
    private Groups() {}

    static List<OrderItem> units(OrderProblem problem, int group) {
        List<OrderItem> units = new ArrayList<>();
        for (int rest = group; rest != 0; rest &= rest - 1) {
            units.add(problem.unit(Integer.numberOfTrailingZeros(rest)));
        }
        return units;
    }

    static String names(OrderProblem problem, int group) {
        return units(problem, group).stream().map(OrderItem::name).collect(Collectors.joining(" and "));
    }

    static List<Integer> and(List<Integer> order, int group) {
        List<Integer> longer = new ArrayList<>(order);
        longer.add(group);
        return longer;
    }
}
