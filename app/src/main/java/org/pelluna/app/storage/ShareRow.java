package org.pelluna.app.storage;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A share link; only the hash of its token is kept. */
@Entity
@Table(name = "share")
class ShareRow {
    @Id
    private UUID id;

    private UUID tankId;

    @Enumerated(EnumType.STRING)
    private ShareStore.Purpose purpose;

    private String tokenHash;
    private boolean showsKeeper;
    private boolean showsLog;
    private Instant createdAt;
    private @Nullable Instant revokedAt;

    protected ShareRow() {}

    ShareRow(UUID tankId, ShareStore.Purpose purpose, String tokenHash, Instant createdAt) {
        this.purpose = purpose;
        this.id = UUID.randomUUID();
        this.tankId = tankId;
        this.tokenHash = tokenHash;
        this.createdAt = createdAt;
    }

    ShareRow showing(ShareStore.Shows shows) {
        this.showsKeeper = shows.keeper();
        this.showsLog = shows.log();
        return this;
    }

    ShareStore.Shows shows() {
        return new ShareStore.Shows(showsKeeper, showsLog);
    }

    UUID id() {
        return id;
    }

    UUID tankId() {
        return tankId;
    }

    void revoked(Instant when) {
        this.revokedAt = when;
    }
}
