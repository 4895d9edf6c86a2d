package org.pelluna.app.storage;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;
import org.pelluna.core.id.FishId;
import org.pelluna.core.json.Json;
import org.pelluna.core.losses.Loss;

/** One loss. */
@Entity
@Table(name = "loss")
class LossRow {
    @Id
    private UUID id;

    @Version
    private int version;

    private UUID tankId;
    private String planKey;
    private String fishKey;
    private LocalDate lostOn;

    @Enumerated(EnumType.STRING)
    private Loss.Cause cause;

    @Enumerated(EnumType.STRING)
    private Loss.Certainty certainty;

    private @Nullable Double price;
    private @Nullable String note;
    private @Nullable Instant removedAt;

    @JdbcTypeCode(SqlTypes.JSON)
    private String more;

    protected LossRow() {}

    /** What is known beside the cause. */
    private record More(Optional<String> evidence, Optional<LocalDate> lastSeen, Optional<FishId> linkedTo) {}

    LossRow(UUID tankId, Loss loss) {
        this.id = UUID.randomUUID();
        this.tankId = tankId;
        this.planKey = loss.id();
        this.fishKey = loss.fishId().key();
        this.lostOn = loss.on();
        this.cause = loss.cause();
        this.certainty = loss.certainty();
        this.price = loss.price().orElse(null);
        this.note = loss.note().orElse(null);
        this.more = Json.MAPPER.writeValueAsString(new More(loss.evidence(), loss.lastSeen(), loss.linkedTo()));
    }

    Loss toCore() {
        More known = more == null
                ? new More(Optional.empty(), Optional.empty(), Optional.empty())
                : Json.MAPPER.readValue(more, More.class);
        return new Loss(
                planKey,
                new FishId(fishKey),
                lostOn,
                cause,
                certainty,
                Optional.ofNullable(price),
                Optional.ofNullable(note),
                known.evidence(),
                known.lastSeen(),
                known.linkedTo());
    }

    String fishKey() {
        return fishKey;
    }

    LocalDate lostOn() {
        return lostOn;
    }

    void removed(@Nullable Instant when) {
        this.removedAt = when;
    }

    boolean isRemoved() {
        return removedAt != null;
    }
}
