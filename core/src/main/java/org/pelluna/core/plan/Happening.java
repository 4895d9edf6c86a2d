package org.pelluna.core.plan;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.pelluna.core.losses.Loss;
import org.pelluna.core.units.Dates;
import org.pelluna.core.watch.LogEntry;

/**
 * Something that happened to fish of a plan. Applied to a plan it gives the plan as it is then; its inverse, made from the plan before, gives
 * that plan back, to equality.
 */
public sealed interface Happening {
    /**
     * The plan after it happened.
     *
     * @throws IllegalArgumentException if the plan has no such wish or fish
     */
    TankPlan applyTo(TankPlan plan);

    /**
     * What takes it back.
     *
     * @param before the plan before it happened
     */
    default Happening inverse(TankPlan before) {
        return new TakenBack(this, Before.of(before, subject()));
    }

    /** The wish or fish it happened to. */
    String subject();

    /** The fish of a wish come later than planned, or were not to be found. */
    record Delayed(String wishId, Setback setback, LocalDate until) implements Happening {
        @Override
        public TankPlan applyTo(TankPlan plan) {
            wish(plan, wishId);
            return plan.with(plan.schedule().with(setback).notBefore(wishId, until));
        }

        @Override
        public String subject() {
            return wishId;
        }
    }

    /** The fish of a wish fell ill in quarantine: it begins again. */
    record FellIll(String wishId, Setback setback, LocalDate until) implements Happening {
        @Override
        public TankPlan applyTo(TankPlan plan) {
            wish(plan, wishId);
            return plan.with(plan.schedule()
                    .with(setback)
                    .quarantined(wishId, setback.on())
                    .notBefore(wishId, until));
        }

        @Override
        public String subject() {
            return wishId;
        }
    }

    /**
     * The fish of a wish will not come: they died in quarantine or on the way, or were swapped for others.
     *
     * @param replacement what is wished for instead, if anything is
     */
    record CameToNothing(String wishId, Setback setback, Optional<Wish> replacement) implements Happening {
        @Override
        public TankPlan applyTo(TankPlan plan) {
            Wish struck = wish(plan, wishId).decided(Wish.Decision.STRUCK, word());
            return plan.withWishes(Lists.with(Lists.replaced(plan.wishes(), Wish::id, struck), replacement))
                    .with(plan.schedule().with(setback).only(id -> !id.equals(wishId)));
        }

        @Override
        public String subject() {
            return wishId;
        }

        /** What stands beside the struck wish. */
        private Optional<String> word() {
            return Optional.of(setback.kind().words() + " on " + Dates.day(setback.on()));
        }
    }

    /** The fish of a wish are in the display: each is a resident now, and the log says so. */
    record Arrived(String wishId, List<Resident> residents, List<LogEntry> entries) implements Happening {
        @Override
        public TankPlan applyTo(TankPlan plan) {
            wish(plan, wishId);
            return plan.withWishes(Lists.without(plan.wishes(), Wish::id, Set.of(wishId)))
                    .withResidents(Lists.with(plan.residents(), residents))
                    .withLog(LogEntry.inOrder(Lists.with(plan.log(), entries)))
                    .with(plan.schedule().only(id -> !id.equals(wishId)));
        }

        @Override
        public String subject() {
            return wishId;
        }

        private Set<String> fish() {
            return residents.stream().map(Resident::id).collect(Collectors.toSet());
        }
    }

    /** A resident died, vanished or left; it lives here no longer from that day on. */
    record Lost(Loss loss) implements Happening {
        @Override
        public TankPlan applyTo(TankPlan plan) {
            Resident fish = resident(plan, loss.fishId());
            return plan.withResidents(Lists.replaced(plan.residents(), Resident::id, fish.left(Optional.of(loss.on()))))
                    .withLosses(Loss.inOrder(Lists.with(plan.losses(), List.of(loss))));
        }

        @Override
        public String subject() {
            return loss.fishId();
        }
    }

    /**
     * Something did not happen after all.
     *
     * @param what what is taken back
     * @param before what it had displaced
     */
    record TakenBack(Happening what, Before before) implements Happening {
        @Override
        public TankPlan applyTo(TankPlan plan) {
            if (what instanceof Delayed delayed) {
                return before.datesInto(plan, delayed.setback(), delayed.applyTo(before.scheduled(plan)));
            }
            if (what instanceof FellIll ill) {
                return before.datesInto(plan, ill.setback(), ill.applyTo(before.scheduled(plan)));
            }
            if (what instanceof CameToNothing nothing) {
                Set<String> gone = nothing.replacement().stream().map(Wish::id).collect(Collectors.toSet());
                Wish old = before.wish().orElseThrow();
                Wish now = wish(plan, nothing.wishId());
                boolean stillStruck = now.decisionNote().equals(nothing.word());
                Wish then = stillStruck ? now.decided(old.decision(), old.decisionNote()) : now;
                return before.placesInto(
                        plan.withWishes(Lists.without(Lists.replaced(plan.wishes(), Wish::id, then), Wish::id, gone))
                                .with(plan.schedule()
                                        .withoutSetback(nothing.setback().id())
                                        .only(id -> !gone.contains(id))));
            }
            if (what instanceof Arrived arrived) {
                Set<String> entries =
                        arrived.entries().stream().map(LogEntry::id).collect(Collectors.toSet());
                return before.placesInto(plan.withWishes(Lists.at(
                                plan.wishes(), before.place(), before.wish().orElseThrow()))
                        .withResidents(Lists.without(plan.residents(), Resident::id, arrived.fish()))
                        .withLog(Lists.without(plan.log(), LogEntry::id, entries)));
            }
            if (what instanceof Lost lost) {
                Resident fish = resident(plan, lost.loss().fishId());
                return plan.withResidents(Lists.replaced(plan.residents(), Resident::id, fish.left(Optional.empty())))
                        .withLosses(Lists.without(
                                plan.losses(), Loss::id, Set.of(lost.loss().id())));
            }
            throw new IllegalStateException("what is taken back is not taken back again, but done again");
        }

