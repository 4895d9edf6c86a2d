package org.pelluna.core.plan;

import java.util.Optional;

/**
 * A fish that left alive.
 *
 * @param kind how
 * @param to where it went, in the keeper's words
 * @param price what it brought in, in the keeper's money
 */
public record Departure(Kind kind, Optional<String> to, Optional<Double> price) {
    public Departure {
        if (price.filter(sum -> !(sum >= 0 && sum <= 1_000_000)).isPresent()) {
            throw new IllegalArgumentException("a price is 0 to 1,000,000, but was " + price.get());
        }
    }

    /** How a fish leaves alive. */
    public enum Kind {
        SOLD("sold"),
        GIVEN("given away"),
        TRADED_IN("traded in at the shop"),
        RETURNED("returned to the shop"),
        MOVED("moved to another tank");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        /** The way as a keeper reads it. */
        public String words() {
            return words;
        }
    }
}
