package org.pelluna.core.arrival;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * The best order that can be found on the order's own dates, and by how much another could be cheaper at most.
 *
 * <p>Up to {@link ExactOrder#MOST_UNITS} units the best order by the least pressures any dates can bring is found exactly: what it costs by those is a bound no order goes
 * below. From there a local search goes on by real dates, and where {@link DatedProof} fits, branch and bound closes the gap. An arrival that the forecast does
 * not bear is held back, and the order is searched again, a few times; then it stays as it is and waits. {@link BorneOrder} leaves out those whom no waiting helps. The bound stays that of the problem without anything held back.
 */
final class OrderSearch {
    private static final int MOST_CUTS = 12;

    private OrderSearch() {}

    /** The best order found; in the order of the wishes where none is allowed. */
    static FoundOrder best(OrderProblem problem) {
        FoundOrder found = search(problem, true);
        double bound = bound(problem, found);
        for (int cuts = 0; cuts < MOST_CUTS; cuts++) {
            Optional<HeldBack> cut = problem.water().notBorne(problem, found.order());
            if (cut.isEmpty()) {
                break;
            }
            problem.water().holdBack(cut.get());
            FoundOrder next = search(problem, false);
            found = new FoundOrder(next.order(), gap(problem, next.order(), bound));
        }
        holdBack(problem, found.order());
        return found.gap().isEmpty() ? found : new FoundOrder(found.order(), gap(problem, found.order(), bound));
    }

    /** Lets an order wait wherever the forecast does not bear it; what no waiting helps stays as it is. */
    static void holdBack(OrderProblem problem, List<Integer> order) {
        Optional<HeldBack> last = Optional.empty();
        for (int cuts = 0; cuts < MOST_CUTS * (1 + order.size()); cuts++) {
            Optional<HeldBack> cut = problem.water().notBorne(problem, order);
            if (cut.isEmpty() || cut.equals(last)) {
                return;
            }
            problem.water().holdBack(cut.get());
            last = cut;
        }
        problem.water()
                .notBorne(problem, order)
                .ifPresent(
                        cut -> problem.water().holdBack(new HeldBack(cut.settled(), cut.group(), Integer.MAX_VALUE)));
    }

    /** What no order costs less than; not a number where nothing is proved. */
    private static double bound(OrderProblem problem, FoundOrder found) {
        return found.gap().isEmpty()
                ? Double.NaN
                : problem.cost(found.order()).total() * (1 - found.gap().getAsDouble());
    }

    private static OptionalDouble gap(OrderProblem problem, List<Integer> order, double bound) {
        double cost = problem.cost(order).total();
        // Of groups that were not looked at nothing can be claimed.
        return Double.isNaN(bound) || !problem.allows(order) || !problem.days().hasAllGroups()
                ? OptionalDouble.empty()
                : OptionalDouble.of(cost <= bound + FoundOrder.EQUAL ? 0 : (cost - bound) / cost);
    }

    private static FoundOrder search(OrderProblem problem, boolean prove) {
        boolean few = problem.size() <= ExactOrder.MOST_UNITS;
        List<Integer> start = few ? ExactOrder.solve(problem) : InsertionOrder.solve(problem);
        if (start.isEmpty() && problem.size() > 0) {
            List<Integer> wished = List.of();
            for (int i = 0; i < problem.size(); i++) {
                wished = Groups.and(wished, 1 << i);
            }
            return new FoundOrder(wished, OptionalDouble.empty());
        }
        List<Integer> order =
                InsertionOrder.improve(problem, start, one -> problem.cost(one).total());
        if (!few) {
            return new FoundOrder(order, OptionalDouble.empty());
        }
        double bound = problem.leastCost(start);
        if (prove && gap(problem, order, bound).orElse(0) > FoundOrder.EQUAL && DatedProof.fits(problem)) {
            DatedProof proof = new DatedProof(problem, order);
            order = proof.order();
            bound = Math.max(bound, proof.bound());
        }
        return new FoundOrder(order, gap(problem, order, bound));
    }
}
