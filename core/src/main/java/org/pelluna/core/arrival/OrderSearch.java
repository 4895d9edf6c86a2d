package org.pelluna.core.arrival;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.pelluna.core.units.Numbers;

/**
 * The best order that can be found on the order's own dates, and by how much another could be cheaper at most.
 *
 * <p>Up to {@link ExactOrder#MOST_UNITS} units the best order by the least pressures any dates can bring is found exactly: what it costs by those is a bound no order goes
 * below. From there a local search goes on by real dates, and up to {@link DatedProof#MOST_UNITS} units branch and bound closes the gap. An arrival that the forecast does
 * not bear is held back, and the search begun anew; the bound stays one.
 */
final class OrderSearch {
    private static final int MOST_CUTS = 12;
    private static final double EQUAL = 1e-9;

    private OrderSearch() {}

    /**
     * An order found.
     *
     * @param order the groups
     * @param gap by which share of its cost another order could be cheaper at most; 0 if it is proved the best; empty if nothing is proved
     */
    record Found(List<Integer> order, OptionalDouble gap) {
        boolean proved() {
            return isProved(gap);
        }
    }

    /** What can be claimed of an order, in a sentence. */
    static String claim(OptionalDouble gap) {
        if (isProved(gap)) {
            return "Proved best on its own dates, among single arrivals and up to " + OrderProblem.MOST_TOGETHER
                    + " rivals a day.";
        }
        return gap.isPresent()
                ? "The best found; no order can be better by more than "
                        + Numbers.plain(Math.ceil(1000 * gap.getAsDouble()) / 10) + " %."
                : "The best found; whether there is a better one is not proved.";
    }

    static boolean isProved(OptionalDouble gap) {
        return gap.isPresent() && gap.getAsDouble() <= EQUAL;
    }

    /** The best order found; in the order of the wishes where none is allowed. */
    static Found best(OrderProblem problem) {
        Found found = search(problem);
        double bound = bound(problem, found);
        for (int cuts = 0; cuts < MOST_CUTS; cuts++) {
            Optional<WaterGate.Cut> cut = problem.notBorne(found.order());
            if (cut.isEmpty()) {
                break;
            }
            problem.holdBack(cut.get());
            Found next = search(problem);
            found = new Found(next.order(), gap(problem, next.order(), bound));
        }
        return found;
    }

    /** What no order costs less than; not a number where nothing is proved. */
    private static double bound(OrderProblem problem, Found found) {
        return found.gap().isEmpty()
                ? Double.NaN
                : problem.cost(found.order()).total() * (1 - found.gap().getAsDouble());
    }

    private static OptionalDouble gap(OrderProblem problem, List<Integer> order, double bound) {
        double cost = problem.cost(order).total();
        return Double.isNaN(bound) || !problem.allows(order)
                ? OptionalDouble.empty()
                : OptionalDouble.of(cost <= bound + EQUAL ? 0 : (cost - bound) / cost);
    }

    private static Found search(OrderProblem problem) {
        boolean few = problem.size() <= ExactOrder.MOST_UNITS;
        List<Integer> start = few ? ExactOrder.solve(problem) : InsertionOrder.solve(problem);
        if (start.isEmpty() && problem.size() > 0) {
            List<Integer> wished = List.of();
            for (int i = 0; i < problem.size(); i++) {
                wished = Groups.and(wished, 1 << i);
            }
            return new Found(wished, OptionalDouble.empty());
        }
        List<Integer> order =
                InsertionOrder.improve(problem, start, one -> problem.cost(one).total());
        if (!few) {
            return new Found(order, OptionalDouble.empty());
        }
        double bound = problem.leastCost(start);
        if (gap(problem, order, bound).orElse(0) > EQUAL && problem.size() <= DatedProof.MOST_UNITS) {
            DatedProof proof = new DatedProof(problem, order);
            order = proof.order();
            bound = Math.max(bound, proof.bound());
        }
        return new Found(order, gap(problem, order, bound));
    }
}
