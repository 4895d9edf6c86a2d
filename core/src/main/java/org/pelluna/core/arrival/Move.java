package org.pelluna.core.arrival;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.Schedule;
import org.pelluna.core.units.Numbers;

/** An arrival moved by the keeper to another day, and what that does to the others. */
public final class Move {
    private Move() {}

    private record Placed(List<WishId> wishIds, LocalDate date, boolean moved) {}

    /**
     * The schedule in which an arrival stands where its new day falls among the others, and does not come before that day.
     * The others keep their order.
     *
     * @param schedule the schedule so far
     * @param plan its arrivals
     * @param wishId a wish of the arrival that is moved
     * @param to the day it is moved to
     */
    public static Schedule to(Schedule schedule, ArrivalPlan plan, WishId wishId, LocalDate to) {
        List<Placed> placed = new ArrayList<>();
        for (Arrival arrival : plan.arrivals()) {
            boolean moved = arrival.wishIds().contains(wishId);
            placed.add(new Placed(arrival.wishIds(), moved ? to : arrival.date(), moved));
        }
        placed.sort(Comparator.comparing(Placed::date).thenComparing(one -> one.moved() ? 0 : 1));
        Schedule changed = schedule.ordered(placed.stream().map(Placed::wishIds).toList());
        for (Placed one : placed) {
            if (one.moved()) {
                for (WishId id : one.wishIds()) {
                    changed = changed.notBefore(id, to);
                }
            }
        }
        return changed;
    }

    /**
     * What changed between two plans, a sentence each: days first, then the cost.
     *
     * @param before the plan before the move
     * @param after the plan after it
     */
    public static List<String> changes(ArrivalPlan before, ArrivalPlan after) {
        List<String> changes = new ArrayList<>();
        for (Arrival now : after.arrivals()) {
            Optional<Arrival> then = before.arrivals().stream()
                    .filter(one -> one.wishIds().contains(now.wishIds().get(0)))
                    .findFirst();
            then.filter(one -> !one.date().equals(now.date())).ifPresent(one -> changes.add(shift(one, now)));
        }
        double price = after.cost().total() - before.cost().total();
        if (Math.abs(price) >= 0.005) {
            changes.add("The order score " + (price > 0 ? "rose by " : "fell by ") + Numbers.plain(Math.abs(price), 2)
                    + ".");
        }
        return changes;
    }

    private static String shift(Arrival then, Arrival now) {
        long days = ChronoUnit.DAYS.between(then.date(), now.date());
        String why = now.reasons().isEmpty() ? "" : " " + now.reasons().get(0).sentence();
        return now.names() + (now.fish() > 1 ? " now arrive " : " now arrives ") + Numbers.count(Math.abs(days), "day")
                + (days > 0 ? " later, on " : " earlier, on ") + now.date() + "." + why;
    }
}
