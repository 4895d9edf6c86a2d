package org.pelluna.core.plan;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.pelluna.core.id.FishId;
import org.pelluna.core.id.WishId;
import org.pelluna.core.losses.Loss;
import org.pelluna.core.watch.LogEntry;

/**
 * Something did not happen after all.
 *
 * @param what what is taken back
 * @param before what it had displaced
 */
public record HappeningInverse(Happening what, Displaced before) implements Happening {
    @Override
    public TankPlan applyTo(TankPlan plan) {
        if (what instanceof Happening.Delayed delayed) {
            return before.datesInto(plan, delayed.setback(), delayed.applyTo(before.scheduled(plan)));
        }
        if (what instanceof Happening.FellIll ill) {
            return before.datesInto(plan, ill.setback(), ill.applyTo(before.scheduled(plan)));
        }
        if (what instanceof Happening.CameToNothing nothing) {
            TankPlan again = wishedAgain(plan, nothing.wishId(), nothing.word().orElseThrow(), nothing.replacement());
            return again.withSchedule(
                    again.schedule().withoutSetback(nothing.setback().id()));
        }
        if (what instanceof Happening.Arrived arrived) {
            return stillToCome(plan, arrived);
        }
        if (what instanceof Happening.Lost lost) {
            Resident fish = Happening.resident(plan, lost.loss().fishId());
            return plan.withResidents(Lists.replaced(plan.residents(), Resident::id, fish.left(Optional.empty())))
                    .withLosses(Lists.without(
                            plan.losses(), Loss::id, Set.of(lost.loss().id())));
        }
        if (what instanceof FishHappening of) {
            return plan.withResidents(
                    Lists.replaced(plan.residents(), Resident::id, of.undone(Happening.resident(plan, of.fishId()))));
        }
        if (what instanceof BondHappening of) {
            return of.takenBack(plan);
        }
        if (what instanceof Happening.Entered entered) {
            return unlogged(plan, entered.entries())
                    .withResidents(Lists.without(plan.residents(), Resident::id, Resident.ids(entered.residents())));
        }
        if (what instanceof Happening.SomeDied died) {
            Wish now = Happening.wish(plan, died.wishId());
            return plan.withWishes(Lists.replaced(
                            plan.wishes(),
                            Wish::id,
                            now.more(died.count(), before.wish().orElseThrow())))
                    .withSchedule(plan.schedule().withoutSetback(died.setback().id()));
        }
        if (what instanceof Happening.Ordered ordered) {
            return ordered.takenBack(plan, before.order());
        }
        if (what instanceof Happening.Struck struck) {
            return wishedAgain(plan, struck.wishId(), struck.why(), struck.instead());
        }
        if (what instanceof Happening.Lessened less) {
            return asManyAgain(plan, less);
        }
        if (what instanceof Happening.Quarantined quarantined) {
            return wishedOnly(plan, quarantined);
        }
        if (what instanceof Happening.Phased phased) {
            return phased.takenBack(plan);
        }
        throw new IllegalStateException("an undo cannot be undone; do it again instead");
    }

    /** The wish as it was before any of its fish were bought; what was split off it is one with it again, if it is still wished for. */
    private TankPlan wishedOnly(TankPlan plan, Happening.Quarantined quarantined) {
        Wish old = before.wish().orElseThrow();
        Wish now = Happening.wish(plan, quarantined.wishId());
        Set<WishId> rest = plan.wishes().stream()
                .filter(wish -> quarantined.rest().filter(wish::isSameAs).isPresent())
                .map(Wish::id)
                .collect(Collectors.toSet());
        boolean untouched =
                quarantined.applyTo(plan.withWishes(List.of(old))).wishes().contains(now);
        Wish then = untouched && (rest.isEmpty() == quarantined.rest().isEmpty())
                ? old
                : now.decided(old.decision(), old.decisionNote());
        return before.placesInto(
                plan.withWishes(Lists.without(Lists.replaced(plan.wishes(), Wish::id, then), Wish::id, rest))
                        .withSchedule(plan.schedule().only(id -> !rest.contains(id))));
    }

