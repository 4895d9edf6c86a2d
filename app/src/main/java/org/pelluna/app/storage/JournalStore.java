package org.pelluna.app.storage;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.pelluna.core.id.FishId;
import org.pelluna.core.watch.CrewCount;
import org.pelluna.core.watch.CrewEncounter;
import org.pelluna.core.watch.CrewPlan;
import org.pelluna.core.watch.Fallow;
import org.pelluna.core.watch.ObservationSession;
import org.pelluna.core.watch.Observations;
import org.pelluna.core.watch.Phase;
import org.pelluna.core.watch.Remedy;
import org.pelluna.core.watch.Reservation;
import org.pelluna.core.watch.RollCall;
import org.pelluna.core.watch.Sign;
import org.pelluna.core.watch.Task;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * A tank's journal: watches, roll calls, signs with photographs, remedies, crew, tasks. Every method first makes sure that the tank
 * is the keeper's; adding what is there already changes nothing.
 */
@Service
@Transactional
public class JournalStore {
    private final TankStore tanks;
    private final Rows.Observations items;
    private final Rows.History history;
    private final Rows.Photos photos;
    private final Quotas quotas;
    private final Clock clock;

    JournalStore(
            TankStore tanks,
            Rows.Observations items,
            Rows.History history,
            Rows.Photos photos,
            Quotas quotas,
            Clock clock) {
        this.quotas = quotas;
        this.tanks = tanks;
        this.items = items;
        this.history = history;
        this.photos = photos;
        this.clock = clock;
    }

    public void add(UUID keeperId, UUID tankId, ObservationSession watch) {
        add(keeperId, tankId, JournalRow.Kind.WATCH, watch.id(), watch);
    }

    public void add(UUID keeperId, UUID tankId, RollCall call) {
        tanks.requireFish(keeperId, tankId, call.found().keySet());
        add(keeperId, tankId, JournalRow.Kind.ROLL_CALL, call.id(), call);
    }

    public void add(UUID keeperId, UUID tankId, Remedy remedy) {
        tanks.requireFish(keeperId, tankId, remedy.fishId().stream().toList());
        add(keeperId, tankId, JournalRow.Kind.REMEDY, remedy.id(), remedy);
    }

    public void add(UUID keeperId, UUID tankId, CrewCount count) {
        add(keeperId, tankId, JournalRow.Kind.CREW, count.id(), count);
    }

    public void add(UUID keeperId, UUID tankId, Fallow fallow) {
        add(keeperId, tankId, JournalRow.Kind.FALLOW, fallow.id(), fallow);
    }

    public void add(UUID keeperId, UUID tankId, CrewPlan plan) {
        add(keeperId, tankId, JournalRow.Kind.CREW_PLAN, plan.id(), plan);
    }

    public void add(UUID keeperId, UUID tankId, CrewEncounter seen) {
        tanks.requireFish(
                keeperId,
                tankId,
                Stream.of(seen.by(), seen.to())
                        .flatMap(one -> one.fish().stream())
                        .toList());
        add(keeperId, tankId, JournalRow.Kind.CREW_ENCOUNTER, seen.id(), seen);
    }

    /** Adds invertebrates bought, which are planned no longer: both or neither. */
    public void bought(UUID keeperId, UUID tankId, CrewCount count, String planKey) {
        row(keeperId, tankId, planKey, JournalRow.Kind.CREW_PLAN).removed(clock.instant());
        add(keeperId, tankId, count);
    }

    /** Takes that back: they are planned, and not bought. */
    public void notBought(UUID keeperId, UUID tankId, String countKey, String planKey) {
        row(keeperId, tankId, countKey, JournalRow.Kind.CREW).removed(clock.instant());
        row(keeperId, tankId, planKey, JournalRow.Kind.CREW_PLAN).removed(null);
    }

    /**
     * Keeps days in a quarantine tank; those kept before for the same arrival are given up.
     *
     * @return the days given up; empty if there were none, or if the same days were kept before
     */
    public Optional<Reservation> reserve(UUID keeperId, UUID tankId, Reservation days) {
        tanks.own(keeperId, tankId);
        if (items.findByTankIdAndPlanKey(tankId, days.id()).isPresent()) {
            return Optional.empty();
        }
        Optional<JournalRow> before = items.findByTankIdAndRemovedAtIsNull(tankId).stream()
                .filter(row -> row.kind() == JournalRow.Kind.RESERVATION)
                .filter(row -> row.as(Reservation.class).isFor(days.tank(), days.wish()))
                .findFirst();
        before.ifPresent(row -> row.removed(clock.instant()));
        add(keeperId, tankId, JournalRow.Kind.RESERVATION, days.id(), days);
        return before.map(row -> row.as(Reservation.class));
    }

