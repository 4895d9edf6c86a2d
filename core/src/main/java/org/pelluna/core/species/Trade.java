package org.pelluna.core.species;

import org.pelluna.core.finding.Provenance;

/**
 * How it comes to the shop.
 *
 * @param price price band among marine fish
 * @param availability how often it is offered
 * @param origin caught or bred
 * @param from where this is known from
 */
public record Trade(Price price, Availability availability, Origin origin, Provenance from) {
    /** Price bands, without a currency. */
    public enum Price {
        LOW,
        MIDDLE,
        HIGH,
        DEAR
    }

    /** How often it is offered. */
    public enum Availability {
        COMMON,
        SEASONAL,
        RARE
    }

    /** Caught or bred. */
    public enum Origin {
        WILD("wild-caught"),
        BRED_AND_WILD("sold both wild-caught and captive-bred: ask for captive-bred"),
        MOSTLY_BRED("mostly captive-bred: choose one that is");

        private final String words;

        Origin(String words) {
            this.words = words;
        }

        /** The origin in a sentence. */
        public String words() {
            return words;
        }
    }
}
