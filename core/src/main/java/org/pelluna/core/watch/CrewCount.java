package org.pelluna.core.watch;

import java.time.LocalDate;
import java.util.Optional;
import org.pelluna.core.stored.IfAbsent;
import org.pelluna.core.tank.AnimalGroup;

/**
 * Invertebrates counted, or added: clean-up crew and others, by group.
 *
 * @param id key within its plan
 * @param on the day
 * @param group which animals
 * @param name what the keeper calls them
 * @param kind whether they were counted or added
 * @param count how many
 * @param smallestCm the smallest of them, cm
 * @param by who took them, if anybody was seen to: a fish's name, or others of the crew
 */
public record CrewCount(
        String id,
        LocalDate on,
        AnimalGroup group,
        String name,
        @IfAbsent("\"counted\"") Kind kind,
        int count,
        @IfAbsent("1") double smallestCm,
        Optional<String> by) {
    /** Animals that nobody was seen to take. */
    public CrewCount(String id, LocalDate on, AnimalGroup group, String name, Kind kind, int count, double smallestCm) {
        this(id, on, group, name, kind, count, smallestCm, Optional.empty());
    }

    public CrewCount {
        if (count < 0 || count > 10_000) {
            throw new IllegalArgumentException("a count is 0 to 10,000, but was " + count);
        }
        if (!(smallestCm > 0 && smallestCm <= 100)) {
            throw new IllegalArgumentException("an animal is more than 0 and at most 100 cm long");
        }
        if (by.isPresent() && kind != Kind.LOST) {
            throw new IllegalArgumentException("only animals that are lost have a predator");
        }
        if (name.isBlank() || name.length() > 60) {
            throw new IllegalArgumentException("a name has 1 to 60 characters");
        }
    }

    /** What was done. */
    public enum Kind {
        ADDED("added"),
        COUNTED("counted"),
        /** Found dead, or seen taken. */
        LOST("lost");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        /** Completes “ten snails were …”. */
        public String words() {
            return words;
        }
    }
}
