package org.pelluna.core.arrival;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.pelluna.core.Fixtures;
import org.pelluna.core.plan.ResolvedPlan;

/** Branch and bound on real dates, against every order there is, and with how little of it. */
class DatedProofTest {
    /** Of all beginnings of orders those it goes on from; measured, bounds that cut less take more. */
    private static final double MOST = 0.2;

    private final List<List<Integer>> orders = new ArrayList<>();
    private int beginnings;

    /** Every order that is allowed. */
    private void all(OrderProblem problem, List<Integer> begun, int settled) {
        if (settled == problem.all()) {
            orders.add(List.copyOf(begun));
            return;
        }
        for (int group : problem.groups()) {
            if ((settled & group) == 0 && problem.allows(settled, group)) {
                begun.add(group);
                beginnings++;
                all(problem, begun, settled | group);
                begun.remove(begun.size() - 1);
            }
        }
    }

    @Test
    void fromTheWorstOrderItFindsTheBestAndLooksAtFew() {
        int steps = 0;
        int tried = 0;
        for (int seed = 0; seed < 60; seed++) {
            OrderProblem problem = OrderSearchTest.problem(seed, 5);
            orders.clear();
            all(problem, new ArrayList<>(), 0);
            Optional<List<Integer>> worst = orders.stream()
                    .max(java.util.Comparator.comparingDouble(
                            one -> problem.cost(one).total()));
            if (worst.isEmpty()) {
                continue;
            }
            double best = orders.stream()
                    .mapToDouble(one -> problem.cost(one).total())
                    .min()
                    .orElseThrow();
            DatedProof proof = new DatedProof(problem, worst.get());
            assertThat(problem.cost(proof.order()).total()).as("seed %d", seed).isCloseTo(best, within(1e-9));
            assertThat(proof.bound()).as("seed %d", seed).isCloseTo(best, within(1e-9));
            steps += proof.steps();
            tried += orders.size() > 1 ? 1 : 0;
        }
        assertThat(tried).isGreaterThan(20);
        assertThat(steps / (double) beginnings).isLessThan(MOST);
    }

    /** A table for each group and each set: so many that it stays within some megabytes. */
    @Test
    void itIsNotTriedWhereItsTablesWouldBeLarge() {
        String[] strangers = {
            "pterapogon-kauderni",
            "elacatinus-oceanops",
            "nemateleotris-magnifica",
            "synchiropus-splendidus",
            "cryptocentrus-cinctus",
            "ecsenius-midas",
            "salarias-fasciatus",
            "opistognathus-aurifrons",
            "calloplesiops-altivelis",
            "hippocampus-kuda",
            "oxycirrhites-typus",
            "zanclus-cornutus"
        };
        assertThat(DatedProof.fits(of(strangers, 11))).isTrue();
        assertThat(DatedProof.fits(of(strangers, 12))).isFalse();
    }

    private static OrderProblem of(String[] species, int many) {
        ResolvedPlan stock = ResolvedPlan.of(
                Fixtures.plan(Fixtures.reef(), List.of(), java.util.Arrays.copyOf(species, many)), Fixtures.CATALOGUE);
        OrderProblem problem = new OrderProblem(
                stock,
                stock.wishes().stream()
                        .map(one -> new OrderItem(one.fish(), one.count(), 0, ""))
                        .toList());
        assertThat(problem.groups()).hasSize(many);
        return problem;
    }
}