    /** As many wished for as before, unless their number was changed since. */
    private TankPlan asManyAgain(TankPlan plan, Happening.Lessened less) {
        Wish now = Happening.wish(plan, less.wishId());
        int count = now.count() == less.count() ? before.wish().orElseThrow().count() : now.count();
        return plan.withWishes(Lists.replaced(plan.wishes(), Wish::id, now.with(as -> as.count(count))));
    }

    /** A wish that was dropped for a reason as it was before, and what was wished for in its place gone. */
    private TankPlan wishedAgain(TankPlan plan, WishId struck, String why, Optional<Wish> instead) {
        Set<WishId> gone = instead.stream().map(Wish::id).collect(Collectors.toSet());
        Wish old = before.wish().orElseThrow();
        Wish now = Happening.wish(plan, struck);
        boolean stillStruck = now.decisionNote().equals(Optional.of(why));
        Wish then = stillStruck ? now.decided(old.decision(), old.decisionNote()) : now;
        return before.placesInto(
                plan.withWishes(Lists.without(Lists.replaced(plan.wishes(), Wish::id, then), Wish::id, gone))
                        .withSchedule(plan.schedule().only(id -> !gone.contains(id))));
    }

    /** Nobody of the arrival in the tank, and the wish as it was. */
    private TankPlan stillToCome(TankPlan plan, Happening.Arrived arrived) {
        TankPlan without = unlogged(plan, arrived.entries())
                .withResidents(Lists.without(plan.residents(), Resident::id, arrived.fish()));
        Optional<Wish> rest = plan.wishes().stream()
                .filter(wish -> wish.id().equals(arrived.wishId()))
                .findFirst();
        Wish old = before.wish().orElseThrow();
        return rest.map(wish -> without.withWishes(Lists.replaced(
                        plan.wishes(), Wish::id, wish.more(arrived.residents().size(), old))))
                .orElseGet(() -> before.placesInto(without.withWishes(Lists.at(plan.wishes(), before.place(), old))));
    }

    private static TankPlan unlogged(TankPlan plan, List<LogEntry> entries) {
        Set<String> keys = entries.stream().map(LogEntry::id).collect(Collectors.toSet());
        return entries.isEmpty() ? plan : plan.withLog(Lists.without(plan.log(), LogEntry::id, keys));
    }

    /** What stands against taking it back, as a sentence; empty if nothing does. */
    public Optional<String> obstacle(TankPlan plan) {
        if (what instanceof Happening.Entered entered
                && isSpokenOf(plan, Resident.ids(entered.residents()), entered.entries())) {
            return Optional.of("Cannot undo: later entries mention these fish.");
        }
        if (what instanceof Happening.Arrived arrived && isSpokenOf(plan, arrived.fish(), arrived.entries())) {
            return Optional.of(
                    "Cannot undo this arrival: later entries mention the fish. Delete those first, or record how it left.");
        }
        if (inItsPlace()
                .filter(wish -> plan.wishes().stream().noneMatch(wish::isSameAs))
                .isPresent()) {
            return Optional.of("Cannot undo: the replacement has arrived or is off the list. Undo that first.");
        }
        return Optional.empty();
    }

    private Optional<Wish> inItsPlace() {
        return what instanceof Happening.CameToNothing nothing
                ? nothing.replacement()
                : what instanceof Happening.Struck struck ? struck.instead() : Optional.empty();
    }

    private static boolean isSpokenOf(TankPlan plan, Set<FishId> fish, List<LogEntry> own) {
        return plan.log().stream()
                        .filter(entry -> !own.contains(entry))
                        .anyMatch(entry -> entry.fishId().filter(fish::contains).isPresent()
                                || entry.aggressorId().filter(fish::contains).isPresent())
                || plan.losses().stream().anyMatch(loss -> fish.contains(loss.fishId()))
                || plan.observations().speaksOf(fish);
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
