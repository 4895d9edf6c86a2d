package org.pelluna.core.words;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.WaterTest;
import org.pelluna.core.watch.CrewCount;
import org.pelluna.core.watch.LogEntry;
import org.pelluna.core.watch.RollCall;
import org.pelluna.core.watch.Sign;

/**
 * What a line of words was understood as.
 *
 * @param what what it says; empty if it cannot be kept
 * @param at when
 * @param parts the line by its parts, each with what it was taken for, in order
 * @param unknown words that mean nothing here; as long as there are any, nothing is kept
 * @param missing what is wanted for it to be kept, a sentence; empty if nothing is
 */
public record Understood(
        Optional<What> what, LocalDateTime at, List<Part> parts, List<String> unknown, String missing) {
    public Understood {
        parts = List.copyOf(parts);
        unknown = List.copyOf(unknown);
    }

    /** Some words, and what they were taken for. */
    public record Part(String words, String meaning) {}

    /** What a line can say. */
    public sealed interface What {}

    /** One fish did something to another, so many times. */
    public record Encounter(
            LogEntry.Kind kind, FishId by, FishId to, int count, Optional<Integer> hardness, Optional<String> place)
            implements What {}

    /** An injury of which nobody knows whose doing it is. */
    public record Injury(FishId fish) implements What {}

    /** How a fish was found. */
    public record Found(FishId fish, RollCall.State state) implements What {}

    /** A sign seen on a fish. */
    public record Shows(FishId fish, Sign.Kind sign) implements What {}

    /** Water tests. */
    public record Tested(List<Reading> readings) implements What {
        public Tested {
            readings = List.copyOf(readings);
        }
    }

    /** One reading of a test. */
    public record Reading(WaterTest.Kind kind, double value) {}

    /** Invertebrates lost, counted or added. */
    public record Crew(String name, CrewCount.Kind kind, int count) implements What {}

    /** Words to be kept as they are. */
    public record Note(String words) implements What {}

    /** Whether it can be kept as it is understood. */
    public boolean isComplete() {
        return what.isPresent() && unknown.isEmpty() && missing.isEmpty();
    }
}
