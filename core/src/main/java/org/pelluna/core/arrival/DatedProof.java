package org.pelluna.core.arrival;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * Whether an order is the best on its own dates: branch and bound (Land and Doig 1960), depth first. What has come is priced on its days; what is still to come at the least
 * it can cost whatever its days, found beforehand for every set, and at the least it must wait.
 */
final class DatedProof {
    /** Most units for which it is tried. */
    static final int MOST_UNITS = 14;

    private static final int MOST_STEPS = 12_000;
    private static final double EQUAL = 1e-9;

    private final OrderProblem problem;
    private final int[] groups;

    /** The least pressure and shyness of all that are not in a set yet. */
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
        this.rest = rest();
        branch(0, problem.firstDay(), 0);
    }

    /** The best order found. */
    List<Integer> order() {
        return order;
    }

    /** What no order costs less than: that of the best found, unless the search was cut short. */
    double bound() {
        return Math.min(cost, open);
    }

    private double[] rest() {
        double[] least = new double[problem.all() + 1];
        Arrays.fill(least, Double.POSITIVE_INFINITY);
        least[problem.all()] = 0;
        for (int settled = problem.all() - 1; settled >= 0; settled--) {
            for (int group : groups) {
                if ((settled & group) == 0 && problem.allows(settled, group)) {
                    least[settled] = Math.min(least[settled], problem.undated(settled, group) + least[settled | group]);
                }
            }
        }
        return least;
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
        for (int group : groups) {
            if ((settled & group) == 0 && problem.allows(settled, group)) {
                int day = problem.day(settled, group, ready);
                double so = soFar + problem.cost(settled, group, day, came).total();
                int next = settled | group;
                branches.add(new Branch(
                        group, day, so, so + rest[next] + waiting(next, problem.readyAfter(settled, group, day))));
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
