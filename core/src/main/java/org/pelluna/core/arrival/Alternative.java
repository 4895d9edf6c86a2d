package org.pelluna.core.arrival;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import org.pelluna.core.forecast.WaterForecast;
import org.pelluna.core.forecast.WaterLimit;
import org.pelluna.core.forecast.WaterReserve;
import org.pelluna.core.id.FishId;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.Schedule;
import org.pelluna.core.pressure.Pressure;
import org.pelluna.core.shortlist.Judgement;

/**
 * Another way to bring the same fish in, priced like the plan itself.
 *
 * @param key its name in an address
 * @param title what it is called
 * @param words what is done
 * @param cost what it costs
 * @param gap by which share of its cost another of its kind could be cheaper at most; 0 if none is; empty if that is not known
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
        OptionalDouble gap,
        List<String> order,
        LocalDate last,
        WaterLimit.Peak water,
        List<WaterForecast.PlannedFish> coming) {

    /** What can be claimed of its order, in a sentence. */
    public String claim() {
        return FoundOrder.claim(gap);
    }

    /** Key of the way with one wish less: it is taken by striking the wish. */
    public static final String FEWER = "fewer";

    /** Key of the way in which all are put off. */
    public static final String LATER = "later";

    static final String OWN = "own";
    static final String BOX = "box";
    static final int LATER_DAYS = 56;

    /** Every way that this plan has, side by side; the first is the best by the house rules. */
    public static List<Alternative> of(ResolvedPlan stock, List<Judgement> judgements, WaterReserve water) {
        List<OrderItem> units = OrderItems.of(stock, judgements, water).placed();
        return units.isEmpty() ? List.of() : new StockingStrategies(stock, units, water).all();
    }

    /**
     * Some ways, each once: one that brings the same fish on the same days at the same cost as another is no other way. The keeper's own order
     * stands for those it is equal to.
     */
    public static List<Alternative> distinct(List<Alternative> ways) {
        List<Alternative> distinct = new ArrayList<>();
        for (Alternative one : ways) {
            distinct.removeIf(other -> one.key.equals(OWN) && one.isTwinOf(other));
            if (distinct.stream().noneMatch(one::isTwinOf)) {
                distinct.add(one);
            }
        }
        return List.copyOf(distinct);
    }

    private boolean isTwinOf(Alternative other) {
        return order.equals(other.order) && Math.abs(cost.total() - other.cost.total()) < FoundOrder.EQUAL;
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

    /** How its order is carried out, if not in the usual way. */
    public Optional<Schedule.Way> way(ResolvedPlan stock) {
        return key.equals(OWN)
                ? stock.plan().schedule().way()
                : Optional.of(new Schedule.Way(
                                key.equals(BOX), outMeanwhile(stock).map(Fish::id)))
                        .filter(way -> !way.equals(Schedule.Way.USUAL));
    }

    /** The day before which none comes, if this way puts all off. */
    public Optional<LocalDate> putOffTo(ResolvedPlan stock) {
        return Optional.of(stock.plan().asOf().plusDays(LATER_DAYS)).filter(day -> key.equals(LATER));
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
