package org.pelluna.app.storage;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;
import org.pelluna.core.json.Json;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.tank.Purpose;
import org.pelluna.core.tank.Tank;

/** A tank: whose it is, its profile and its house rules. */
@Entity
@Table(name = "tank")
public class TankRow {
    @Id
    private UUID id;

    @Version
    private int version;

    private UUID keeperId;
    private UUID formKey;
    private String name;

    @Enumerated(EnumType.STRING)
    private Purpose.Kind kind;

    @JdbcTypeCode(SqlTypes.JSON)
    private String profile;

    @JdbcTypeCode(SqlTypes.JSON)
    private String houseRules;

    private Instant createdAt;
    private @Nullable Instant removedAt;

    /** Raised by the database with every change of the tank's rows. */
    @Column(insertable = false, updatable = false)
    private long revision;

    @Column(insertable = false, updatable = false)
    private long logRevision;

    protected TankRow() {}

    TankRow(UUID keeperId, UUID formKey, Tank tank, HouseRules rules, Instant createdAt) {
        this.id = UUID.randomUUID();
        this.keeperId = keeperId;
        this.formKey = formKey;
        this.createdAt = createdAt;
        change(tank, rules);
    }

    final void change(Tank tank, HouseRules rules) {
        this.name = tank.name();
        this.kind = tank.kind();
        this.profile = Json.MAPPER.writeValueAsString(tank);
        this.houseRules = Json.MAPPER.writeValueAsString(rules);
    }

    public UUID id() {
        return id;
    }

    UUID keeperId() {
        return keeperId;
    }

    public int version() {
        return version;
    }

    public String name() {
        return name;
    }

    public Purpose.Kind kind() {
        return kind;
    }

    public Tank tank() {
        return Json.MAPPER.readValue(profile, Tank.class);
    }

    public HouseRules houseRules() {
        return Json.MAPPER.readValue(houseRules, HouseRules.class);
    }

    boolean isRemoved() {
        return removedAt != null;
    }

    void removed(@Nullable Instant when) {
        this.removedAt = when;
    }
}
