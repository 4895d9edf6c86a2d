package org.pelluna.app.storage;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;
import org.pelluna.core.json.Json;

/** A table that a keeper brought, until and while it is taken in. */
@Entity
@Table(name = "table_draft")
public class TableDraft {
    @Id
    private UUID id;

    @Version
    private int version;

    private UUID tankId;
    private UUID formKey;

    @Enumerated(EnumType.STRING)
    private Kind kind;

    private String content;
    private Instant createdAt;
    private @Nullable Integer total;
    private int done;
    private boolean finished;

    @JdbcTypeCode(SqlTypes.JSON)
    private @Nullable String takenKeys;

    protected TableDraft() {}

    TableDraft(UUID tankId, UUID formKey, Kind kind, String content, Instant createdAt) {
        this.id = UUID.randomUUID();
        this.tankId = tankId;
        this.formKey = formKey;
        this.kind = kind;
        this.content = content;
        this.createdAt = createdAt;
    }

    /** What a table can hold. */
    public enum Kind {
        LOG("log"),
        TESTS("water tests"),
        LOSSES("losses");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        /** The table's name. */
        public String words() {
            return words;
        }
    }

    public UUID id() {
        return id;
    }

    UUID tankId() {
        return tankId;
    }

    public Kind kind() {
        return kind;
    }

    public String content() {
        return content;
    }

    /** Whether it is being taken in, or was. */
    public boolean isBegun() {
        return total != null;
    }

    public boolean isFinished() {
        return finished;
    }

    public int total() {
        return total == null ? 0 : total;
    }

    public int done() {
        return done;
    }

    void begun(int rows) {
        this.total = rows;
    }

    void progressed(int rows) {
        this.done = rows;
    }

    void finished(List<String> keys) {
        this.finished = true;
        this.takenKeys = Json.MAPPER.writeValueAsString(keys);
    }

    List<String> takenKeys() {
        return takenKeys == null ? List.of() : List.of(Json.MAPPER.readValue(takenKeys, String[].class));
    }
}
