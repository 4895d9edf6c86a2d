package org.pelluna.core.words;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import org.pelluna.core.watch.CrewCount;
import org.pelluna.core.watch.LogEntry;
import org.pelluna.core.watch.RollCall;

/** The words that a line may hold beside names, places, numbers and times. */
final class Lexicon {
    static final Map<String, LogEntry.Kind> DEEDS = new LinkedHashMap<>();
    static final Map<String, Integer> HARDNESS = Map.ofEntries(
            Map.entry("hard", 3),
            Map.entry("fiercely", 3),
            Map.entry("badly", 3),
            Map.entry("viciously", 3),
            Map.entry("firmly", 2),
            Map.entry("a bit", 1),
            Map.entry("gently", 1),
            Map.entry("mildly", 1),
            Map.entry("briefly", 1));
    static final Map<String, Integer> TIMES = Map.ofEntries(
            Map.entry("once", 1),
            Map.entry("twice", 2),
            Map.entry("thrice", 3),
            Map.entry("a", 1),
            Map.entry("one", 1),
            Map.entry("two", 2),
            Map.entry("three", 3),
            Map.entry("four", 4),
            Map.entry("five", 5),
            Map.entry("six", 6),
            Map.entry("seven", 7),
            Map.entry("eight", 8),
            Map.entry("nine", 9),
            Map.entry("ten", 10),
            Map.entry("a dozen", 12));
    static final Map<String, RollCall.State> STATES = new LinkedHashMap<>();
    static final Map<String, CrewCount.Kind> FATES = Map.ofEntries(
            Map.entry("dead", CrewCount.Kind.LOST),
            Map.entry("died", CrewCount.Kind.LOST),
            Map.entry("lost", CrewCount.Kind.LOST),
            Map.entry("eaten", CrewCount.Kind.LOST),
            Map.entry("added", CrewCount.Kind.ADDED),
            Map.entry("bought", CrewCount.Kind.ADDED),
            Map.entry("new", CrewCount.Kind.ADDED),
            Map.entry("counted", CrewCount.Kind.COUNTED),
            Map.entry("left", CrewCount.Kind.COUNTED));

    static {
        deed(LogEntry.Kind.CHASE, "chased", "chases", "chasing", "harried", "harries", "attacked", "attacks", "hunted");
        deed(LogEntry.Kind.NIP, "nipped", "nips", "nipping", "bit", "bites", "biting");
        deed(LogEntry.Kind.PINNED, "pinned", "pins", "pinning", "cornered", "corners");
        deed(LogEntry.Kind.DISPLAY, "flared at", "flares at", "displayed at", "displays at", "threatened", "threatens");
        deed(LogEntry.Kind.INJURY, "injured", "injures", "wounded", "wounds", "tore", "bitten", "hurt by");
        state(
                RollCall.State.SEEN,
                "is not eating",
                "not eating",
                "isn't eating",
                "does not eat",
                "doesn't eat",
                "did not eat",
                "didn't eat",
                "refuses food",
                "refused food",
                "off food");
        state(RollCall.State.EATING, "is eating", "eating", "eats", "ate", "eats well");
        state(RollCall.State.HIDING, "is hiding", "hiding", "hides", "hid");
        state(RollCall.State.MISSING, "is missing", "missing", "not seen", "is gone", "vanished");
        state(RollCall.State.HURT, "is hurt", "hurt");
    }

    private Lexicon() {}

    private static void deed(LogEntry.Kind kind, String... words) {
        for (String one : words) {
            DEEDS.put(one, kind);
        }
    }

    private static void state(RollCall.State state, String... words) {
        for (String one : words) {
            STATES.put(one, state);
        }
    }

    /** A number in figures or in words, with or without “times”; empty if it is none. */
    static Optional<Integer> count(String words) {
        String plain = words.replaceAll("(?: times|x)$", "");
        if (plain.matches("\\d{1,4}")) {
            return Optional.of(Integer.valueOf(plain));
        }
        return Optional.ofNullable(TIMES.get(plain));
    }
}
