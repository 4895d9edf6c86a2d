package org.pelluna.app.watch;

import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.pelluna.core.id.FishId;
import org.pelluna.core.losses.Loss;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.watch.CrewEncounter;
import org.pelluna.core.watch.LogEntry;

/**
 * One line of the log, ready to print.
 *
 * @param key the end of its address below that of the log
 * @param editable whether it can be changed
 * @param removable whether it can be removed
 */
record LogLine(
        String key,
        String when,
        String kind,
        String what,
        String details,
        String note,
        boolean editable,
        boolean removable) {
    static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm");

    /** As many as one looks back at; the story tells all. */
    private static final int FEW = 10;

    private static final int LINES = 100;

    /** The latest lines, losses among them: few, or as many as one page bears. */
    static List<LogLine> latest(TankPlan plan, boolean all) {
        Map<FishId, String> names = plan.fishNames();
        List<LogEntry> log = plan.log();
        Stream<LogLine> entries = log.subList(Math.max(0, log.size() - LINES), log.size()).stream()
                .map(entry -> of(entry, names));
        Stream<LogLine> losses = plan.losses().stream().map(loss -> of(loss, names));
        Stream<LogLine> crew = plan.observations().crewEncounters().stream().map(one -> of(one, plan));
        return Stream.of(entries, losses, crew)
                .flatMap(lines -> lines)
                .sorted(Comparator.comparing(LogLine::when).reversed())
                .limit(all ? LINES : FEW)
                .toList();
    }

    private static LogLine of(Loss loss, Map<FishId, String> names) {
        return new LogLine(
                loss.id(),
                loss.on() + " 23:59",
                "loss",
                names.get(loss.fishId()) + " lost: " + loss.cause().words() + " ("
                        + loss.certainty().words() + ")",
                "",
                loss.note().orElse(""),
                false,
                false);
    }

    static LogLine of(LogEntry entry, Map<FishId, String> names) {
        String fish = entry.fishId().map(names::get).orElse("");
        String what = switch (entry.kind()) {
            case DISPLAY -> by(entry, names) + " displayed at " + fish;
            case CHASE -> by(entry, names) + " chased " + fish;
            case NIP -> by(entry, names) + " nipped " + fish;
            case PINNED -> by(entry, names) + " pinned " + fish;
            case INJURY -> fish + " is hurt" + (entry.aggressorId().isPresent() ? ", by " + by(entry, names) : "");
            case ARRIVAL -> fish + " arrived";
            case SPAWNED -> fish + " spawned";
            case NOTE -> fish.isEmpty() ? "Note" : "Note on " + fish;
        };
        String details = Stream.of(
                        entry.hardness().map(LogLine::hard),
                        entry.place(),
                        entry.watchedMinutes().map(minutes -> "watched " + minutes + " min"))
                .flatMap(java.util.Optional::stream)
                .collect(java.util.stream.Collectors.joining(" · "));
        return new LogLine(
                entry.id(),
                entry.at().format(WHEN),
                entry.kind().name().toLowerCase(java.util.Locale.ROOT),
                what,
                details,
                entry.note().orElse(""),
                entry.kind() != LogEntry.Kind.ARRIVAL,
                entry.kind() != LogEntry.Kind.ARRIVAL);
    }

    private static LogLine of(CrewEncounter seen, TankPlan plan) {
        return new LogLine(
                "items/" + seen.id(),
                seen.at().format(WHEN),
                "crew",
                seen.words(plan.fishNames()),
                seen.hardness().map(LogLine::hard).orElse(""),
                seen.note().orElse(""),
                false,
                true);
    }

    private static String hard(int hardness) {
        return List.of("mild", "hard", "fierce").get(hardness - 1);
    }

    private static String by(LogEntry entry, Map<FishId, String> names) {
        return entry.aggressorId().map(names::get).orElse("");
    }
}
