package org.pelluna.core.watch;

import java.time.LocalDateTime;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.pelluna.core.id.FishId;

/**
 * One thing seen at the tank.
 *
 * @param id the entry's key within its plan
 * @param at when, in the keeper's local time
 * @param kind what was seen
 * @param aggressorId the fish that did it, for kinds that have one
 * @param fishId the fish it happened to; empty for a note on the whole tank
 * @param hardness how hard, 1 mild to 3 fierce
 * @param place where in the tank
 * @param watchedMinutes how long the tank was watched, the exposure behind a rate
 * @param note the keeper's words
 */
public record LogEntry(
        String id,
        LocalDateTime at,
        Kind kind,
        Optional<FishId> aggressorId,
        Optional<FishId> fishId,
        Optional<Integer> hardness,
        Optional<String> place,
        Optional<Integer> watchedMinutes,
        Optional<String> note) {

    public LogEntry {
        if (kind.hasAggressor() && (aggressorId.isEmpty() || fishId.isEmpty())) {
            throw new IllegalArgumentException(
                    "a " + kind.words() + " needs the fish that did it and the fish it happened to");
        }
        if (!kind.hasAggressor() && aggressorId.isPresent() && kind != Kind.INJURY) {
            throw new IllegalArgumentException("a " + kind.words() + " has no aggressor");
        }
        if (kind != Kind.NOTE && fishId.isEmpty()) {
            throw new IllegalArgumentException("a " + kind.words() + " needs the fish it happened to");
        }
        if (aggressorId.isPresent() && aggressorId.equals(fishId)) {
            throw new IllegalArgumentException("a fish cannot be its own aggressor");
        }
        if (kind == Kind.NOTE && note.filter(text -> !text.isBlank()).isEmpty()) {
            throw new IllegalArgumentException("a note needs words");
        }
        if (hardness.filter(h -> h < 1 || h > 3).isPresent()) {
            throw new IllegalArgumentException("hardness is 1 to 3, but was " + hardness.get());
        }
        if (watchedMinutes.filter(m -> m < 1 || m > 1440).isPresent()) {
            throw new IllegalArgumentException("a watch lasts 1 to 1440 minutes, but was " + watchedMinutes.get());
        }
    }

    /** Entries in the order of a log: by time, and of one time by key. */
    public static List<LogEntry> inOrder(List<LogEntry> entries) {
        return entries.stream()
                .sorted(Comparator.comparing(LogEntry::at).thenComparing(LogEntry::id))
                .toList();
    }

    /** What can be seen. */
    public enum Kind {
        DISPLAY("display", true),
        CHASE("chase", true),
        NIP("nip", true),
        PINNED("pinning", true),
        INJURY("injury", false),
        ARRIVAL("arrival", false),
        SPAWNED("spawning", false),
        NOTE("note", false);

        private final String words;
        private final boolean hasAggressor;

        Kind(String words, boolean hasAggressor) {
            this.words = words;
            this.hasAggressor = hasAggressor;
        }

        /** The kind in a sentence. */
        public String words() {
            return words;
        }

        /** Whether one fish does it to another. */
        public boolean hasAggressor() {
            return hasAggressor;
        }
    }
}
