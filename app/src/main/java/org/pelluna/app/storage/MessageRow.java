package org.pelluna.app.storage;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A message to a keeper. */
@Entity
@Table(name = "message")
public class MessageRow {
    @Id
    private UUID id;

    private UUID keeperId;
    private UUID tankId;
    private String episode;
    private String subject;
    private String body;
    private Instant writtenAt;
    private Instant dueAt;
    private @Nullable Instant readAt;

    protected MessageRow() {}

    MessageRow(
            UUID keeperId, UUID tankId, String episode, String subject, String body, Instant writtenAt, Instant dueAt) {
        this.id = UUID.randomUUID();
        this.keeperId = keeperId;
        this.tankId = tankId;
        this.episode = episode;
        this.subject = subject;
        this.body = body;
        this.writtenAt = writtenAt;
        this.dueAt = dueAt;
    }

    public UUID id() {
        return id;
    }

    public UUID tankId() {
        return tankId;
    }

    public String subject() {
        return subject;
    }

    public String body() {
        return body;
    }

    public Instant dueAt() {
        return dueAt;
    }

    public boolean isRead() {
        return readAt != null;
    }

    void read(Instant when) {
        this.readAt = when;
    }
}
