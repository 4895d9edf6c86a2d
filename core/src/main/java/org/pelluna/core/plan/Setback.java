package org.pelluna.core.plan;

import java.time.LocalDate;
import java.util.Optional;
import org.pelluna.core.stored.IfAbsent;

/**
 * Something that did not go by the plan; the past of a plan, kept when it is made anew.
 *
 * @param id key within its plan
 * @param on the day
 * @param kind what happened
 * @param fish the fish as it was called in the plan
 * @param price what was lost with it, in the keeper's money
 * @param note the keeper's words
 */
public record Setback(
        String id,
        LocalDate on,
        Kind kind,
        @IfAbsent("\"a fish\"") String fish,
        Optional<Double> price,
        Optional<String> note) {

    /** What can happen to an arrival. */
    public enum Kind {
        LATE("arrived late"),
        NOT_FOUND("was not to be found"),
        SICK("fell ill in quarantine"),
        DIED("died in quarantine"),
        SWAPPED("was swapped for another");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        /** Completes “the fish …”. */
        public String words() {
            return words;
        }
    }
}
