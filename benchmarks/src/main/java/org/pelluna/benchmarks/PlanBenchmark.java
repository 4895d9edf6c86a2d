package org.pelluna.benchmarks;

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
import org.pelluna.core.arrival.ArrivalOrder;
import org.pelluna.core.arrival.ArrivalPlan;
import org.pelluna.core.forecast.WaterFit;
import org.pelluna.core.forecast.WaterForecast;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.pressure.Encounters;
import org.pelluna.core.pressure.Pressure;
import org.pelluna.core.shortlist.Judgement;
import org.pelluna.core.shortlist.Shortlist;
import org.pelluna.core.species.Species;

/** Judging a plan of so many fish, half resident and half wished for; proving the order of so many arrivals; a year of water. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class PlanBenchmark {
    private static final int YEAR = 365;

    @Param({"8", "12", "16", "20"})
    public int fish;

    private ResolvedPlan halfWished;
    private ResolvedPlan allWished;
    private List<Judgement> judgements;

    @Setup
    public void prepare() {
        List<Species> species = Plans.spread(fish);
        halfWished =
                Plans.stock(species.subList(0, fish / 2), species.subList(fish / 2, fish), Plans.TODAY.minusYears(3));
        allWished = Plans.stock(List.of(), species, Plans.TODAY.minusYears(3));
        judgements = Shortlist.of(allWished);
    }

    /** Every finding on every wish, and the pressure of every ordered pair of residents. */
    @Benchmark
    public Object judgePlan() {
        List<Judgement> judged = Shortlist.of(halfWished);
        List<Pressure> pressures = Encounters.of(halfWished).amongResidents();
        return List.of(judged, pressures);
    }

    /** The best order of all wishes that is found, with how far from the best it can be, and the reasons for each place. */
    @Benchmark
    public ArrivalPlan bestOrder() {
        ArrivalPlan plan = ArrivalOrder.of(allWished, judgements);
        if (plan.gap().isEmpty() || plan.arrivals().isEmpty()) {
            throw new IllegalStateException("nothing is known of the order");
        }
        return plan;
    }

    /** A year of the water to come, after the months of the past that count. */
    @Benchmark
    public List<WaterForecast.Day> yearOfWater() {
        return new WaterForecast(halfWished, WaterFit.NONE).days(List.of(), Plans.TODAY.plusDays(YEAR));
    }
}
