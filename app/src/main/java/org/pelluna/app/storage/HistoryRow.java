package org.pelluna.app.storage;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.pelluna.core.json.Json;

/** How an entry read before it was changed. */
@Entity
@Table(name = "entry_history")
class HistoryRow {
    @Id
    private UUID id;

    private UUID tankId;
    private String planKey;

    @JdbcTypeCode(SqlTypes.JSON)
    private String content;

    private Instant changedAt;

    protected HistoryRow() {}

    HistoryRow(UUID tankId, String planKey, Object value, Instant changedAt) {
        this.id = UUID.randomUUID();
        this.tankId = tankId;
        this.planKey = planKey;
        this.content = Json.MAPPER.writeValueAsString(value);
        this.changedAt = changedAt;
    }

    <T> T as(Class<T> type) {
        return Json.MAPPER.readValue(content, type);
    }

    Instant changedAt() {
        return changedAt;
    }
}
