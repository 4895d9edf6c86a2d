package org.pelluna.core.arrival;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.pelluna.core.forecast.WaterForecast;
import org.pelluna.core.forecast.WaterReserve;
import org.pelluna.core.plan.Approaches;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.pressure.Encounters;

/** The ways in which the fish of a plan can be brought in, each found and priced by one yardstick. */
final class StockingStrategies {
    private static final int AFTER = 28;

    private final ResolvedPlan stock;
    private final List<OrderItem> units;
    private final WaterReserve water;
    private final boolean together;

    StockingStrategies(ResolvedPlan stock, List<OrderItem> units, WaterReserve water) {
        this.stock = stock;
        this.units = units;
        this.water = water;
        this.together =
                problem(units, new OrderOptions(true, false, 0)).groups().size() > units.size();
    }

    private OrderProblem problem(List<OrderItem> items, OrderOptions options) {
        return new OrderProblem(stock, items, options, water).solvable();
    }

    private OrderProblem usual(List<OrderItem> items) {
        return problem(items, OrderOptions.of(stock.plan().houseRules()));
    }

    private Approaches.Kin kin() {
        return stock.plan().houseRules().approaches().kin();
    }

    List<Alternative> all() {
        return Stream.of(
                        Optional.of(best(
                                usual(units),
                                "best",
                                "Best order",
                                "Acclimation box only where we expect many attacks; release after lights-out.")),
                        own(),
                        Optional.of(boxed()),
                        rivals(),
                        bully().map(this::without),
                        fewer(),
                        Optional.of(later()))
                .flatMap(Optional::stream)
                .toList();
    }

    private Optional<Alternative> own() {
        OwnOrder own = OwnOrder.of(stock, units, water);
        String words = own.out()
                .map(fish -> "As you placed them, with " + fish.name() + " out meanwhile and returned last.")
                .orElse("As you placed them.");
        return own.order().isEmpty()
                ? Optional.empty()
                : Optional.of(way(
                        own.out().map(fish -> stock.whileOut(fish.id())).orElse(stock),
                        own.problem(),
                        new FoundOrder(own.order(), OptionalDouble.empty()),
                        Alternative.OWN,
                        "Your order",
                        words));
    }

    private Alternative boxed() {
        return best(
                problem(
                        units,
                        new OrderOptions(
                                OrderOptions.of(stock.plan().houseRules()).together(), true, 0)),
                Alternative.BOX,
                "Box for all",
                "Every fish spends a week in the acclimation box.");
    }

    private Optional<Alternative> rivals() {
        return together
                ? Optional.of(best(
                        problem(units, new OrderOptions(true, false, 0)),
                        "rivals",
                        "Rivals on one day",
                        "Rivals arrive on one day, so that neither claims the tank first."
                                + (kin() == Approaches.Kin.NEVER
                                        ? " This breaks your house rules: they say that rivals never live together."
                                        : "")))
                : Optional.empty();
    }

    /** The resident that would press the newcomers hardest, if there is one worth taking out. */
    private Optional<Fish> bully() {
        if (units.size() >= OrderProblem.MOST_UNITS) {
            return Optional.empty();
        }
        Encounters encounters = Encounters.of(stock);
        Map<Fish, Double> pressure = new HashMap<>();
        for (Fish resident : stock.residents()) {
            pressure.put(
                    resident,
                    units.stream()
                            .mapToDouble(unit -> encounters
                                    .onArrival(resident, unit.fish(), unit.count())
                                    .perHour())
                            .max()
                            .orElse(0));
        }
        return pressure.entrySet().stream()
                .filter(entry ->
                        entry.getValue() >= stock.plan().houseRules().weights().carefulPerHour())
                .max(Map.Entry.<Fish, Double>comparingByValue()
                        .thenComparing(entry -> entry.getKey().id()))
                .map(Map.Entry::getKey);
    }

    /** The bully is taken out before the first arrival and put back after the last. */
    private Alternative without(Fish bully) {
        OrderProblem problem = OwnOrder.problem(stock, units, water, false, Optional.of(bully));
        return way(
                stock.whileOut(bully.id()),
                problem,
                OrderSearch.best(problem),
                "bully-out",
                bully.name() + " out, returned last",
                "Take " + bully.name() + " out before the first arrival and return it last.");
    }

    /** One wish less: the one without which the others cost least. */
    private Optional<Alternative> fewer() {
        return units.size() < 2
                ? Optional.empty()
                : units.stream()
                        .map(left -> best(
                                usual(units.stream()
                                        .filter(one -> !one.equals(left))
                                        .toList()),
                                Alternative.FEWER,
                                "Without " + left.name(),
                                "This lowers the score of the others most."))
                        .min(Comparator.comparingDouble(way -> way.cost().total()));
    }

    /** The best order, none before eight weeks from now. */
    private Alternative later() {
        return best(
                usual(units.stream()
                        .map(unit -> unit.notBefore(Alternative.LATER_DAYS))
                        .toList()),
                Alternative.LATER,
                "All eight weeks later",
                "Start on " + stock.plan().asOf().plusDays(Alternative.LATER_DAYS)
                        + ": the tank is older and the newest fish has settled.");
    }

    private Alternative best(OrderProblem problem, String key, String title, String words) {
        return way(stock, problem, OrderSearch.best(problem), key, title, words);
    }

    /**
     * One way.
     *
     * @param tank who lives here while they come
     */
    private Alternative way(
            ResolvedPlan tank, OrderProblem problem, FoundOrder solved, String key, String title, String words) {
        List<Integer> order = solved.order();
        List<Arrival> arrivals =
                ArrivalOrder.arrivals(problem, order, stock.plan().asOf());
        LocalDate last = arrivals.get(arrivals.size() - 1).date();
        List<WaterForecast.PlannedFish> coming =
                WaterGate.coming(problem, problem.steps(order), stock.plan().asOf());
        return new Alternative(
                key,
                title,
                words,
                problem.cost(order),
                solved.gap(),
                arrivals.stream()
                        .map(arrival -> arrival.date() + " " + arrival.names())
                        .toList(),
                last,
                WaterForecast.peak(
                        water.with(tank).forecast().days(coming, last.plusDays(AFTER)),
                        stock.plan().asOf()),
                List.copyOf(coming));
    }
}
