package org.pelluna.core.species;

import org.pelluna.core.finding.Provenance;

/**
 * Something it breaks or moves.
 *
 * @param kind what it does
 * @param from where this is known from
 */
public record Disturbance(Disturbance.Kind kind, Provenance from) {
    /** Kinds of disturbance. */
    public enum Kind {
        SNAPS_BRANCHES("snaps branching corals in passing"),
        TOPPLES_ROCK("shifts rock: set the rock on the tank floor and fix loose pieces"),
        DIGS("digs, and undermines what stands on the sand"),
        SIFTS_SAND("sifts sand all day"),
        BURIES_CORALS("drops sand on low corals");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        /** Completes “it …”. */
        public String words() {
            return words;
        }
    }
}
