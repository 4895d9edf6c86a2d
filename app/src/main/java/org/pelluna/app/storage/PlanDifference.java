package org.pelluna.app.storage;

import java.time.Clock;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.function.Function;
import org.pelluna.core.losses.Loss;
import org.pelluna.core.plan.Happening;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.Wish;
import org.pelluna.core.watch.LogEntry;
import org.pelluna.core.watch.Phase;
import org.springframework.stereotype.Component;

/** Stores what differs between two states of a plan, row by row. */
@Component
class PlanDifference {
    private final Rows.Wishes wishes;
    private final Rows.Residents residents;
    private final Rows.Logs logs;
    private final Rows.Losses losses;
    private final Rows.Schedules schedules;
    private final Rows.Observations journal;
    private final Clock clock;

    PlanDifference(
            Rows.Wishes wishes,
            Rows.Residents residents,
            Rows.Logs logs,
            Rows.Losses losses,
            Rows.Schedules schedules,
            Rows.Observations journal,
            Clock clock) {
        this.wishes = wishes;
        this.residents = residents;
        this.logs = logs;
        this.losses = losses;
        this.schedules = schedules;
        this.journal = journal;
        this.clock = clock;
    }

    /** What is gone, and what is new or differs, by key. */
    private record Changes<T>(Set<String> gone, Map<String, T> changed) {
        static <T> Changes<T> of(List<T> before, List<T> after, Function<T, String> key) {
            Map<String, T> known = new LinkedHashMap<>();
            before.forEach(one -> known.put(key.apply(one), one));
            Map<String, T> changed = new LinkedHashMap<>();
            Set<String> gone = new HashSet<>(known.keySet());
            for (T one : after) {
                gone.remove(key.apply(one));
                if (!one.equals(known.get(key.apply(one)))) {
                    changed.put(key.apply(one), one);
                }
            }
            return new Changes<>(gone, changed);
        }
    }

    /**
     * Stores a change.
     *
     * @param what what made it: a wish whose fish have arrived is kept as such
     */
    void store(UUID tankId, TankPlan before, TankPlan after, Happening what) {
        Optional<Happening.Arrived> arrived =
                what instanceof Happening.Arrived one ? Optional.of(one) : Optional.empty();
        Changes<Wish> wished =
                Changes.of(before.wishes(), after.wishes(), wish -> wish.id().key());
        wished.gone().forEach(key -> wish(tankId, key, row -> gone(row, arrived)));
        wished.changed()
                .forEach((key, wish) -> wishes.findByTankIdAndPlanKey(tankId, key)
                        .ifPresentOrElse(
                                row -> row.change(wish),
                                () -> wishes.save(new WishRow(tankId, wishes.nextPlace(tankId), wish))));
        residents(tankId, before, after, arrived);
        if (before.log() != after.log()) {
            Changes<LogEntry> logged = Changes.of(before.log(), after.log(), LogEntry::id);
            logged.gone()
                    .forEach(key -> logs.findByTankIdAndPlanKey(tankId, key).ifPresent(logs::delete));
            logged.changed().values().forEach(entry -> logs.save(new LogRow(tankId, entry)));
        }
        Changes<Loss> lost = Changes.of(before.losses(), after.losses(), Loss::id);
        lost.gone()
                .forEach(key ->
                        losses.findByTankIdAndPlanKey(tankId, key).ifPresent(row -> row.removed(clock.instant())));
        lost.changed()
                .forEach((key, loss) -> losses.findByTankIdAndPlanKey(tankId, key)
                        .ifPresentOrElse(row -> row.removed(null), () -> losses.save(new LossRow(tankId, loss))));
        if (!before.schedule().equals(after.schedule())) {
            schedules
                    .findById(tankId)
                    .ifPresentOrElse(
                            row -> row.change(
                                    after.schedule().quarantine(row.toCore().quarantine())),
                            () -> schedules.save(
                                    new ScheduleRow(tankId, after.schedule().quarantine(Optional.empty()))));
        }
        phases(tankId, before, after);
    }

    private void phases(UUID tankId, TankPlan before, TankPlan after) {
        Changes<Phase> changes =
                Changes.of(before.observations().phases(), after.observations().phases(), Phase::id);
        changes.gone()
                .forEach(key -> journal.findByTankIdAndPlanKey(tankId, key).ifPresent(journal::delete));
        changes.changed()
                .forEach((key, phase) -> journal.findByTankIdAndPlanKey(tankId, key)
                        .ifPresentOrElse(
                                row -> row.change(phase),
                                () -> journal.save(new JournalRow(tankId, JournalRow.Kind.PHASE, key, phase))));
    }

    private void residents(UUID tankId, TankPlan before, TankPlan after, Optional<Happening.Arrived> arrived) {
        Changes<Resident> lived = Changes.of(
                before.residents(), after.residents(), fish -> fish.id().key());
        lived.gone()
                .forEach(key -> residents.findByTankIdAndPlanKey(tankId, key).ifPresent(residents::delete));
        Optional<UUID> wishId = arrived.flatMap(one ->
                        wishes.findByTankIdAndPlanKey(tankId, one.wishId().key()))
                .map(WishRow::id);
        int place = residents.nextPlace(tankId);
        for (Resident one : lived.changed().values()) {
            Optional<ResidentRow> row =
                    residents.findByTankIdAndPlanKey(tankId, one.id().key());
            if (row.isPresent()) {
                row.get().left(one.leftOn().orElse(null));
                row.get().lives(one.life());
            } else {
                residents.save(new ResidentRow(tankId, place++, one, wishId.orElse(null)));
            }
        }
    }

    private void gone(WishRow row, Optional<Happening.Arrived> arrived) {
        Optional<LocalDate> day = arrived.map(one -> one.residents().get(0).arrivedOn());
        day.ifPresentOrElse(row::arrived, () -> row.removed(clock.instant()));
    }

    private void wish(UUID tankId, String key, Consumer<WishRow> change) {
        change.accept(wishes.findByTankIdAndPlanKey(tankId, key).orElseThrow(() -> new NotFoundException("wish")));
    }
}