        /** What stands against taking it back, as a sentence; empty if nothing does. */
        public Optional<String> obstacle(TankPlan plan) {
            if (what instanceof Arrived arrived && isSpokenOf(plan, arrived)) {
                return Optional.of(
                        "This arrival cannot be taken back: the log, the losses or a roll call speak of the fish"
                                + " since. Remove those entries first, or record how the fish left.");
            }
            if (what instanceof CameToNothing nothing
                    && nothing.replacement()
                            .filter(wish -> plan.wishes().stream().noneMatch(wish::isSameAs))
                            .isPresent()) {
                return Optional.of(
                        "This cannot be taken back: the replacement has arrived, or is off the list, since. Take that back first.");
            }
            return Optional.empty();
        }

        private static boolean isSpokenOf(TankPlan plan, Arrived arrived) {
            Set<String> fish = arrived.fish();
            return plan.log().stream()
                            .filter(entry -> !arrived.entries().contains(entry))
                            .anyMatch(entry ->
                                    entry.fishId().filter(fish::contains).isPresent()
                                            || entry.aggressorId()
                                                    .filter(fish::contains)
                                                    .isPresent())
                    || plan.losses().stream().anyMatch(loss -> fish.contains(loss.fishId()))
                    || plan.journal().speaksOf(fish);
        }

        @Override
        public Happening inverse(TankPlan now) {
            return what;
        }

        @Override
        public String subject() {
            return what.subject();
        }
    }

    /**
     * What a happening displaced: where its wish stood, and what was decided of its days.
     *
     * @param wish the wish as it was; empty where a resident was the subject
     * @param place its place among the wishes
     * @param order the keeper's own order as it was
     * @param notBefore the day before which it was not to come
     * @param inQuarantine the day since which it was in quarantine
     */
    record Before(
            Optional<Wish> wish,
            int place,
            List<List<String>> order,
            Optional<LocalDate> notBefore,
            Optional<LocalDate> inQuarantine) {

        static Before of(TankPlan plan, String subject) {
            Optional<Wish> wish = plan.wishes().stream()
                    .filter(one -> one.id().equals(subject))
                    .findFirst();
            Schedule schedule = plan.schedule();
            return new Before(
                    wish,
                    wish.map(plan.wishes()::indexOf).orElse(0),
                    schedule.order(),
                    Optional.ofNullable(schedule.notBefore().get(subject)),
                    Optional.ofNullable(schedule.inQuarantine().get(subject)));
        }

        private String wishId() {
            return wish.orElseThrow().id();
        }

        /** A plan with the wish's days as they were before; to see what the happening had made of them. */
        private TankPlan scheduled(TankPlan plan) {
            return plan.with(plan.schedule().dated(wishId(), notBefore, inQuarantine));
        }

        /** The days as they were, unless the keeper has decided otherwise since; without the setback. */
        private TankPlan datesInto(TankPlan plan, Setback setback, TankPlan made) {
            Schedule now = plan.schedule();
            boolean sameDay = Optional.ofNullable(now.notBefore().get(wishId()))
                    .equals(Optional.ofNullable(made.schedule().notBefore().get(wishId())));
            boolean sameQuarantine = Optional.ofNullable(now.inQuarantine().get(wishId()))
                    .equals(Optional.ofNullable(made.schedule().inQuarantine().get(wishId())));
            return plan.with(now.withoutSetback(setback.id())
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
        private TankPlan placesInto(TankPlan plan) {
            Schedule now = plan.schedule();
            Schedule without = now.ordered(order).only(id -> !id.equals(wishId()));
            Schedule back = now.dated(wishId(), notBefore, inQuarantine);
            return plan.with(without.order().equals(now.order()) ? back.ordered(order) : back);
        }
    }

    private static Wish wish(TankPlan plan, String id) {
        return Lists.get(plan.wishes(), Wish::id, id, "wish");
    }

    private static Resident resident(TankPlan plan, String id) {
        return Lists.get(plan.residents(), Resident::id, id, "fish");
    }
}
