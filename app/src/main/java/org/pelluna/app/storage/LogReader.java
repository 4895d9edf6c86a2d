package org.pelluna.app.storage;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.pelluna.core.id.FishId;
import org.pelluna.core.watch.LogEntry;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Reads a whole log. Some hold tens of thousands of entries: they are read by plain SQL, untracked. */
@Component
class LogReader {
    private final JdbcClient database;

    LogReader(JdbcClient database) {
        this.database = database;
    }

    /** The log of a tank, the oldest entry first. */
    List<LogEntry> read(UUID tankId) {
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
                Optional.ofNullable(row.getString(4)).map(FishId::new),
                Optional.ofNullable(row.getString(5)).map(FishId::new),
                Optional.ofNullable(row.getObject(6, Integer.class)),
                Optional.ofNullable(row.getString(7)),
                Optional.ofNullable(row.getObject(8, Integer.class)),
                Optional.ofNullable(row.getString(9)));
    }
}
