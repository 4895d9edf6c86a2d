package org.pelluna.app.storage;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

/** A photograph, JPEG as we made it. */
@Entity
@Table(name = "photo")
class PhotoRow {
    @Id
    private UUID id;

    private UUID tankId;
    private String planKey;
    private byte[] content;

    protected PhotoRow() {}

    PhotoRow(UUID tankId, String planKey, byte[] content) {
        this.id = UUID.randomUUID();
        this.tankId = tankId;
        this.planKey = planKey;
        this.content = content.clone();
    }

    String planKey() {
        return planKey;
    }

    byte[] content() {
        return content.clone();
    }
}
