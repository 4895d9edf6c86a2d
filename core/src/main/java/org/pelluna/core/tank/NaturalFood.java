package org.pelluna.core.tank;

import java.util.Optional;

/**
 * What the tank grows of itself for its fish, as its keeper sees it.
 *
 * @param algae what grows on rock and glass
 * @param pods how many pods are seen on the glass by torchlight an hour after lights-out
 */
public record NaturalFood(Optional<Algae> algae, Optional<Pods> pods) {
    /** Nothing was looked at. */
    public static final NaturalFood UNKNOWN = new NaturalFood(Optional.empty(), Optional.empty());

    /** What there is to graze. */
    public enum Algae {
        NONE("nothing to graze yet"),
        FILM("a film on the glass"),
        TURF("tufts and turf on the rock"),
        PLENTY("more than anyone eats");

        private final String words;

        Algae(String words) {
            this.words = words;
        }

        /** As a keeper reads it. */
        public String words() {
            return words;
        }
    }

    /** Pods seen at night. */
    public enum Pods {
        NONE("none seen"),
        SOME("a few"),
        MANY("everywhere");

        private final String words;

        Pods(String words) {
            this.words = words;
        }

        /** As a keeper reads it. */
        public String words() {
            return words;
        }
    }
}
