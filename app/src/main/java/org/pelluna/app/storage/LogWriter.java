package org.pelluna.app.storage;

import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.sql.Types;
import java.util.List;
import java.util.UUID;
import org.pelluna.core.id.FishId;
import org.pelluna.core.watch.LogEntry;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** Writes many entries of a log at once, past Hibernate; those whose key is known are left as they are. */
@Component
class LogWriter {
    private static final int BATCH = 500;

    private final JdbcTemplate database;

    LogWriter(JdbcTemplate database) {
        this.database = database;
    }

    void write(UUID tankId, List<LogEntry> entries) {
        database.batchUpdate("""
                insert into log_entry (id, version, tank_id, plan_key, seen_at, kind, aggressor_key, fish_key, hardness, place,
                    watched_minutes, note)
                values (?, 0, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?) on conflict (tank_id, plan_key) do nothing
                """, entries, BATCH, (statement, entry) -> fill(statement, tankId, entry));
    }

    private static void fill(PreparedStatement statement, UUID tankId, LogEntry entry) throws SQLException {
        statement.setObject(1, UUID.randomUUID());
        statement.setObject(2, tankId);
        statement.setString(3, entry.id());
        statement.setObject(4, entry.at());
        statement.setString(5, entry.kind().name());
        statement.setString(6, entry.aggressorId().map(FishId::key).orElse(null));
        statement.setString(7, entry.fishId().map(FishId::key).orElse(null));
        statement.setObject(8, entry.hardness().orElse(null), Types.INTEGER);
        statement.setString(9, entry.place().orElse(null));
        statement.setObject(10, entry.watchedMinutes().orElse(null), Types.INTEGER);
        statement.setString(11, entry.note().orElse(null));
    }
}
