package org.pelluna.app.storage;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;
import org.pelluna.core.id.FishId;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.json.Json;
import org.pelluna.core.plan.Individual;
import org.pelluna.core.plan.Life;
import org.pelluna.core.plan.Resident;

/** A fish that lives or lived in a tank, and the wish it came from. */
@Entity
@Table(name = "resident")
class ResidentRow {
    @Id
    private UUID id;

    @Version
    private int version;

    private UUID tankId;
    private String planKey;
    private int place;
    private String speciesId;
    private String name;
    private LocalDate arrivedOn;
    private double lengthCm;
    private @Nullable LocalDate leftOn;
    private @Nullable UUID wishId;

    @JdbcTypeCode(SqlTypes.JSON)
    private @Nullable String individual;

    @JdbcTypeCode(SqlTypes.JSON)
    private @Nullable String coming;

    @JdbcTypeCode(SqlTypes.JSON)
    private @Nullable String life;

    protected ResidentRow() {}

    ResidentRow(UUID tankId, int place, Resident resident, @Nullable UUID wishId) {
        this.id = UUID.randomUUID();
        this.tankId = tankId;
        this.planKey = resident.id().key();
        this.place = place;
        this.speciesId = resident.speciesId().key();
        this.name = resident.name();
        this.arrivedOn = resident.arrivedOn();
        this.lengthCm = resident.lengthCm();
        this.leftOn = resident.leftOn().orElse(null);
        this.wishId = wishId;
        differs(resident.individual());
        came(resident.coming());
        lives(resident.life());
    }

    Resident toCore() {
        return new Resident(
                new FishId(planKey),
                new SpeciesId(speciesId),
                name,
                arrivedOn,
                lengthCm,
                Optional.ofNullable(leftOn),
                Optional.ofNullable(individual).map(one -> Json.MAPPER.readValue(one, Individual.class)),
                Optional.ofNullable(coming).map(one -> Json.MAPPER.readValue(one, Resident.Acquisition.class)),
                Optional.ofNullable(life).map(noted -> Json.MAPPER.readValue(noted, Life.class)));
    }

    String planKey() {
        return planKey;
    }

    final void differs(Optional<Individual> one) {
        this.individual = one.map(Json.MAPPER::writeValueAsString).orElse(null);
    }

    final void came(Optional<Resident.Acquisition> how) {
        this.coming = how.map(Json.MAPPER::writeValueAsString).orElse(null);
    }

    final void lives(Optional<Life> noted) {
        this.life = noted.map(Json.MAPPER::writeValueAsString).orElse(null);
    }

    void left(@Nullable LocalDate on) {
        this.leftOn = on;
    }
}
