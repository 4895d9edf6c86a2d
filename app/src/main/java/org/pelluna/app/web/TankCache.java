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
 * The one memory of what was worked out of tanks. A tank's revision is read from the database at every look, under its keeper's id: what is answered is never older than the last change that any instance has acknowledged.
 */
@Component
public class TankCache {
    private static final int MOST_TANKS = 120;
    private static final int MOST_ENTRIES = 120_000;
    private static final int MOST_WATERS = 500;
    private static final int MOST_CHANGES = 1000;

    /** What is known of a tank: of its latest state seen and of one day. What was worked out of an older one is never asked for again. */
    private record Known(long revision, LocalDate day, TankAnswers answers) {
        boolean isOf(long state, LocalDate today) {
            return revision == state && day.equals(today);
        }
    }

    /** A tank's log, which most changes of the tank leave alone. */
    private record KnownLog(long revision, List<LogEntry> entries) {}

    private final TankStore tanks;
    private final Catalogue catalogue;
    private final Clock clock;
    private final Cache<UUID, Known> answers =
            Caffeine.newBuilder().maximumSize(MOST_TANKS).build();
    private final Cache<UUID, KnownLog> logs = Caffeine.newBuilder()
            .maximumWeight(MOST_ENTRIES)
            .weigher((UUID tank, KnownLog log) -> log.entries().size() + 1)
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
        Known known = answers.getIfPresent(tankId);
        return known != null && known.isOf(revision, today) ? known.answers() : read(keeperId, tankId);
    }

    private TankAnswers read(UUID keeperId, UUID tankId) {
        TankStore.Snapshot found = tanks.snapshot(keeperId, tankId, logRevision -> log(tankId, logRevision));
        long revision = found.state().revision();
        LocalDate day = found.plan().asOf();
        logs.put(tankId, new KnownLog(found.state().logRevision(), found.plan().log()));
        // Pages asked for at once share one.
        return answers.asMap()
                .merge(
                        tankId,
                        new Known(revision, day, new TankAnswers(found.plan(), catalogue, water::get, changes::get)),
                        (old, made) -> old.isOf(revision, day) ? old : made)
                .answers();
    }

    private Optional<List<LogEntry>> log(UUID tankId, long revision) {
        return Optional.ofNullable(logs.getIfPresent(tankId))
                .filter(known -> known.revision() == revision)
                .map(KnownLog::entries);
    }
}
