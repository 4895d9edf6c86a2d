package org.pelluna.app.storage;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** A remark on a plan that is shown by a link. */
@Entity
@Table(name = "remark")
public class RemarkRow {
    /** What the keeper made of it. */
    public enum State {
        /** Only the keeper sees it. */
        WAITS,
        /** Whoever has the link sees it. */
        STANDS,
        /** Nobody sees it. */
        REMOVED
    }

    @Id
    private UUID id;

    private UUID tankId;
    private UUID shareId;
    private UUID formKey;
    private @Nullable String about;
    private String author;
    private String words;

    @JdbcTypeCode(SqlTypes.CHAR)
    private String sender;

    private Instant saidAt;

    @Enumerated(EnumType.STRING)
    private State state;

    protected RemarkRow() {}

    RemarkRow(
            ShareRow share,
            UUID formKey,
            Optional<String> about,
            String author,
            String words,
            String sender,
            Instant saidAt) {
        this.id = UUID.randomUUID();
        this.tankId = share.tankId();
        this.shareId = share.id();
        this.formKey = formKey;
        this.about = about.orElse(null);
        this.author = author;
        this.words = words;
        this.sender = sender;
        this.saidAt = saidAt;
        this.state = State.WAITS;
    }

    public UUID id() {
        return id;
    }

    /** The key of the fish or the wish it is about; empty for the whole plan. */
    public Optional<String> about() {
        return Optional.ofNullable(about);
    }

    public String author() {
        return author;
    }

    public String words() {
        return words;
    }

    public Instant saidAt() {
        return saidAt;
    }

    public State state() {
        return state;
    }

    void becomes(State next) {
        this.state = next;
    }
}
