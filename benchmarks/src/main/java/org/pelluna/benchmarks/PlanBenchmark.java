package org.pelluna.benchmarks;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import java.util.stream.Stream;
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
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.Stock;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.Wish;
import org.pelluna.core.pressure.Encounters;
import org.pelluna.core.pressure.Pressure;
import org.pelluna.core.shortlist.Judgement;
import org.pelluna.core.shortlist.Shortlist;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.species.CatalogueFiles;
import org.pelluna.core.species.Species;
import org.pelluna.core.tank.AnimalGroup;
import org.pelluna.core.tank.Cover;
import org.pelluna.core.tank.Tank;
import org.pelluna.core.tank.TankShape;
import org.pelluna.core.tank.WaterSpace;

/** Judging a plan of so many fish, half resident and half wished for; and proving the order of so many arrivals. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class PlanBenchmark {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 23);

    @Param({"8", "12", "16"})
    public int fish;

    private Stock halfWished;
    private Stock allWished;
    private List<Judgement> judgements;

    @Setup
    public void prepare() {
        Catalogue catalogue = CatalogueFiles.shipped();
        List<Species> all = List.copyOf(catalogue.all());
        List<Species> species = IntStream.range(0, fish)
                .mapToObj(i -> all.get(i * all.size() / fish))
                .toList();
        List<Resident> residents = IntStream.range(0, fish / 2)
                .mapToObj(i -> new Resident(
                        "r" + i, species.get(i).id(), "Fish " + i, TODAY.minusDays(30L + i), 5, Optional.empty()))
                .toList();
        halfWished = Stock.of(plan(residents, species.stream().skip(fish / 2)), catalogue);
        allWished = Stock.of(plan(List.of(), species.stream()), catalogue);
        judgements = Shortlist.of(allWished);
    }

    /** Every finding on every wish, and the pressure of every ordered pair of residents. */
    @Benchmark
    public Object judgePlan() {
        List<Judgement> judged = Shortlist.of(halfWished);
        List<Pressure> pressures = Encounters.of(halfWished).amongResidents();
        return List.of(judged, pressures);
    }

    /** The best order of all wishes, proved, with the price of every exchange. */
    @Benchmark
    public ArrivalPlan proveOrder() {
        ArrivalPlan plan = ArrivalOrder.of(allWished, judgements);
        if (!plan.proved() || plan.arrivals().isEmpty()) {
            throw new IllegalStateException("the order was not proved");
        }
        return plan;
    }

    private static TankPlan plan(List<Resident> residents, Stream<Species> wished) {
        Tank tank = new Tank(
                "Bench",
                new TankShape.Box(240, 70, 70),
                WaterSpace.usual(4, 90, 150),
                Optional.empty(),
                Optional.of(TODAY.minusYears(3)),
                new Cover(Cover.Kind.MESH, 5),
                8,
                40,
                14,
                3,
                25.5,
                1.0255,
                Tank.Experience.SEASONED,
                Map.of(AnimalGroup.SHRIMPS, 4.0, AnimalGroup.SOFT_CORALS, 5.0, AnimalGroup.SNAILS, 1.5));
        List<Wish> wishes = wished.map(one -> new Wish(
                        "w-" + one.id(),
                        one.id(),
                        1,
                        Optional.empty(),
                        Optional.empty(),
                        Wish.Decision.IN,
                        Optional.empty()))
                .toList();
        return new TankPlan(
                TODAY,
                tank,
                HouseRules.USUAL,
                residents,
                wishes,
                List.of(),
                List.of(),
                List.of(),
                org.pelluna.core.plan.Schedule.NONE,
                List.of());
    }
}
