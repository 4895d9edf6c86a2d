package org.pelluna.core.arrival;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.pelluna.benchmarks.Plans;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.species.Species;

/** The proof against a general-purpose solver (the constraint solver of OR-Tools) on the same costs. */
class SolverOrderTest {
    private static final double ROUNDING = 1e-3;
    private static final double LARGEST_CM = 25;

    static IntStream seeds() {
        return IntStream.range(0, 12);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void aGeneralSolverFindsTheSameOptimum(int seed) {
        Random random = new Random(seed);
        // The solver knows nothing of the water: fish so large that it would not bear them in any order are left out.
        List<Species> species = new ArrayList<>(Plans.CATALOGUE.all().stream()
                .filter(one -> one.size().adultCm().value() <= LARGEST_CM)
                .toList());
        Collections.shuffle(species, random);
        ResolvedPlan stock =
                Plans.stock(species.subList(0, 3), species.subList(3, 12), Plans.TODAY.minusMonths(random.nextInt(14)));
        List<OrderItem> units = stock.wishes().stream()
                .map(one -> new OrderItem(
                        one.fish(), 1 + random.nextInt(2), random.nextInt(3) == 0 ? random.nextInt(150) : 0, ""))
                .toList();
        OrderProblem problem = SolverOrder.singles(stock, units);
        List<Integer> proved = ExactOrder.solve(problem);
        assertThat(proved).hasSize(units.size());
        double solver = SolverOrder.bestCost(problem, 60);
        assertThat(solver)
                .as("seed %s: the solver proves its optimum in time", seed)
                .isPositive();
        assertThat(problem.leastCost(proved))
                .as("seed %s", seed)
                .isBetween(solver - SolverOrder.CHORD, solver + ROUNDING);
    }
}
