package org.pelluna.core.species;

import org.pelluna.core.finding.Provenance;

/**
 * A disease it often brings along.
 *
 * @param kind which
 * @param from where this is known from
 */
public record Ailment(Ailment.Kind kind, Provenance from) {
    /** Kinds of disease. */
    public enum Kind {
        WHITE_SPOT("white spot"),
        CILIATES("a fast ciliate disease of shoaling fish");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        /** The disease in a sentence. */
        public String words() {
            return words;
        }
    }
}
