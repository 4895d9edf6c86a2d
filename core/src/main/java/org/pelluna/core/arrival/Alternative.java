package org.pelluna.core.arrival;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import org.pelluna.core.forecast.FishWaste;
import org.pelluna.core.forecast.WaterFit;
import org.pelluna.core.forecast.WaterForecast;
import org.pelluna.core.forecast.WaterLimit;
import org.pelluna.core.id.FishId;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.Approaches;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.pressure.Encounters;
import org.pelluna.core.pressure.Pressure;
import org.pelluna.core.shortlist.Judgement;

/**
 * Another way to bring the same fish in, priced like the plan itself.
 *
 * @param key its name in an address
 * @param title what it is called
 * @param words what is done
 * @param cost what it costs
 * @param proved whether no order of its kind is cheaper
 * @param order who comes when, in words
 * @param last the day of its last arrival
 * @param water the worst of the water
 * @param coming the fish and their days
 */
public record Alternative(
        String key,
        String title,
        String words,
        OrderCost cost,
        boolean proved,
        List<String> order,
        LocalDate last,
        WaterLimit.Peak water,
        List<WaterForecast.PlannedFish> coming) {

    /** Key of the way with one wish less: it is taken by striking the wish. */
    public static final String FEWER = "fewer";

    private static final int AFTER = 28;

    /** Every way that this plan has, side by side; the first is the best by the house rules. */
    public static List<Alternative> of(ResolvedPlan stock, List<Judgement> judgements, WaterFit fit) {
        WaterLimit water = FishWaste.limit(stock.plan());
        List<OrderItem> units = OrderItems.of(stock, judgements, water).placed();
        if (units.isEmpty()) {
            return List.of();
        }
        OrderProblem usual = new OrderProblem(
                stock, units, OrderProblem.Options.of(stock.plan().houseRules()), water);
        List<Alternative> ways = new ArrayList<>();
        ArrivalOrder.Solved best = ArrivalOrder.solve(usual);
        ways.add(of(
                stock,
                fit,
                usual,
                best.order(),
                best.proved(),
                "best",
                "Best order",
                "By your house rules: released at lights-out, in the box where it is pressed hard."));
        List<Integer> own = ArrivalOrder.own(usual, stock);
        if (!own.isEmpty()) {
            ways.add(of(stock, fit, usual, own, false, "own", "Your order", "As you have placed them."));
        }
        OrderProblem shared = new OrderProblem(stock, units, new OrderProblem.Options(true, false, 0), water);
        boolean together = shared.groups().size() > units.size();
        add(
                ways,
                stock,
                fit,
                units,
                water,
                new OrderProblem.Options(false, true, 0),
                "box",
                "One by one, boxed",
                "Each alone, and each a week in the box, pressed hard or not."
                        + (together && stock.plan().houseRules().schools().kin() == Approaches.Kin.SAME_DAY
                                ? " By your house rules rivals come only on one day: this way goes against them."
                                : ""));
        if (together) {
            add(
                    ways,
                    stock,
                    fit,
                    units,
                    water,
                    new OrderProblem.Options(true, false, 0),
                    "rivals",
                    "Rivals on one day",
                    "Rivals may share a day, so that neither owns the tank."
                            + (stock.plan().houseRules().schools().kin() == Approaches.Kin.NEVER
                                    ? " By your house rules they never live together: this way goes against them."
                                    : ""));
        }
        bully(stock, units).ifPresent(one -> ways.add(without(stock, fit, units, water, one)));
        fewer(stock, fit, units, water).ifPresent(ways::add);
        return ways;
    }

    private static void add(
            List<Alternative> ways,
            ResolvedPlan stock,
            WaterFit fit,
            List<OrderItem> units,
            WaterLimit water,
            OrderProblem.Options options,
            String key,
            String title,
            String words) {
        OrderProblem problem = new OrderProblem(stock, units, options, water);
        ArrivalOrder.Solved solved = ArrivalOrder.solve(problem);
        ways.add(of(stock, fit, problem, solved.order(), solved.proved(), key, title, words));
    }

    /** The resident that would press the newcomers hardest, if there is one worth taking out. */
    private static Optional<Fish> bully(ResolvedPlan stock, List<OrderItem> units) {
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
    private static Alternative without(
            ResolvedPlan stock, WaterFit fit, List<OrderItem> units, WaterLimit water, Fish bully) {
        ResolvedPlan rest = new ResolvedPlan(
                stock.plan(),
                stock.residents().stream()
                        .filter(fish -> !fish.id().equals(bully.id()))
                        .toList(),
                stock.wishes(),
                stock.departed());
        List<OrderItem> all = new ArrayList<>(units);
        all.add(new OrderItem(bully, 1, 0, ""));
        OrderProblem problem =
                new OrderProblem(rest, all, new OrderProblem.Options(false, false, 1 << units.size()), water);
        ArrivalOrder.Solved solved = ArrivalOrder.solve(problem);
        return of(
                rest,
                fit,
                problem,
                solved.order(),
                solved.proved(),
                "bully-out",
                bully.name() + " out, back last",
                "Take " + bully.name()
                        + " out before the first arrival and put it back after the last, as the newcomer.");
    }

    /** One wish less: the one without which the others cost least. */
    private static Optional<Alternative> fewer(
            ResolvedPlan stock, WaterFit fit, List<OrderItem> units, WaterLimit water) {
        if (units.size() < 2) {
            return Optional.empty();
        }
        return units.stream()
                .map(left -> {
                    List<OrderItem> rest =
                            units.stream().filter(one -> !one.equals(left)).toList();
                    OrderProblem problem = new OrderProblem(
                            stock, rest, OrderProblem.Options.of(stock.plan().houseRules()), water);
                    ArrivalOrder.Solved solved = ArrivalOrder.solve(problem);
                    return of(
                            stock,
                            fit,
                            problem,
                            solved.order(),
                            solved.proved(),
                            FEWER,
                            "Without " + left.name(),
                            "One wish less: without it the others cost least.");
                })
                .min(Comparator.comparingDouble(way -> way.cost().total()));
    }

    private static Alternative of(
            ResolvedPlan stock,
            WaterFit fit,
            OrderProblem problem,
            List<Integer> order,
            boolean proved,
            String key,
            String title,
            String words) {
        List<Arrival> arrivals =
                ArrivalOrder.arrivals(problem, order, stock.plan().asOf());
        LocalDate last = arrivals.get(arrivals.size() - 1).date();
        List<WaterForecast.PlannedFish> coming = new ArrayList<>();
        for (int i = 0; i < order.size(); i++) {
            coming.add(coming(problem, order.get(i), arrivals.get(i).date()));
        }
        return new Alternative(
                key,
                title,
                words,
                problem.cost(order),
                proved,
                arrivals.stream()
                        .map(arrival -> arrival.date() + " " + arrival.names())
                        .collect(Collectors.toList()),
                last,
                WaterForecast.peak(
                        new WaterForecast(stock, fit).days(coming, last.plusDays(AFTER)),
                        stock.plan().asOf()),
                List.copyOf(coming));
    }

    private static WaterForecast.PlannedFish coming(OrderProblem problem, int group, LocalDate on) {
        List<Fish> fish = new ArrayList<>();
        for (OrderItem unit : Groups.units(problem, group)) {
            for (int i = 0; i < unit.count(); i++) {
                fish.add(unit.fish().on(on));
            }
        }
        return new WaterForecast.PlannedFish(on, fish);
    }

    /** The order of arrival as a schedule holds it: keys of wishes, those of one day together; a resident that comes back is none of them. */
    public List<List<WishId>> wishOrder(ResolvedPlan stock) {
        Map<FishId, WishId> wished = stock.wishes().stream()
                .collect(Collectors.toMap(
                        one -> one.fish().id(), one -> one.wish().id()));
        return coming.stream()
                .map(day -> day.fish().stream()
                        .map(fish -> wished.get(fish.id()))
                        .filter(Objects::nonNull)
                        .distinct()
                        .toList())
                .filter(together -> !together.isEmpty())
                .toList();
    }

    /** The wish that does not come, if this way has one wish less. */
    public Optional<WishId> leftOut(ResolvedPlan stock, ArrivalPlan plan) {
        List<WishId> come = wishOrder(stock).stream().flatMap(List::stream).toList();
        return key.equals(FEWER)
                ? plan.arrivals().stream()
                        .flatMap(arrival -> arrival.wishIds().stream())
                        .filter(id -> !come.contains(id))
                        .findFirst()
                : Optional.empty();
    }

    /** The resident that is out until all others have come, if this way has one. */
    public Optional<Fish> outMeanwhile(ResolvedPlan stock) {
        return coming.stream()
                .flatMap(day -> day.fish().stream())
                .filter(fish -> stock.residents().stream()
                        .anyMatch(resident -> resident.id().equals(fish.id())))
                .findFirst();
    }

    /** The fish of a plan as they come, for the water. */
    public static List<WaterForecast.PlannedFish> coming(ResolvedPlan stock, ArrivalPlan plan) {
        Map<WishId, ResolvedPlan.Wished> wished = stock.wishes().stream()
                .collect(Collectors.toMap(one -> one.wish().id(), one -> one));
        return plan.arrivals().stream()
                .map(arrival -> new WaterForecast.PlannedFish(
                        arrival.date(),
                        arrival.wishIds().stream()
                                .map(wished::get)
                                .flatMap(one ->
                                        java.util.Collections.nCopies(
                                                one.count(), one.fish().on(arrival.date()))
                                                .stream())
                                .toList()))
                .sorted(Comparator.comparing(WaterForecast.PlannedFish::on))
                .toList();
    }

    /** The hardest of some pressures, if any. */
    public static Optional<Pressure> hardest(List<Pressure> pressures, FishId victimId) {
        return pressures.stream()
                .filter(one -> one.victimId().equals(victimId))
                .max(Comparator.comparingDouble(Pressure::perHour));
    }
}
