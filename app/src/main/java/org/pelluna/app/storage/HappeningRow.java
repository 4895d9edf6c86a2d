package org.pelluna.app.storage;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;
import org.pelluna.core.plan.Happening;
import org.pelluna.core.plan.HappeningFile;
import org.pelluna.core.plan.HappeningInverse;

/** Something that happened, with what takes it back. */
@Entity
@Table(name = "happening")
class HappeningRow {
    @Id
    private UUID id;

    private UUID tankId;
    private String formKey;
    private String subject;

    @JdbcTypeCode(SqlTypes.JSON)
    private String inverse;

    private Instant happenedAt;
    private @Nullable Instant undoneAt;

    protected HappeningRow() {}

    HappeningRow(UUID tankId, String formKey, Happening inverse, Instant happenedAt) {
        this.id = UUID.randomUUID();
        this.tankId = tankId;
        this.formKey = formKey;
        this.subject = inverse.subject();
        this.inverse = HappeningFile.write(inverse);
        this.happenedAt = happenedAt;
    }

    HappeningInverse inverse() {
        return (HappeningInverse) HappeningFile.read(inverse);
    }

    UUID tankId() {
        return tankId;
    }

    /** The key of a part of a move; no form's key is of this kind. */
    static String keyOfPart(String move, String part) {
        return move + "." + part;
    }

    /** The key of the move that it is a part of, if it is of one. */
    Optional<String> move() {
        int dot = formKey.indexOf('.');
        return dot < 0 ? Optional.empty() : Optional.of(formKey.substring(0, dot));
    }

    boolean isUndone() {
        return undoneAt != null;
    }

    void undone(@Nullable Instant when) {
        this.undoneAt = when;
    }
}
