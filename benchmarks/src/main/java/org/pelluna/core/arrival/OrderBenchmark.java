package org.pelluna.core.arrival;

import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import org.pelluna.benchmarks.Plans;

/** The order of so many arrivals, none held back, proved by us and by a general-purpose solver on the same costs. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SingleShotTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 2)
@Measurement(iterations = 5)
@Fork(1)
public class OrderBenchmark {
    private static final double PATIENCE = 60;

    @Param({"8", "12", "16", "20"})
    public int arrivals;

    private OrderProblem problem;

    @Setup
    public void prepare() {
        var stock = Plans.stock(List.of(), Plans.spread(arrivals), Plans.TODAY.minusYears(3));
        problem = SolverOrder.singles(
                stock,
                stock.wishes().stream()
                        .map(one -> new OrderItem(one.fish(), 1, 0, ""))
                        .toList());
    }

    @Benchmark
    public double ours() {
        return problem.leastCost(ExactOrder.solve(problem));
    }

    /** Negative where the solver gave up after a minute. */
    @Benchmark
    public double solver() {
        return SolverOrder.bestCost(problem, PATIENCE);
    }
}
