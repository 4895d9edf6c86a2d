package org.pelluna.core.species;

import org.pelluna.core.finding.Provenance;

/**
 * Whom of its own kind a species needs or bears.
 *
 * @param way how it lives
 * @param smallestGroup fewest that do well together, when more than one is kept
 * @param largestGroup most that an ordinary tank bears
 * @param pairAllowed whether just two do well
 * @param sexChange which way it changes sex, if it does
 * @param from where this is known from
 */
public record SocialGrouping(
        Way way, int smallestGroup, int largestGroup, boolean pairAllowed, SexChange sexChange, Provenance from) {

    public SocialGrouping {
        if (smallestGroup < 1 || largestGroup < smallestGroup) {
            throw new IllegalArgumentException(
                    "a group runs from at least 1 upwards, but was " + smallestGroup + " to " + largestGroup);
        }
    }

    /** Which way the dominant fish of a group changes sex. */
    public enum SexChange {
        NONE,
        FEMALE_TO_MALE,
        MALE_TO_FEMALE
    }

    /** How a species lives with its own kind. */
    public enum Way {
        SINGLE("singly"),
        PAIR("singly or as a mated pair"),
        HAREM("as one male's harem"),
        SHOAL("in a group");

        private final String words;

        Way(String words) {
            this.words = words;
        }

        /** The way in a sentence. */
        public String words() {
            return words;
        }
    }

    /** Whether this many of the species do well together in one tank. */
    public boolean suits(int count) {
        if (count == 1) {
            return true;
        }
        if (count == 2) {
            return pairAllowed;
        }
        return way != Way.SINGLE && count >= smallestGroup && count <= largestGroup;
    }
}
