package org.pelluna.core.plan;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.pelluna.core.id.FishId;
import org.pelluna.core.id.WishId;
import org.pelluna.core.losses.Loss;
import org.pelluna.core.units.Dates;
import org.pelluna.core.watch.LogEntry;
import org.pelluna.core.watch.Phase;
import org.pelluna.core.watch.Phases;

/**
 * Something that happened to fish of a plan. Applied to a plan it gives the plan as it is then; its inverse, made from the plan before, gives
 * that plan back, to equality.
 */
public sealed interface Happening
        permits FishHappening,
                BondHappening,
                Happening.Delayed,
                Happening.FellIll,
                Happening.CameToNothing,
                Happening.Arrived,
                Happening.Lost,
                Happening.Entered,
                Happening.SomeDied,
                Happening.Ordered,
                Happening.Struck,
                Happening.Lessened,
                Happening.Quarantined,
                Happening.Phased,
                HappeningInverse {
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
        return new HappeningInverse(this, Displaced.of(before, subject()));
    }

    /** The wish or fish it happened to. */
    String subject();

    /** The fish of a wish come later than planned, or were not to be found. */
    record Delayed(WishId wishId, Setback setback, LocalDate until) implements Happening {
        @Override
        public TankPlan applyTo(TankPlan plan) {
            wish(plan, wishId);
            return plan.withSchedule(plan.schedule().with(setback).notBefore(wishId, until));
        }

        @Override
        public String subject() {
            return wishId.key();
        }
    }

    /** The fish of a wish fell ill in quarantine: it begins again. */
    record FellIll(WishId wishId, Setback setback, LocalDate until) implements Happening {
        @Override
        public TankPlan applyTo(TankPlan plan) {
            wish(plan, wishId);
            return plan.withSchedule(plan.schedule()
                    .with(setback)
                    .quarantined(wishId, setback.on())
                    .notBefore(wishId, until));
        }

        @Override
        public String subject() {
            return wishId.key();
        }
    }

    /**
     * The fish of a wish will not come: they died in quarantine or on the way, or were swapped for others.
     *
     * @param replacement what is wished for instead, if anything is
     */
    record CameToNothing(WishId wishId, Setback setback, Optional<Wish> replacement) implements Happening {
        @Override
        public TankPlan applyTo(TankPlan plan) {
            Wish struck = wish(plan, wishId).decided(Wish.Decision.STRUCK, word());
            return plan.withWishes(Lists.with(Lists.replaced(plan.wishes(), Wish::id, struck), replacement))
                    .withSchedule(plan.schedule().with(setback).only(id -> !id.equals(wishId)));
        }

        @Override
        public String subject() {
            return wishId.key();
        }

        /** What stands beside the struck wish. */
        Optional<String> word() {
            return Optional.of(setback.kind().words() + " on " + Dates.day(setback.on()));
        }
    }

    /** Fish of a wish are in the display, all or some of them: each is a resident now, and the log says so. */
    record Arrived(WishId wishId, List<Resident> residents, List<LogEntry> entries) implements Happening {
        @Override
        public TankPlan applyTo(TankPlan plan) {
            Wish wish = wish(plan, wishId);
            TankPlan here = plan.withResidents(Lists.with(plan.residents(), residents))
                    .withLog(LogEntry.inOrder(Lists.with(plan.log(), entries)));
            return residents.size() < wish.count()
                    ? here.withWishes(Lists.replaced(plan.wishes(), Wish::id, wish.fewer(residents.size())))
                    : here.withWishes(Lists.without(plan.wishes(), Wish::id, Set.of(wishId)))
                            .withSchedule(plan.schedule().only(id -> !id.equals(wishId)));
        }

        @Override
        public String subject() {
            return wishId.key();
        }

        Set<FishId> fish() {
            return Resident.ids(residents);
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
            return loss.fishId().key();
        }
    }

    /**
     * Fish were entered that no wish of the plan was for: they lived here already, or came from another tank.
     *
     * @param entries what the log says of their coming; empty for those who lived here already
     */
    record Entered(List<Resident> residents, List<LogEntry> entries) implements Happening {
        /** Fish that live here already. */
        public Entered(List<Resident> residents) {
            this(residents, List.of());
        }

        @Override
        public TankPlan applyTo(TankPlan plan) {
            TankPlan here = plan.withResidents(Lists.with(plan.residents(), residents));
            return entries.isEmpty() ? here : here.withLog(LogEntry.inOrder(Lists.with(plan.log(), entries)));
        }

        @Override
        public String subject() {
            return residents.get(0).id().key();
        }
    }

    /** Some, not all, of the fish of a wish died before they came into the display. */
    record SomeDied(WishId wishId, Setback setback, int count) implements Happening {
        @Override
        public TankPlan applyTo(TankPlan plan) {
            Wish wish = wish(plan, wishId);
            return plan.withWishes(Lists.replaced(plan.wishes(), Wish::id, wish.fewer(count)))
                    .withSchedule(plan.schedule().with(setback));
        }

        @Override
        public String subject() {
            return wishId.key();
        }
    }

    /**
     * The keeper chose an order of arrival: keys of wishes, those of one day together.
     *
     * @param way how it is carried out, if not in the usual way
     * @param later the day before which none of them comes, if they are put off
     * @param before what it replaces; empty in old records, which replaced the order only
     */
    record Ordered(
            List<List<WishId>> order, Optional<Schedule.Way> way, Optional<LocalDate> later, Optional<Chosen> before)
            implements Happening {
        /** What had been decided of the order. */
        public record Chosen(List<List<WishId>> order, Optional<Schedule.Way> way, Map<WishId, LocalDate> notBefore) {
            static Chosen of(Schedule schedule) {
                return new Chosen(schedule.order(), schedule.way(), schedule.notBefore());
            }
        }

        /** The choice made in a plan. */
        public static Ordered in(
                TankPlan plan, List<List<WishId>> order, Optional<Schedule.Way> way, Optional<LocalDate> later) {
            return new Ordered(order, way, later, Optional.of(Chosen.of(plan.schedule())));
        }

        @Override
        public TankPlan applyTo(TankPlan plan) {
            Schedule chosen = plan.schedule().ordered(order).withWay(way);
            for (WishId id :
                    later.isPresent() ? order.stream().flatMap(List::stream).toList() : List.<WishId>of()) {
                LocalDate from = chosen.notBefore().getOrDefault(id, LocalDate.MIN);
                chosen = chosen.notBefore(id, from.isAfter(later.get()) ? from : later.get());
            }
            return plan.withSchedule(chosen);
        }

        /** The plan as it was chosen before, unless something else has been chosen since. */
        TankPlan takenBack(TankPlan plan, List<List<WishId>> orderBefore) {
            Schedule now = plan.schedule();
            Chosen old = before.orElse(new Chosen(orderBefore, Optional.empty(), now.notBefore()));
            Schedule then = now.withOrder(old.order).withWay(old.way).withNotBefore(old.notBefore);
            boolean stillSo =
                    Chosen.of(applyTo(plan.withSchedule(then)).schedule()).equals(Chosen.of(now));
            return stillSo ? plan.withSchedule(then) : plan;
        }

        @Override
        public String subject() {
            return "order";
        }
    }

    /**
     * The keeper dropped a wish for a reason.
     *
     * @param why the reason, which stays beside it
     * @param instead what is wished for in its place, if anything is
     */
    record Struck(WishId wishId, String why, Optional<Wish> instead) implements Happening {
        /** Dropped, and nothing wished for in its place. */
        public Struck(WishId wishId, String why) {
            this(wishId, why, Optional.empty());
        }

        @Override
        public TankPlan applyTo(TankPlan plan) {
            Wish struck = wish(plan, wishId).decided(Wish.Decision.STRUCK, Optional.of(why));
            return plan.withWishes(Lists.with(Lists.replaced(plan.wishes(), Wish::id, struck), instead))
                    .withSchedule(plan.schedule().only(id -> !id.equals(wishId)));
        }

        @Override
        public String subject() {
            return wishId.key();
        }
    }

    /**
     * The keeper wishes for fewer of the same fish.
     *
     * @param count how many then, at least 1
     */
    record Lessened(WishId wishId, int count) implements Happening {
        @Override
        public TankPlan applyTo(TankPlan plan) {
            Wish less = wish(plan, wishId).with(as -> as.count(count));
            return plan.withWishes(Lists.replaced(plan.wishes(), Wish::id, less));
        }

        @Override
        public String subject() {
            return wishId.key();
        }
    }

    /**
     * Fish of a wish were bought and are in quarantine.
     *
     * @param since the day they went in
     * @param rest what is still wished for, if only some were bought; the wish itself is then for those bought
     */
    record Quarantined(WishId wishId, LocalDate since, Optional<Wish> rest) implements Happening {
        @Override
        public TankPlan applyTo(TankPlan plan) {
            Wish wish = wish(plan, wishId);
            Wish bought = rest.map(some -> wish.fewer(some.count()))
                    .orElse(wish)
                    .decided(Wish.Decision.IN, Optional.of(wish.decisionNote().orElse(BOUGHT)));
            return plan.withWishes(Lists.with(Lists.replaced(plan.wishes(), Wish::id, bought), rest))
                    .withSchedule(plan.schedule().quarantined(wishId, since));
        }

        @Override
        public String subject() {
            return wishId.key();
        }
    }

    /** What stands beside a wish whose fish are there but not yet in the display. */
    String BOUGHT = "bought already";

    /**
     * The parts of a quarantine were laid down, or changed.
     *
     * @param before all parts before
     * @param after all parts since
     */
    record Phased(List<Phase> before, List<Phase> after) implements Happening {
        @Override
        public TankPlan applyTo(TankPlan plan) {
            return with(plan, after);
        }

        /** The parts as they were, unless they have been changed again since. */
        TankPlan takenBack(TankPlan plan) {
            boolean stillSo = plan.observations().phases().equals(Phases.inOrder(after));
            return stillSo ? with(plan, before) : plan;
        }

        private static TankPlan with(TankPlan plan, List<Phase> phases) {
            return plan.withObservations(plan.observations().withPhases(phases));
        }

        @Override
        public String subject() {
            return "phases";
        }
    }

    /** A wish of a plan. */
    static Wish wish(TankPlan plan, WishId id) {
        return Lists.get(plan.wishes(), Wish::id, id, "wish");
    }

    /** A fish of a plan. */
    static Resident resident(TankPlan plan, FishId id) {
        return Lists.get(plan.residents(), Resident::id, id, "fish");
    }
}
