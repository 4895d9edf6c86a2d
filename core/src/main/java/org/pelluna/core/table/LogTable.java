package org.pelluna.core.table;

import java.time.format.DateTimeFormatter;
import java.util.Arrays;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.watch.LogEntry;

/** The log: a row for each entry; fish stand by their name. */
public final class LogTable implements TableForm<LogEntry> {
    private static final List<Column> COLUMNS = List.of(
            Column.needed("at", "when", "date", "time", "when", "datetime", "date_time"),
            Column.needed("kind", "what was seen", "what", "event", "behaviour", "behavior"),
            Column.optional("aggressor", "who did it", "by", "from", "actor"),
            Column.optional("fish", "to whom", "victim", "to", "target", "recipient"),
            Column.optional("hardness", "how hard, 1 to 3", "intensity", "severity"),
            Column.optional("place", "where", "where", "location"),
            Column.optional("watched_minutes", "how long it was watched, min", "minutes", "watched"),
            Column.optional("note", "in your words", "notes", "remark", "comment"),
            Column.optional("id", "key"));

    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("uuuu-MM-dd'T'HH:mm[:ss]", Locale.ROOT);

    private final FishNames fish;

    public LogTable(Collection<Resident> residents, Catalogue catalogue) {
        this.fish = new FishNames(residents, catalogue);
    }

    @Override
    public List<Column> columns() {
        return COLUMNS;
    }

    @Override
    public List<LogEntry> read(Row row) {
        var at = row.moment("at");
        LogEntry.Kind kind = row.choice("kind", LogEntry.Kind.class, LogEntry.Kind::words);
        Optional<FishId> aggressor = row.text("aggressor").map(fish::key);
        Optional<FishId> victim = row.text("fish").map(fish::key);
        String key = row.text("id")
                .orElseGet(() -> Keys.of("log", at, kind, aggressor, victim, row.text("place"), row.text("note")));
        return List.of(new LogEntry(
                key,
                at,
                kind,
                aggressor,
                victim,
                row.whole("hardness"),
                row.text("place"),
                row.whole("watched_minutes"),
                row.text("note")));
    }

    @Override
    public Map<String, String> write(LogEntry entry) {
        Map<String, String> cells = new LinkedHashMap<>();
        cells.put("id", entry.id());
        cells.put("at", entry.at().format(WHEN));
        cells.put("kind", entry.kind().name().toLowerCase(Locale.ROOT));
        entry.aggressorId().ifPresent(one -> cells.put("aggressor", fish.name(one)));
        entry.fishId().ifPresent(one -> cells.put("fish", fish.name(one)));
        entry.hardness().ifPresent(one -> cells.put("hardness", one.toString()));
        entry.place().ifPresent(one -> cells.put("place", one));
        entry.watchedMinutes().ifPresent(one -> cells.put("watched_minutes", one.toString()));
        entry.note().ifPresent(one -> cells.put("note", one));
        return cells;
    }

    @Override
    public Object content(LogEntry entry) {
        return Arrays.asList(
                entry.at(), entry.kind(), entry.aggressorId(), entry.fishId(), entry.place(), entry.note());
    }
}
