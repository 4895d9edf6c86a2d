package org.pelluna.app.storage;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;
import org.pelluna.core.json.Json;

/** One thing of a tank's journal. */
@Entity
@Table(name = "journal_item")
class JournalRow {
    @Id
    private UUID id;

    @Version
    private int version;

    private UUID tankId;
    private String planKey;

    @Enumerated(EnumType.STRING)
    private Kind kind;

    @JdbcTypeCode(SqlTypes.JSON)
    private String content;

    private @Nullable Instant removedAt;

    protected JournalRow() {}

    JournalRow(UUID tankId, Kind kind, String planKey, Object value) {
        this.id = UUID.randomUUID();
        this.tankId = tankId;
        this.kind = kind;
        this.planKey = planKey;
        change(value);
    }

    /** What a journal holds. */
    enum Kind {
        WATCH,
        ROLL_CALL,
        SIGN,
        REMEDY,
        CREW,
        TASK,
        /** A part of a quarantine. */
        PHASE,
        CREW_PLAN,
        CREW_ENCOUNTER,
        RESERVATION,
        FALLOW,
        /** A fish of which nothing is to be learned. */
        UNLEARNED
    }

    Kind kind() {
        return kind;
    }

    String content() {
        return content;
    }

    <T> T as(Class<T> type) {
        return Json.MAPPER.readValue(content, type);
    }

    final void change(Object value) {
        this.content = Json.MAPPER.writeValueAsString(value);
    }

    boolean isRemoved() {
        return removedAt != null;
    }

    void removed(@Nullable Instant when) {
        this.removedAt = when;
    }
}
