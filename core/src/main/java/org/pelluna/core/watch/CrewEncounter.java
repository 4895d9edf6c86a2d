package org.pelluna.core.watch;

import java.time.LocalDateTime;
import java.util.Map;
import java.util.Optional;
import org.pelluna.core.id.FishId;

/**
 * Something seen between a fish and an invertebrate, or between invertebrates: a wrasse on a shrimp, a war among hermit crabs.
 *
 * @param id key within its plan
 * @param at when, in the keeper's local time
 * @param kind what was seen: one of those that one animal does to another, or an injury
 * @param by who did it
 * @param to whom it was done
 * @param hardness how hard, 1 mild to 3 fierce
 * @param note the keeper's words
 */
public record CrewEncounter(
        String id,
        LocalDateTime at,
        LogEntry.Kind kind,
        Animal by,
        Animal to,
        Optional<Integer> hardness,
        Optional<String> note) {

    public CrewEncounter {
        if (!kind.hasAggressor() && kind != LogEntry.Kind.INJURY) {
            throw new IllegalArgumentException("a " + kind.words() + " is not done by one animal to another");
        }
        if (by.fish().isPresent() && to.fish().isPresent()) {
            throw new IllegalArgumentException("what passes between two fish belongs in the log of fish");
        }
        if (hardness.filter(h -> h < 1 || h > 3).isPresent()) {
            throw new IllegalArgumentException("hardness is 1 to 3, but was " + hardness.get());
        }
    }

    /**
     * Who did what to whom, as a keeper reads it.
     *
     * @param names what each fish is called
     */
    public String words(Map<FishId, String> names) {
        String who = by.words(names);
        String whom = by.equals(to) ? "others of their species" : to.words(names);
        return switch (kind) {
            case DISPLAY -> who + " displayed at " + whom;
            case CHASE -> who + " chased " + whom;
            case NIP -> who + " nipped " + whom;
            case PINNED -> who + " pinned " + whom;
            case INJURY, ARRIVAL, SPAWNED, NOTE -> who + " hurt " + whom;
        };
    }

    /** The same, so many days later. */
    public CrewEncounter later(long days) {
        return new CrewEncounter(id, at.plusDays(days), kind, by, to, hardness, note);
    }
}
