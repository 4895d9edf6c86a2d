package org.pelluna.core.arrival;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Whether an order is the best on its own dates: branch and bound (Land and Doig 1960), depth first. What has come is priced on its days; what is still to come at the least
 * it can cost whatever its days, found beforehand for every set, and at the least it must wait.
 */
final class DatedProof {
    /** Most arrivals of a group after a set that are laid out beforehand. */
    private static final int MOST_ARRIVALS = 1 << 15;

    private static final int MOST_STEPS = 12_000;
    private static final double EQUAL = 1e-9;

    private final OrderProblem problem;
    private final int[] groups;

    /** By place of a group and by the set before it: the least pressure and shyness of its arrival; not a number where it may not come then. */
    private final double[][] least;

    /** The same of all that are not in a set yet. */
    private final double[] rest;

    private final int[] came;
    private final List<Integer> path = new ArrayList<>();
    private List<Integer> order;
    private double cost;
    private double open = Double.POSITIVE_INFINITY;
    private int steps;

    /**
     * @param order a good order to begin with
     */
    DatedProof(OrderProblem problem, List<Integer> order) {
        this.problem = problem;
        this.groups = problem.groups().stream().mapToInt(Integer::intValue).toArray();
        this.came = new int[problem.size()];
        this.order = order;
        this.cost = problem.cost(order).total();
        this.least = new double[groups.length][problem.all() + 1];
        this.rest = rest();
        branch(0, problem.firstDay(), 0);
    }

    /** Whether a problem is small enough for it. */
    static boolean fits(OrderProblem problem) {
        return (long) problem.groups().size() << problem.size() <= MOST_ARRIVALS;
    }

    /** The best order found. */
    List<Integer> order() {
        return order;
    }

    /** What no order costs less than: that of the best found, unless the search was cut short. */
    double bound() {
        return Math.min(cost, open);
    }

    /** How many beginnings of orders it went on from. */
    int steps() {
        return steps;
    }

    private double[] rest() {
        double[] sums = new double[problem.all() + 1];
        for (int settled = problem.all() - 1; settled >= 0; settled--) {
            sums[settled] = Double.POSITIVE_INFINITY;
            for (int g = 0; g < groups.length; g++) {
                boolean comes = (settled & groups[g]) == 0 && problem.allows(settled, groups[g]);
                least[g][settled] = comes ? problem.undated(settled, groups[g]) : Double.NaN;
                if (comes) {
                    sums[settled] = Math.min(sums[settled], least[g][settled] + sums[settled | groups[g]]);
                }
            }
        }
        return sums;
    }

    /** What can come next, with the bound of all that begins so. */
    private record Branch(int group, int day, double soFar, double bound) {}

    private void branch(int settled, int ready, double soFar) {
        if (settled == problem.all()) {
            if (soFar < cost - EQUAL) {
                cost = soFar;
                order = List.copyOf(path);
            }
            return;
        }
        List<Branch> branches = new ArrayList<>();
        for (int g = 0; g < groups.length; g++) {
            if (!Double.isNaN(least[g][settled])) {
                branch(settled, g, ready, soFar).ifPresent(branches::add);
            }
        }
        branches.sort(Comparator.comparingDouble(Branch::bound));
        for (Branch one : branches) {
            if (one.bound() >= cost - EQUAL) {
                return;
            }
            if (++steps > MOST_STEPS) {
                open = Math.min(open, one.bound());
                return;
            }
            path.add(one.group());
            OrderProblem.arrive(one.group(), one.day(), came);
            branch(settled | one.group(), problem.readyAfter(settled, one.group(), one.day()), one.soFar());
            path.remove(path.size() - 1);
        }
    }

    /** What comes of a group as the next; nothing where even the least it can cost is too much. */
    private Optional<Branch> branch(int settled, int g, int ready, double soFar) {
        int group = groups[g];
        int day = problem.day(settled, group, ready);
        int next = settled | group;
        double after = rest[next] + waiting(next, problem.readyAfter(settled, group, day));
        if (soFar + least[g][settled] + problem.lateness(group, day) + after >= cost - EQUAL) {
            return Optional.empty();
        }
        double so = soFar + problem.cost(settled, group, day, came).total();
        return Optional.of(new Branch(group, day, so, so + after));
    }

    /** What those still to come must wait at least. */
    private double waiting(int settled, int ready) {
        double sum = 0;
        for (int left = problem.all() & ~settled; left != 0; left &= left - 1) {
            int unit = Integer.lowestOneBit(left);
            sum += problem.lateness(unit, Math.max(ready, problem.release(unit)));
        }
        return sum;
    }
}
