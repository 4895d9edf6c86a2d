package org.pelluna.core.plan;

import com.fasterxml.jackson.annotation.JsonInclude;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Predicate;
import org.pelluna.core.id.FishId;
import org.pelluna.core.id.WishId;
import org.pelluna.core.stored.IfAbsent;

/**
 * What the keeper has decided about the arrivals, and what became of it.
 *
 * @param order the keeper's own order: keys of wishes, those of one day together; empty for the best order. A wish not
 *     named comes after those named
 * @param notBefore days before which a wish does not come, by its key
 * @param inQuarantine wishes whose fish are in quarantine, by key, with the day they went in
 * @param setbacks what did not go by the plan, the oldest first
 * @param quarantine the keeper's quarantine tank; empty if the shop does it, or nobody
 * @param ticks steps of run sheets that are done
 * @param boxChecks what was seen of the box, the oldest first
 * @param way how the keeper's own order is carried out; empty for the usual way
 * @param bookings days on which the quarantine tank is taken, by fish of this plan or of other tanks, in order of days
 */
@RecordBuilder
public record Schedule(
        List<List<WishId>> order,
        Map<WishId, LocalDate> notBefore,
        Map<WishId, LocalDate> inQuarantine,
        List<Setback> setbacks,
        Optional<QuarantineTank> quarantine,
        List<Tick> ticks,
        List<BoxCheck> boxChecks,
        Optional<Way> way,

        @JsonInclude(JsonInclude.Include.NON_EMPTY) List<Booking> bookings)
        implements ScheduleBuilder.With {

    /** Nothing decided: the best order, no quarantine tank. */
    public static final Schedule NONE = new Schedule(
            List.of(),
            Map.of(),
            Map.of(),
            List.of(),
            Optional.empty(),
            List.of(),
            List.of(),
            Optional.empty(),
            List.of());

    public Schedule {
        order = order.stream().map(List::copyOf).toList();
        notBefore = java.util.Collections.unmodifiableMap(new TreeMap<>(notBefore));
        inQuarantine = java.util.Collections.unmodifiableMap(new TreeMap<>(inQuarantine));
        setbacks = List.copyOf(setbacks);
        ticks = List.copyOf(ticks);
        boxChecks = List.copyOf(boxChecks);
        bookings = bookings.stream()
                .sorted(java.util.Comparator.comparing(Booking::from))
                .toList();
    }

    /** The same in another order; empty for the best. */
    public Schedule ordered(List<List<WishId>> wishIds) {
        return withOrder(wishIds);
    }

    /** The same with a wish that does not come before a day. */
    public Schedule notBefore(WishId wishId, LocalDate day) {
        Map<WishId, LocalDate> days = new TreeMap<>(notBefore);
        days.put(wishId, day);
        return withNotBefore(days);
    }

    /** The same with the fish of a wish in quarantine since a day. */
    public Schedule quarantined(WishId wishId, LocalDate since) {
        Map<WishId, LocalDate> days = new TreeMap<>(inQuarantine);
        days.put(wishId, since);
        return withInQuarantine(days);
    }

    /** The same with these days for a wish, or none. */
    Schedule dated(WishId wishId, Optional<LocalDate> from, Optional<LocalDate> quarantinedSince) {
        Map<WishId, LocalDate> days = new TreeMap<>(notBefore);
        days.remove(wishId);
        from.ifPresent(day -> days.put(wishId, day));
        Map<WishId, LocalDate> waiting = new TreeMap<>(inQuarantine);
        waiting.remove(wishId);
        quarantinedSince.ifPresent(day -> waiting.put(wishId, day));
        return withNotBefore(days).withInQuarantine(waiting);
    }

    /** The same with one more setback; one whose key is known changes nothing. */
    public Schedule with(Setback setback) {
        if (setbacks.stream().anyMatch(one -> one.id().equals(setback.id()))) {
            return this;
        }
        List<Setback> all = new ArrayList<>(setbacks);
        all.add(setback);
        return withSetbacks(all);
    }

    /** The same without a setback. */
    public Schedule withoutSetback(String id) {
        return withSetbacks(
                setbacks.stream().filter(one -> !one.id().equals(id)).toList());
    }

    /**
     * How an order is carried out.
     *
     * @param boxed whether everyone comes through the box, attacked hard or not
     * @param out the resident that is taken out before the first arrival and put back after the last
     */
    public record Way(@IfAbsent("false") boolean boxed, Optional<FishId> out) {
        /** The way in which nothing is unusual. */
        public static final Way USUAL = new Way(false, Optional.empty());
    }

    /**
     * A step of a run sheet that is done.
     *
     * @param wishId whose run sheet
     * @param step key of the step
     * @param at when
     */
    public record Tick(WishId wishId, String step, LocalDateTime at) {}

    /**
     * What was seen of a fish in the box.
     *
     * @param wishId whose fish
     * @param on the day
     * @param attacked whether those outside attacked the box
     * @param by who did, as the keeper calls it
     */
    public record BoxCheck(WishId wishId, LocalDate on, boolean attacked, Optional<String> by) {}

    /**
     * Days on which the quarantine tank is taken.
     *
     * @param from the first
     * @param until the first on which it is free again
     * @param by who has it, as a keeper reads it
     * @param wish the wish of this plan whose fish they are; empty for fish of other tanks
     */
    public record Booking(
            LocalDate from,
            LocalDate until,
            @IfAbsent("\"a fish\"") String by,
            Optional<WishId> wish) {
        public Booking {
            if (!until.isAfter(from)) {
                throw new IllegalArgumentException("a booking ends after it begins");
            }
        }
    }

    /** The day on which the fish of a wish come out of quarantine, where that is known better than by the usual length. */
    public Optional<LocalDate> outOfQuarantine(WishId wishId) {
        return bookings.stream()
                .filter(one -> one.wish().filter(wishId::equals).isPresent())
                .map(Booking::until)
                .max(LocalDate::compareTo);
    }

    /** The same with the quarantine tank taken on other days. */
    public Schedule booked(List<Booking> taken) {
        return withBookings(taken);
    }

    /** The same with a step ticked, or its tick taken back. */
    public Schedule ticked(WishId wishId, String step, LocalDateTime at, boolean done) {
        List<Tick> all = new ArrayList<>(ticks);
        boolean known = all.stream()
                .anyMatch(one -> one.wishId().equals(wishId) && one.step().equals(step));
        if (done && !known) {
            all.add(new Tick(wishId, step, at));
        } else if (!done) {
            all.removeIf(one -> one.wishId().equals(wishId) && one.step().equals(step));
        }
        return withTicks(all);
    }

    /** The same with the box looked at; a second look on one day replaces the first. */
    public Schedule checked(BoxCheck check) {
        List<BoxCheck> all = new ArrayList<>(boxChecks);
        all.removeIf(one -> one.wishId().equals(check.wishId()) && one.on().equals(check.on()));
        all.add(check);
        return withBoxChecks(all);
    }

    /** The same with another quarantine tank, or none. */
    public Schedule quarantine(Optional<QuarantineTank> tank) {
        return withQuarantine(tank);
    }

    /** The same without dates and places of wishes that are no longer in the plan. */
    public Schedule only(Predicate<WishId> wishId) {
        Map<WishId, LocalDate> days = new TreeMap<>(notBefore);
        days.keySet().removeIf(wishId.negate());
        Map<WishId, LocalDate> waiting = new TreeMap<>(inQuarantine);
        waiting.keySet().removeIf(wishId.negate());
        List<List<WishId>> stay = order.stream()
                .map(together -> together.stream().filter(wishId).toList())
                .filter(together -> !together.isEmpty())
                .toList();
        return withOrder(stay).withNotBefore(days).withInQuarantine(waiting);
    }
}
