package org.pelluna.app.fish;

import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import java.util.UUID;
import org.pelluna.app.storage.JournalStore;
import org.pelluna.app.storage.RecordStore;
import org.pelluna.app.web.RefusedException;
import org.pelluna.core.id.FishId;
import org.pelluna.core.watch.LogEntry;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a keeper writes of one fish, with photographs, and its spawning: entries of the log. */
@Service
@Transactional
class FishNotes {
    private final RecordStore record;
    private final JournalStore journal;
    private final Clock clock;

    FishNotes(RecordStore record, JournalStore journal, Clock clock) {
        this.record = record;
        this.journal = journal;
        this.clock = clock;
    }

    /** The key of the photograph of an entry. */
    static String photo(String entry) {
        return entry + "-photo";
    }

    /**
     * Writes it down, dated back if need be; a form sent twice writes once.
     *
     * @throws RefusedException if there is neither a word nor a photograph, or the day lies in the future
     */
    void add(
            UUID keeperId,
            UUID tankId,
            String key,
            String fishKey,
            LocalDate on,
            boolean spawned,
            Optional<String> words,
            Optional<byte[]> jpeg) {
        LocalDateTime now = LocalDateTime.now(clock).truncatedTo(ChronoUnit.MINUTES);
        if (on.isAfter(now.toLocalDate())) {
            throw new RefusedException("this day lies in the future");
        }
        if (!spawned && words.isEmpty() && jpeg.isEmpty()) {
            throw new RefusedException("write a word, or choose a photograph");
        }
        record.addEntry(
                keeperId,
                tankId,
                new LogEntry(
                        key,
                        on.equals(now.toLocalDate()) ? now : on.atTime(12, 0),
                        spawned ? LogEntry.Kind.SPAWNED : LogEntry.Kind.NOTE,
                        Optional.empty(),
                        Optional.of(new FishId(fishKey)),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        spawned ? words : Optional.of(words.orElse("a photograph"))));
        jpeg.ifPresent(bytes -> journal.addPhoto(keeperId, tankId, photo(key), bytes));
    }
}
