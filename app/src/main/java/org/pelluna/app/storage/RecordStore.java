package org.pelluna.app.storage;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.pelluna.core.id.FishId;
import org.pelluna.core.losses.Loss;
import org.pelluna.core.plan.Individual;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.ShopSighting;
import org.pelluna.core.plan.Wish;
import org.pelluna.core.watch.LogEntry;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What happens in a tank: wishes, arrivals, log entries and losses, each with its undo. Every method first makes sure that
 * the tank is the keeper's. Adding something whose key exists already changes nothing, so that a form may be sent twice.
 */
@Service
@Transactional
public class RecordStore {
    private final TankStore tanks;
    private final Rows.Wishes wishes;
    private final Rows.Residents residents;
    private final Rows.Logs logs;
    private final Rows.Losses losses;
    private final Rows.History history;
    private final LogWriter logWriter;
    private final Clock clock;

    RecordStore(
            TankStore tanks,
            Rows.Wishes wishes,
            Rows.Residents residents,
            Rows.Logs logs,
            Rows.Losses losses,
            Rows.History history,
            LogWriter logWriter,
            Clock clock) {
        this.tanks = tanks;
        this.wishes = wishes;
        this.residents = residents;
        this.logs = logs;
        this.losses = losses;
        this.history = history;
        this.logWriter = logWriter;
        this.clock = clock;
    }

    public void addWish(UUID keeperId, UUID tankId, Wish wish) {
        tanks.own(keeperId, tankId);
        if (wishes.findByTankIdAndPlanKey(tankId, wish.id().key()).isEmpty()) {
            wishes.saveAndFlush(new WishRow(tankId, wishes.nextPlace(tankId), wish));
        }
    }

    /**
     * Says how a resident differs from its kind, or that it does not.
     *
     * @param seen the mark of the fish from which the form was made; without one it is taken as older
     * @throws StaleVersionException with the fish, if it was changed since
     */
    public void differs(
            UUID keeperId, UUID tankId, String key, Optional<String> seen, Optional<Individual> individual) {
        seen(keeperId, tankId, key, seen).differs(individual);
    }

    private ResidentRow seen(UUID keeperId, UUID tankId, String key, Optional<String> seen) {
        tanks.own(keeperId, tankId);
        ResidentRow row = resident(tankId, key);
        if (VersionMark.isOlder(seen, row.toCore())) {
            throw new StaleVersionException(row.toCore());
        }
        return row;
    }

    /**
     * Keeps the keeper's own word on a wish.
     *
     * @param seen the mark of the wish from which the form was made; without one it is taken as older
     * @throws StaleVersionException with the wish, if it was changed since
     */
    public void decide(
            UUID keeperId,
            UUID tankId,
            String key,
            Optional<String> seen,
            Wish.Decision decision,
            Optional<String> note) {
        WishRow row = wish(keeperId, tankId, key);
        if (VersionMark.isOlder(seen, row.toCore())) {
            throw new StaleVersionException(row.toCore());
        }
        row.decide(decision, note);
    }

    /**
     * Notes how a fish of a wish was seen in the shop; its length and price are those seen.
     *
     * @return the wish as it was before
     */
    public Wish seen(UUID keeperId, UUID tankId, String key, ShopSighting sight) {
        WishRow row = wish(keeperId, tankId, key);
        Wish before = row.toCore();
        if (!row.isRemoved() && !row.hasArrived()) {
            row.change(before.seen(sight));
        }
        return before;
    }

    /** Opens a wish again, whatever was decided. */
    public void reopen(UUID keeperId, UUID tankId, String key) {
        wish(keeperId, tankId, key).decide(Wish.Decision.OPEN, Optional.empty());
    }

    /** Whether a wish is on the list; its tank is held. */
    public boolean isOnTheList(UUID keeperId, UUID tankId, String key) {
        WishRow row = wish(keeperId, tankId, key);
        return !row.hasArrived() && !row.isRemoved();
    }

    public void removeWish(UUID keeperId, UUID tankId, String key) {
        wish(keeperId, tankId, key).removed(clock.instant());
    }

    public void restoreWish(UUID keeperId, UUID tankId, String key) {
        wish(keeperId, tankId, key).removed(null);
    }

    /**
     * Takes back an arrival of the time before arrivals were kept with their inverse: the wish returns to the plan, its fish and their
     * arrival entries go.
     *
     * @throws UndoBlockedException if one of the fish has been written about since
     */
    public void undoArrival(UUID keeperId, UUID tankId, String key) {
        WishRow wish = wish(keeperId, tankId, key);
        List<ResidentRow> arrived = residents.findByWishId(wish.id());
        Set<FishId> keys =
                arrived.stream().map(row -> new FishId(row.planKey())).collect(Collectors.toSet());
        List<LogRow> entries = logs.findByTankIdAndRemovedAtIsNullOrderBySeenAtAscPlanKeyAsc(tankId);
        List<LogRow> arrivals = entries.stream()
                .filter(row -> row.toCore().kind() == LogEntry.Kind.ARRIVAL
                        && row.toCore().fishId().filter(keys::contains).isPresent())
                .toList();
        boolean writtenAbout = entries.stream()
                .filter(row -> !arrivals.contains(row))
                .map(LogRow::toCore)
                .anyMatch(entry -> entry.fishId().filter(keys::contains).isPresent()
                        || entry.aggressorId().filter(keys::contains).isPresent());
        boolean lost = losses.findByTankIdAndRemovedAtIsNullOrderByLostOnAscPlanKeyAsc(tankId).stream()
                .anyMatch(row -> keys.contains(new FishId(row.fishKey())));
        if (writtenAbout || lost) {
            throw new UndoBlockedException("Cannot undo this arrival: later entries mention the fish. Delete"
                    + " those entries first, or record how the fish left.");
        }
        logs.deleteAll(arrivals);
        residents.deleteAll(arrived);
        wish.arrived(null);
    }

