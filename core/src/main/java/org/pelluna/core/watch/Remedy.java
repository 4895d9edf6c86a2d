package org.pelluna.core.watch;

import java.time.LocalDate;
import java.util.Optional;
import org.pelluna.core.id.FishId;

/**
 * Something tried against a quarrel.
 *
 * @param id key within its plan
 * @param kind what
 * @param fishId the fish it is meant for: the bully taken out, the newcomer boxed; empty for the whole tank
 * @param from the day it began
 * @param until the day it ended; empty while it lasts
 * @param note the keeper's words
 */
public record Remedy(
        String id,
        Kind kind,
        Optional<FishId> fishId,
        LocalDate from,
        Optional<LocalDate> until,
        Optional<String> note) {
    public Remedy {
        if (until.filter(day -> day.isBefore(from)).isPresent()) {
            throw new IllegalArgumentException("a remedy cannot end before it began");
        }
    }

    /** What can be tried, the mildest first; common practice. */
    public enum Kind {
        MORE_FOOD("more food and feeding places"),
        MORE_SHELTER("more caves"),
        FRESH_ROCK("a fresh pile of rock"),
        MIRROR("a mirror at the front"),
        BOX("the box again"),
        ROCK_MOVED("the rockwork moved"),
        BULLY_OUT("the bully taken out for a while"),
        RIVALS_TOGETHER("all rivals out, and back together"),
        TRAP("a trap"),
        GIVEN_UP("the fish given up");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        /** The remedy in a sentence. */
        public String words() {
            return words;
        }
    }
}
