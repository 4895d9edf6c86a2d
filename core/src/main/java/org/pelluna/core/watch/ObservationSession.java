package org.pelluna.core.watch;

import java.time.LocalDateTime;
import java.util.Optional;
import org.pelluna.core.stored.IfAbsent;

/**
 * A time for which the tank was watched: the exposure behind every rate. What the log holds within it was seen in it; a watch in
 * which nothing happened counts as much as any.
 *
 * @param id key within its plan
 * @param start when it began, in the keeper's local time
 * @param minutes how long it lasted
 * @param note the keeper's words
 * @param reason why the keeper looked: what was begun because of a fight shows more of it than other times
 */
public record ObservationSession(
        String id,
        LocalDateTime start,
        int minutes,
        Optional<String> note,
        @IfAbsent("\"planned\"") Reason reason) {
    public ObservationSession {
        if (minutes < 1 || minutes > 1440) {
            throw new IllegalArgumentException("a watch lasts 1 to 1440 minutes, but was " + minutes);
        }
    }

    /** Why the keeper looked. */
    public enum Reason {
        PLANNED("as planned"),
        SEEN("I saw an attack"),
        PASSING("just passing");

        private final String words;

        Reason(String words) {
            this.words = words;
        }

        /** The reason as a keeper reads it. */
        public String words() {
            return words;
        }
    }

    /** When it ended. */
    public LocalDateTime end() {
        return start.plusMinutes(minutes);
    }
}
