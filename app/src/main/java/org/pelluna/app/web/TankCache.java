package org.pelluna.app.web;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.pelluna.app.storage.TankStore;
import org.pelluna.core.forecast.WaterLimit;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.tension.RateChange;
import org.pelluna.core.watch.LogEntry;
import org.springframework.stereotype.Component;

/**
 * The one memory of what was worked out of tanks. A tank's revision is read from the database at every look, under its keeper's id, and is
 * part of the key: what is answered is never older than the last change that any instance has acknowledged.
 */
@Component
public class TankCache {
    /** Weight of all that is kept: a tank without a log counts as two hundred entries. */
    private static final long MOST_WEIGHT = 120_000;

    private static final int TANK_WEIGHT = 200;
    private static final int MOST_WATERS = 500;
    private static final int MOST_CHANGES = 1000;

    /** What a remembered value is of. */
    private sealed interface Key {
        /** A tank as it is on a day. */
        record Day(UUID tankId, long revision, LocalDate day) implements Key {}

        /** A tank's log, which most changes of the tank leave alone. */
        record Log(UUID tankId, long logRevision) implements Key {}
    }

    private final TankStore tanks;
    private final Catalogue catalogue;
    private final Clock clock;
    private final Cache<Key, Object> kept = Caffeine.newBuilder()
            .maximumWeight(MOST_WEIGHT)
            .weigher((Key key, Object value) -> value instanceof List<?> log ? log.size() + 1 : TANK_WEIGHT)
            .build();

    /** What water bears follows from three figures, which few changes of a tank touch. */
    private final LoadingCache<WaterLimit.In, WaterLimit> water =
            Caffeine.newBuilder().maximumSize(MOST_WATERS).build(WaterLimit::in);

    /** What a remedy changed follows from the watches around it, which later entries do not touch. */
    private final LoadingCache<RateChange.Asked, RateChange> changes =
            Caffeine.newBuilder().maximumSize(MOST_CHANGES).build(RateChange::of);

    public TankCache(TankStore tanks, Catalogue catalogue, Clock clock) {
        this.tanks = tanks;
        this.catalogue = catalogue;
        this.clock = clock;
    }

    /**
     * The answers for a keeper's tank as it is now.
     *
     * @throws org.pelluna.app.storage.NotFoundException if the keeper has no such tank
     */
    public TankAnswers of(UUID keeperId, UUID tankId) {
        long revision = tanks.state(keeperId, tankId).revision();
        LocalDate today = LocalDate.now(clock);
        Object known = kept.getIfPresent(new Key.Day(tankId, revision, today));
        return known instanceof TankAnswers answers ? answers : read(keeperId, tankId);
    }

    private TankAnswers read(UUID keeperId, UUID tankId) {
        TankStore.Snapshot found =
                tanks.snapshot(keeperId, tankId, logRevision -> log(new Key.Log(tankId, logRevision)));
        kept.put(new Key.Log(tankId, found.state().logRevision()), found.plan().log());
        TankAnswers answers = new TankAnswers(found.plan(), catalogue, water::get, changes::get);
        Key key = new Key.Day(tankId, found.state().revision(), found.plan().asOf());
        Object first = kept.asMap().putIfAbsent(key, answers);
        return first instanceof TankAnswers earlier ? earlier : answers;
    }

    @SuppressWarnings("unchecked")
    private Optional<List<LogEntry>> log(Key.Log key) {
        return Optional.ofNullable((List<LogEntry>) kept.getIfPresent(key));
    }
}
