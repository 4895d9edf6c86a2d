package org.pelluna.core.watch;

import java.time.LocalDateTime;
import java.util.Collections;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.pelluna.core.id.FishId;

/**
 * A count of heads: how each fish was found. Who is not named was not looked for.
 *
 * @param id key within its plan
 * @param at when
 * @param found how each fish was found, by its key
 * @param note the keeper's words
 */
public record RollCall(String id, LocalDateTime at, Map<FishId, State> found, Optional<String> note) {
    public RollCall {
        found = Collections.unmodifiableMap(new TreeMap<>(found));
        if (found.isEmpty()) {
            throw new IllegalArgumentException("a roll call names at least one fish");
        }
    }

    /** How a fish was found. */
    public enum State {
        EATING("eating"),
        SEEN("seen, not eating"),
        HIDING("hiding"),
        HURT("hurt"),
        MISSING("missing");

        private final String words;

        State(String words) {
            this.words = words;
        }

        /** The state as a keeper reads it. */
        public String words() {
            return words;
        }
    }
}
