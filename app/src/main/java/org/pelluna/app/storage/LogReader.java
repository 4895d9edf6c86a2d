package org.pelluna.app.storage;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDateTime;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.pelluna.core.watch.LogEntry;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Reads a whole log. Some hold tens of thousands of entries: they are read past Hibernate, which would watch over each of them. */
@Component
class LogReader {
    private static final int TANKS = 20;

    private final JdbcClient database;
    private final Map<UUID, Kept> kept = Collections.synchronizedMap(new LinkedHashMap<>(TANKS, 0.75f, true) {
        private static final long serialVersionUID = 1;

        @Override
        protected boolean removeEldestEntry(Map.Entry<UUID, Kept> eldest) {
            return size() > TANKS;
        }
    });

    LogReader(JdbcClient database) {
        this.database = database;
    }

    /**
     * The log of a tank. Every change of it adds a row or raises a version, so their count and sum tell whether it is the one read
     * before.
     */
    List<LogEntry> read(UUID tankId) {
        String state = database.sql(
                        "select count(*) || ' ' || coalesce(sum(version), 0) from log_entry where tank_id = :tank")
                .param("tank", tankId)
                .query(String.class)
                .single();
        Kept before = kept.get(tankId);
        if (before != null && before.state().equals(state)) {
            return before.log();
        }
        List<LogEntry> log = List.copyOf(readAll(tankId));
        kept.put(tankId, new Kept(state, log));
        return log;
    }

    private record Kept(String state, List<LogEntry> log) {}

    private List<LogEntry> readAll(UUID tankId) {
        return database.sql("""
                        select plan_key, seen_at, kind, aggressor_key, fish_key, hardness, place, watched_minutes, note
                        from log_entry where tank_id = :tank and removed_at is null order by seen_at, plan_key
                        """)
                .param("tank", tankId)
                .query((row, number) -> entry(row))
                .list();
    }

    private static LogEntry entry(ResultSet row) throws SQLException {
        return new LogEntry(
                row.getString(1),
                row.getObject(2, LocalDateTime.class),
                LogEntry.Kind.valueOf(row.getString(3)),
                Optional.ofNullable(row.getString(4)),
                Optional.ofNullable(row.getString(5)),
                Optional.ofNullable(row.getObject(6, Integer.class)),
                Optional.ofNullable(row.getString(7)),
                Optional.ofNullable(row.getObject(8, Integer.class)),
                Optional.ofNullable(row.getString(9)));
    }
}
