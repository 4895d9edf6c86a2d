package org.pelluna.core.plan;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.pelluna.core.id.WishId;

/**
 * What a happening displaced: where its wish stood, and what was decided of its days.
 *
 * @param wish the wish as it was; empty where a resident was the subject
 * @param place its place among the wishes
 * @param order the keeper's own order as it was
 * @param notBefore the day before which it was not to come
 * @param inQuarantine the day since which it was in quarantine
 */
public record Displaced(
        Optional<Wish> wish,
        int place,
        List<List<WishId>> order,
        Optional<LocalDate> notBefore,
        Optional<LocalDate> inQuarantine) {

    static Displaced of(TankPlan plan, String subject) {
        WishId id = new WishId(subject);
        Optional<Wish> wish =
                plan.wishes().stream().filter(one -> one.id().equals(id)).findFirst();
        Schedule schedule = plan.schedule();
        return new Displaced(
                wish,
                wish.map(plan.wishes()::indexOf).orElse(0),
                schedule.order(),
                Optional.ofNullable(schedule.notBefore().get(id)),
                Optional.ofNullable(schedule.inQuarantine().get(id)));
    }

    private WishId wishId() {
        return wish.orElseThrow().id();
    }

    /** A plan with the wish's days as they were before; to see what the happening had made of them. */
    TankPlan scheduled(TankPlan plan) {
        return plan.withSchedule(plan.schedule().dated(wishId(), notBefore, inQuarantine));
    }

    /** The days as they were, unless the keeper has decided otherwise since; without the setback. */
    TankPlan datesInto(TankPlan plan, Setback setback, TankPlan made) {
        Schedule now = plan.schedule();
        boolean sameDay = Optional.ofNullable(now.notBefore().get(wishId()))
                .equals(Optional.ofNullable(made.schedule().notBefore().get(wishId())));
        boolean sameQuarantine = Optional.ofNullable(now.inQuarantine().get(wishId()))
                .equals(Optional.ofNullable(made.schedule().inQuarantine().get(wishId())));
        return plan.withSchedule(now.withoutSetback(setback.id())
                .dated(
                        wishId(),
                        sameDay
                                ? notBefore
                                : Optional.ofNullable(now.notBefore().get(wishId())),
                        sameQuarantine
                                ? inQuarantine
                                : Optional.ofNullable(now.inQuarantine().get(wishId()))));
    }

    /** The wish's days and its place in the keeper's order, where the order is otherwise as it was. */
    TankPlan placesInto(TankPlan plan) {
        Schedule now = plan.schedule();
        Schedule without = now.ordered(order).only(id -> !id.equals(wishId()));
        Schedule back = now.dated(wishId(), notBefore, inQuarantine);
        return plan.withSchedule(without.order().equals(now.order()) ? back.ordered(order) : back);
    }
}
