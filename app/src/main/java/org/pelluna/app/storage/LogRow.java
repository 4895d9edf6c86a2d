package org.pelluna.app.storage;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.pelluna.core.id.FishId;
import org.pelluna.core.watch.LogEntry;

/** One log entry. */
@Entity
@Table(name = "log_entry")
class LogRow {
    @Id
    private UUID id;

    @Version
    private int version;

    private UUID tankId;
    private String planKey;
    private LocalDateTime seenAt;

    @Enumerated(EnumType.STRING)
    private LogEntry.Kind kind;

    private @Nullable String aggressorKey;
    private @Nullable String fishKey;
    private @Nullable Integer hardness;
    private @Nullable String place;
    private @Nullable Integer watchedMinutes;
    private @Nullable String note;
    private @Nullable Instant removedAt;

    protected LogRow() {}

    LogRow(UUID tankId, LogEntry entry) {
        this.id = UUID.randomUUID();
        this.tankId = tankId;
        this.planKey = entry.id();
        change(entry);
    }

    /** Takes on another content; the key stays. */
    final void change(LogEntry entry) {
        this.seenAt = entry.at();
        this.kind = entry.kind();
        this.aggressorKey = entry.aggressorId().map(FishId::key).orElse(null);
        this.fishKey = entry.fishId().map(FishId::key).orElse(null);
        this.hardness = entry.hardness().orElse(null);
        this.place = entry.place().orElse(null);
        this.watchedMinutes = entry.watchedMinutes().orElse(null);
        this.note = entry.note().orElse(null);
    }

    LogEntry toCore() {
        return new LogEntry(
                planKey,
                seenAt,
                kind,
                Optional.ofNullable(aggressorKey).map(FishId::new),
                Optional.ofNullable(fishKey).map(FishId::new),
                Optional.ofNullable(hardness),
                Optional.ofNullable(place),
                Optional.ofNullable(watchedMinutes),
                Optional.ofNullable(note));
    }

    void removed(@Nullable Instant when) {
        this.removedAt = when;
    }
}