    /**
     * Takes days kept in a quarantine tank back.
     *
     * @param before the days they replaced, which are kept again; empty if there were none
     */
    public void unreserve(UUID keeperId, UUID tankId, String key, Optional<String> before) {
        row(keeperId, tankId, key, JournalRow.Kind.RESERVATION).removed(clock.instant());
        before.ifPresent(
                one -> row(keeperId, tankId, one, JournalRow.Kind.RESERVATION).removed(null));
    }

    public void add(UUID keeperId, UUID tankId, Task task) {
        add(keeperId, tankId, JournalRow.Kind.TASK, task.id(), task);
    }

    /** Adds what is to be done, and the remedy it begins, together or not at all. */
    public void add(UUID keeperId, UUID tankId, List<Task> tasks, Optional<Remedy> remedy) {
        tasks.forEach(task -> add(keeperId, tankId, task));
        remedy.ifPresent(one -> add(keeperId, tankId, one));
    }

    /**
     * Adds a sign.
     *
     * @param jpeg the photograph it names, if it names one
     */
    public void add(UUID keeperId, UUID tankId, Sign sign, Optional<byte[]> jpeg) {
        tanks.requireFish(keeperId, tankId, List.of(sign.fishId()));
        sign.photo().ifPresent(key -> jpeg.ifPresent(bytes -> addPhoto(keeperId, tankId, key, bytes)));
        add(keeperId, tankId, JournalRow.Kind.SIGN, sign.id(), sign);
    }

    private void add(UUID keeperId, UUID tankId, JournalRow.Kind kind, String key, Object value) {
        tanks.own(keeperId, tankId);
        if (items.findByTankIdAndPlanKey(tankId, key).isEmpty()) {
            items.saveAndFlush(new JournalRow(tankId, kind, key, value));
        }
    }

    /** Changes a remedy; how it read before is kept. */
    public void change(UUID keeperId, UUID tankId, String key, UnaryOperator<Remedy> change) {
        JournalRow row = row(keeperId, tankId, key, JournalRow.Kind.REMEDY);
        Remedy before = row.as(Remedy.class);
        Remedy after = change.apply(before);
        if (!after.equals(before)) {
            history.save(new HistoryRow(tankId, key, before, clock.instant()));
            row.change(after);
        }
    }

    /** Marks a task done, or not. */
    public void done(UUID keeperId, UUID tankId, String key, boolean done) {
        JournalRow row = row(keeperId, tankId, key, JournalRow.Kind.TASK);
        row.change(row.as(Task.class).done(done));
    }

    /** Whether something of that key is kept, and not removed. */
    @Transactional(readOnly = true)
    public boolean has(UUID keeperId, UUID tankId, String key) {
        tanks.get(keeperId, tankId);
        return items.findByTankIdAndPlanKey(tankId, key)
                .filter(row -> !row.isRemoved())
                .isPresent();
    }

    public void remove(UUID keeperId, UUID tankId, String key) {
        row(keeperId, tankId, key).removed(clock.instant());
    }

    public void restore(UUID keeperId, UUID tankId, String key) {
        row(keeperId, tankId, key).removed(null);
    }

    /** Says whether the log may teach the plan something of a fish, or of the tank itself ({@link Observations#WHOLE_TANK}). */
    public void learns(UUID keeperId, UUID tankId, String fishKey, boolean learns) {
        FishId fish = new FishId(fishKey);
        tanks.requireFish(keeperId, tankId, fish.equals(Observations.WHOLE_TANK) ? List.of() : List.of(fish));
        String key = "unlearned-" + fishKey;
        Optional<JournalRow> row = items.findByTankIdAndPlanKey(tankId, key);
        if (row.isPresent()) {
            row.get().removed(learns ? clock.instant() : null);
        } else if (!learns) {
            items.saveAndFlush(new JournalRow(tankId, JournalRow.Kind.UNLEARNED, key, fishKey));
        }
    }

    /** Keeps a photograph as it was made anew. */
    public void addPhoto(UUID keeperId, UUID tankId, String key, byte[] jpeg) {
        tanks.own(keeperId, tankId);
        if (photos.findByTankIdAndPlanKey(tankId, key).isEmpty()) {
            quotas.forPhoto(keeperId);
            photos.saveAndFlush(new PhotoRow(tankId, key, jpeg));
        }
    }

    /** A photograph, JPEG. */
    @Transactional(readOnly = true)
    public byte[] photo(UUID keeperId, UUID tankId, String key) {
        tanks.get(keeperId, tankId);
        return photos.findByTankIdAndPlanKey(tankId, key)
                .orElseThrow(() -> new NotFoundException("photograph"))
                .content();
    }

    /** The keys of a tank's photographs. */
    @Transactional(readOnly = true)
    public Set<String> photoKeys(UUID keeperId, UUID tankId) {
        tanks.get(keeperId, tankId);
        return photos.keys(tankId);
    }