    public void addEntry(UUID keeperId, UUID tankId, LogEntry entry) {
        tanks.own(keeperId, tankId);
        entry.aggressorId().ifPresent(key -> resident(tankId, key.key()));
        entry.fishId().ifPresent(key -> resident(tankId, key.key()));
        if (logs.findByTankIdAndPlanKey(tankId, entry.id()).isEmpty()) {
            logs.saveAndFlush(new LogRow(tankId, entry));
        }
    }

    /**
     * Changes an entry; how it read before is kept.
     *
     * @param seen the mark of the entry from which the form was made; without one it is taken as older
     * @throws StaleVersionException with the entry, if it was changed since
     */
    public void changeEntry(UUID keeperId, UUID tankId, Optional<String> seen, LogEntry entry) {
        LogRow row = entry(keeperId, tankId, entry.id());
        if (VersionMark.isOlder(seen, row.toCore())) {
            throw new StaleVersionException(row.toCore());
        }
        entry.aggressorId().ifPresent(key -> resident(tankId, key.key()));
        entry.fishId().ifPresent(key -> resident(tankId, key.key()));
        LogEntry before = row.toCore();
        if (!before.equals(entry)) {
            history.save(new HistoryRow(tankId, entry.id(), before, clock.instant()));
            row.change(entry);
        }
    }

    /** An earlier state of an entry, and when it was changed. */
    public record Earlier(Instant changedAt, LogEntry entry) {}

    /** How an entry read before, the latest first. */
    @Transactional(readOnly = true)
    public List<Earlier> history(UUID keeperId, UUID tankId, String key) {
        tanks.get(keeperId, tankId);
        if (logs.findByTankIdAndPlanKey(tankId, key).isEmpty()) {
            throw new NotFoundException("entry");
        }
        return history.findByTankIdAndPlanKeyOrderByChangedAtDesc(tankId, key).stream()
                .map(row -> new Earlier(row.changedAt(), row.as(LogEntry.class)))
                .toList();
    }

    /**
     * Notes how a resident came.
     *
     * @param seen the mark of the fish from which the form was made; without one it is taken as older
     * @throws StaleVersionException with the fish, if it was changed since
     */
    public void came(
            UUID keeperId, UUID tankId, String key, Optional<String> seen, Optional<Resident.Acquisition> how) {
        seen(keeperId, tankId, key, seen).came(how);
    }

    /** Adds many entries at once; those whose key is known change nothing. */
    public void addEntries(UUID keeperId, UUID tankId, List<LogEntry> entries) {
        tanks.requireFish(
                keeperId,
                tankId,
                entries.stream()
                        .flatMap(entry -> Stream.concat(entry.aggressorId().stream(), entry.fishId().stream()))
                        .collect(Collectors.toSet()));
        logWriter.write(tankId, entries);
    }

    public void removeEntry(UUID keeperId, UUID tankId, String key) {
        entry(keeperId, tankId, key).removed(clock.instant());
    }

    public void restoreEntry(UUID keeperId, UUID tankId, String key) {
        entry(keeperId, tankId, key).removed(null);
    }

    /** Records a loss; the fish leaves the tank on that day. */
    public void addLoss(UUID keeperId, UUID tankId, Loss loss) {
        tanks.own(keeperId, tankId);
        ResidentRow fish = resident(tankId, loss.fishId().key());
        if (losses.findByTankIdAndPlanKey(tankId, loss.id()).isPresent()
                || fish.toCore().leftOn().isPresent()) {
            return;
        }
        fish.left(loss.on());
        losses.saveAndFlush(new LossRow(tankId, loss));
    }

    /** Takes a loss back; the fish lives here again. */
    public void removeLoss(UUID keeperId, UUID tankId, String key) {
        LossRow loss = loss(keeperId, tankId, key);
        loss.removed(clock.instant());
        resident(tankId, loss.fishKey()).left(null);
    }

    public void restoreLoss(UUID keeperId, UUID tankId, String key) {
        LossRow loss = loss(keeperId, tankId, key);
        ResidentRow fish = resident(tankId, loss.fishKey());
        if (loss.isRemoved() && fish.toCore().leftOn().isEmpty()) {
            loss.removed(null);
            fish.left(loss.lostOn());
        }
    }

    /** Today, for this application. */
    public LocalDate today() {
        return LocalDate.now(clock);
    }

    private WishRow wish(UUID keeperId, UUID tankId, String key) {
        tanks.own(keeperId, tankId);
        return wishes.findByTankIdAndPlanKey(tankId, key).orElseThrow(() -> new NotFoundException("wish"));
    }

    private ResidentRow resident(UUID tankId, String key) {
        return residents.findByTankIdAndPlanKey(tankId, key).orElseThrow(() -> new NotFoundException("fish"));
    }

    private LogRow entry(UUID keeperId, UUID tankId, String key) {
        tanks.own(keeperId, tankId);
        return logs.findByTankIdAndPlanKey(tankId, key).orElseThrow(() -> new NotFoundException("entry"));
    }

    private LossRow loss(UUID keeperId, UUID tankId, String key) {
        tanks.own(keeperId, tankId);
        return losses.findByTankIdAndPlanKey(tankId, key).orElseThrow(() -> new NotFoundException("loss"));
    }
}
