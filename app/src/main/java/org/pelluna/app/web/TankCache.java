package org.pelluna.app.web;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.pelluna.app.storage.TankState;
import org.pelluna.app.storage.TankStore;
import org.pelluna.core.question.Answers;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.watch.LogEntry;
import org.springframework.stereotype.Component;

/**
 * What was worked out of each tank as it is now. The tank's state is read from the database at every look, under its keeper's id, so what is
 * answered is never older than the last change that any instance has acknowledged. What a new state asks again is remembered by
 * {@link RememberedAnswers}.
 */
@Component
public class TankCache {
    private static final int MOST_TANKS = 120;
    private static final int MOST_ENTRIES = 120_000;

    /** What is known of a tank: of its latest state seen and of one day. What was worked out of an older one is never asked for again. */
    private record Known(TankState state, LocalDate day, TankAnswers answers) {
        boolean isOf(TankState asked, LocalDate today) {
            return state.equals(asked) && day.equals(today);
        }
    }

    /** A tank's log, which most changes of the tank leave alone. */
    private record KnownLog(long revision, List<LogEntry> entries) {}

    private final TankStore tanks;
    private final Catalogue catalogue;
    private final Answers asked;
    private final Clock clock;
    private final Cache<UUID, Known> answers =
            Caffeine.newBuilder().maximumSize(MOST_TANKS).build();
    private final Cache<UUID, KnownLog> logs = Caffeine.newBuilder()
            .maximumWeight(MOST_ENTRIES)
            .weigher((UUID tank, KnownLog log) -> log.entries().size() + 1)
            .build();

    public TankCache(TankStore tanks, Catalogue catalogue, Answers asked, Clock clock) {
        this.tanks = tanks;
        this.catalogue = catalogue;
        this.asked = asked;
        this.clock = clock;
    }

    /**
     * The answers for a keeper's tank as it is now.
     *
     * @throws org.pelluna.app.storage.NotFoundException if the keeper has no such tank
     */
    public TankAnswers of(UUID keeperId, UUID tankId) {
        TankState state = tanks.state(keeperId, tankId);
        LocalDate today = LocalDate.now(clock);
        Known known = answers.getIfPresent(tankId);
        return known != null && known.isOf(state, today) ? known.answers() : read(keeperId, tankId);
    }

    private TankAnswers read(UUID keeperId, UUID tankId) {
        TankStore.Snapshot found = tanks.snapshot(keeperId, tankId, logRevision -> log(tankId, logRevision));
        TankState state = found.state();
        LocalDate day = found.plan().asOf();
        logs.put(tankId, new KnownLog(state.logRevision(), found.plan().log()));
        // Pages asked for at once share one.
        return answers.asMap()
                .merge(
                        tankId,
                        new Known(state, day, new TankAnswers(found.plan(), catalogue, asked)),
                        (old, made) -> old.isOf(state, day) ? old : made)
                .answers();
    }

    private Optional<List<LogEntry>> log(UUID tankId, long revision) {
        return Optional.ofNullable(logs.getIfPresent(tankId))
                .filter(known -> known.revision() == revision)
                .map(KnownLog::entries);
    }
}
