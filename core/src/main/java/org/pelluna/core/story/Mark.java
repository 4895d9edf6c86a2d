package org.pelluna.core.story;

import java.time.LocalDate;
import java.util.Optional;
import org.pelluna.core.id.FishId;

/**
 * Something that happened on one day.
 *
 * @param kind what
 * @param on the day
 * @param fish whom it is about; empty for the whole tank
 * @param words a clause, for example {@code a cloudy eye}
 */
public record Mark(Kind kind, LocalDate on, Optional<FishId> fish, String words) {

    /** What can be marked. */
    public enum Kind {
        SIGN,
        TEST_OVER_LIMIT,
        SPAWNED,
        WARNING
    }
}
