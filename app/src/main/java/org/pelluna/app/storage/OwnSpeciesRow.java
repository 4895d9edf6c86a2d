package org.pelluna.app.storage;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;
import org.pelluna.core.json.Json;
import org.pelluna.core.plan.OwnSpecies;

/** A species its keeper added for one tank. */
@Entity
@Table(name = "own_species")
class OwnSpeciesRow {
    @Id
    private UUID id;

    private UUID tankId;
    private String planKey;

    @JdbcTypeCode(SqlTypes.JSON)
    private String content;

    @Nullable
    private String broughtBy;

    protected OwnSpeciesRow() {}

    OwnSpeciesRow(UUID tankId, OwnSpecies own) {
        this(tankId, own, null);
    }

    /** A species that a move brought along. */
    OwnSpeciesRow(UUID tankId, OwnSpecies own, @Nullable String broughtBy) {
        this.id = UUID.randomUUID();
        this.tankId = tankId;
        this.planKey = own.id().key();
        change(own);
        this.broughtBy = broughtBy;
    }

    /** Whoever changes it has made it theirs: it stays when the move is taken back. */
    final void change(OwnSpecies own) {
        this.broughtBy = null;
        this.content = Json.MAPPER.writeValueAsString(own);
    }

    String planKey() {
        return planKey;
    }

    OwnSpecies toCore() {
        return Json.MAPPER.readValue(content, OwnSpecies.class);
    }
}
