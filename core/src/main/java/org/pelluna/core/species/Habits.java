package org.pelluna.core.species;

/**
 * Where and how it lives.
 *
 * @param zone where it spends the day
 * @param swimming how it moves
 * @param sleep where it spends the night
 * @param shelter what it flees to and holds
 * @param diet what it chiefly eats
 * @param feedsPerDay feeds a day it wants
 * @param eating how readily it takes prepared food
 * @param pace how fast it is at the table
 */
public record Habits(
        Zone zone,
        Swimming swimming,
        Sleep sleep,
        Shelter shelter,
        Diet diet,
        Sourced feedsPerDay,
        Eating eating,
        Pace pace) {

    /** Whether it lies in wait, perches or keeps to its hole: it wants floor and cover, not lengths of open water. */
    public boolean isResting() {
        return swimming == Swimming.PERCHES;
    }

    /** The same with other feeds a day. */
    Habits feeding(Sourced feeds) {
        return new Habits(zone, swimming, sleep, shelter, diet, feeds, eating, pace);
    }

    /** Where a fish spends the day. */
    public enum Zone {
        SAND("on the sand"),
        BURROW("in a burrow"),
        ROCK("about the rock"),
        CAVE("in caves"),
        MID_WATER("in mid-water"),
        SURFACE("at the surface");

        private final String words;

        Zone(String words) {
            this.words = words;
        }

        /** The place in a sentence. */
        public String words() {
            return words;
        }
    }

    /** What a fish flees to and holds. */
    public enum Shelter {
        SAND("the sand"),
        BURROW("a burrow"),
        CREVICE("a crevice"),
        CAVE("a cave"),
        CORAL_BRANCHES("coral branches or holdfasts"),
        ANEMONE("an anemone or a corner of its own"),
        NONE("open water");

        private final String words;

        Shelter(String words) {
            this.words = words;
        }

        /** The shelter in a sentence. */
        public String words() {
            return words;
        }
    }

    /** How a fish moves. */
    public enum Swimming {
        CRUISES,
        ROAMS,
        HOVERS,
        PERCHES
    }

    /** Where a fish spends the night. */
    public enum Sleep {
        UNDER_SAND,
        BURROW,
        CREVICE,
        OPEN
    }

    /** What a fish chiefly eats. */
    public enum Diet {
        ALGAE("algae"),
        DETRITUS_AND_FILM("algae film and detritus"),
        PLANKTON("plankton"),
        PODS("live pods"),
        SMALL_CRUSTACEANS("small crustaceans"),
        HARD_SHELLED("hard-shelled animals"),
        FISH_AND_SHRIMPS("fish and shrimps"),
        CORAL_POLYPS("coral polyps"),
        SPONGES("sponges"),
        MIXED("a mixed diet");

        private final String words;

        Diet(String words) {
            this.words = words;
        }

        /** The diet in a sentence. */
        public String words() {
            return words;
        }
    }

    /** How readily a fish takes prepared food. */
    public enum Eating {
        EASY,
        COAXED,
        HARD
    }

    /** How fast a fish is at the table. */
    public enum Pace {
        SIPS("sips one morsel at a time"),
        SLOW("picks slowly"),
        STEADY("eats steadily"),
        GREEDY("takes all it can at once");

        private final String words;

        Pace(String words) {
            this.words = words;
        }

        /** Completes “it …”. */
        public String words() {
            return words;
        }

        /** Whether the fast ones are done before it has had its share. */
        public boolean isLate() {
            return this == SIPS || this == SLOW;
        }
    }
}
