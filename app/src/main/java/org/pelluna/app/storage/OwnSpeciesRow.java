package org.pelluna.app.storage;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
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

    protected OwnSpeciesRow() {}

    OwnSpeciesRow(UUID tankId, OwnSpecies own) {
        this.id = UUID.randomUUID();
        this.tankId = tankId;
        this.planKey = own.id().key();
        change(own);
    }

    final void change(OwnSpecies own) {
        this.content = Json.MAPPER.writeValueAsString(own);
    }

    OwnSpecies toCore() {
        return Json.MAPPER.readValue(content, OwnSpecies.class);
    }
}
