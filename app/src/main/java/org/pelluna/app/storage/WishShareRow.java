package org.pelluna.app.storage;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** A share link; only the hash of its token is kept. */
@Entity
@Table(name = "wish_share")
class WishShareRow {
    @Id
    private UUID id;

    private UUID tankId;
    private String tokenHash;
    private Instant createdAt;
    private Instant revokedAt;

    protected WishShareRow() {}

    WishShareRow(UUID tankId, String tokenHash, Instant createdAt) {
        this.id = UUID.randomUUID();
        this.tankId = tankId;
        this.tokenHash = tokenHash;
        this.createdAt = createdAt;
    }

    UUID tankId() {
        return tankId;
    }

    void revoked(Instant when) {
        this.revokedAt = when;
    }
}
