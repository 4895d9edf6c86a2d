package org.pelluna.core.reef;

import java.time.LocalDate;
import java.util.List;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.id.FishId;

/**
 * A day on which something changes.
 *
 * @param on the day
 * @param kind what changes
 * @param words what, in a few words
 * @param fishIds the fish it concerns
 * @param finding what it means
 */
public record ReefEvent(LocalDate on, Kind kind, String words, List<FishId> fishIds, Finding finding) {
    public ReefEvent {
        fishIds = List.copyOf(fishIds);
    }

    /** What can change. */
    public enum Kind {
        ARRIVAL("arrival"),
        LOSS("loss"),
        OUTGROWN("outgrown"),
        BITE("bite-size");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        /** The change in a word. */
        public String words() {
            return words;
        }
    }
}