    /** Every photograph of a tank, by its key. */
    @Transactional(readOnly = true)
    public Map<String, byte[]> photos(UUID keeperId, UUID tankId) {
        tanks.get(keeperId, tankId);
        Map<String, byte[]> all = new TreeMap<>();
        photos.findByTankId(tankId).forEach(photo -> all.put(photo.planKey(), photo.content()));
        return all;
    }

    private JournalRow row(UUID keeperId, UUID tankId, String key, JournalRow.Kind kind) {
        JournalRow row = row(keeperId, tankId, key);
        if (row.kind() != kind) {
            throw new NotFoundException("entry");
        }
        return row;
    }

    private JournalRow row(UUID keeperId, UUID tankId, String key) {
        tanks.own(keeperId, tankId);
        return items.findByTankIdAndPlanKey(tankId, key).orElseThrow(() -> new NotFoundException("entry"));
    }

    /** Puts rows together. */
    static Observations observed(List<JournalRow> rows) {
        return new Observations(
                all(rows, JournalRow.Kind.WATCH, ObservationSession.class).stream()
                        .sorted(java.util.Comparator.comparing(ObservationSession::start))
                        .toList(),
                all(rows, JournalRow.Kind.ROLL_CALL, RollCall.class).stream()
                        .sorted(java.util.Comparator.comparing(RollCall::at))
                        .toList(),
                all(rows, JournalRow.Kind.SIGN, Sign.class).stream()
                        .sorted(java.util.Comparator.comparing(Sign::at))
                        .toList(),
                all(rows, JournalRow.Kind.REMEDY, Remedy.class).stream()
                        .sorted(java.util.Comparator.comparing(Remedy::from))
                        .toList(),
                all(rows, JournalRow.Kind.CREW, CrewCount.class).stream()
                        .sorted(java.util.Comparator.comparing(CrewCount::on))
                        .toList(),
                all(rows, JournalRow.Kind.TASK, Task.class).stream()
                        .sorted(java.util.Comparator.comparing(Task::on))
                        .toList(),
                java.util.Set.copyOf(all(rows, JournalRow.Kind.UNLEARNED, FishId.class)),
                all(rows, JournalRow.Kind.PHASE, Phase.class),
                all(rows, JournalRow.Kind.CREW_PLAN, CrewPlan.class).stream()
                        .sorted(java.util.Comparator.comparing(CrewPlan::since).thenComparing(CrewPlan::id))
                        .toList(),
                all(rows, JournalRow.Kind.CREW_ENCOUNTER, CrewEncounter.class),
                all(rows, JournalRow.Kind.RESERVATION, Reservation.class),
                all(rows, JournalRow.Kind.FALLOW, Fallow.class));
    }

    private static <T> List<T> all(List<JournalRow> rows, JournalRow.Kind kind, Class<T> type) {
        return rows.stream()
                .filter(row -> row.kind() == kind)
                .map(row -> row.as(type))
                .toList();
    }

    /** The rows of a journal. */
    static List<JournalRow> rows(UUID tankId, Observations journal) {
        List<JournalRow> rows = new java.util.ArrayList<>();
        journal.watches().forEach(one -> rows.add(new JournalRow(tankId, JournalRow.Kind.WATCH, one.id(), one)));
        journal.rollCalls().forEach(one -> rows.add(new JournalRow(tankId, JournalRow.Kind.ROLL_CALL, one.id(), one)));
        journal.signs().forEach(one -> rows.add(new JournalRow(tankId, JournalRow.Kind.SIGN, one.id(), one)));
        journal.remedies().forEach(one -> rows.add(new JournalRow(tankId, JournalRow.Kind.REMEDY, one.id(), one)));
        journal.crew().forEach(one -> rows.add(new JournalRow(tankId, JournalRow.Kind.CREW, one.id(), one)));
        journal.tasks().forEach(one -> rows.add(new JournalRow(tankId, JournalRow.Kind.TASK, one.id(), one)));
        journal.phases().forEach(one -> rows.add(new JournalRow(tankId, JournalRow.Kind.PHASE, one.id(), one)));
        journal.crewPlans().forEach(one -> rows.add(new JournalRow(tankId, JournalRow.Kind.CREW_PLAN, one.id(), one)));
        journal.crewEncounters()
                .forEach(one -> rows.add(new JournalRow(tankId, JournalRow.Kind.CREW_ENCOUNTER, one.id(), one)));
        journal.reservations()
                .forEach(one -> rows.add(new JournalRow(tankId, JournalRow.Kind.RESERVATION, one.id(), one)));
        journal.fallows().forEach(one -> rows.add(new JournalRow(tankId, JournalRow.Kind.FALLOW, one.id(), one)));
        journal.unlearned()
                .forEach(
                        fish -> rows.add(new JournalRow(tankId, JournalRow.Kind.UNLEARNED, "unlearned-" + fish, fish)));
        return rows;
    }
}
