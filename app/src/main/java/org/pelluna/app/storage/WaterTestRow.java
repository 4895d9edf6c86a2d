package org.pelluna.app.storage;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.pelluna.core.plan.WaterTest;

/** A water test. */
@Entity
@Table(name = "water_test")
class WaterTestRow {
    @Id
    private UUID id;

    private UUID tankId;
    private String planKey;
    private LocalDate testedOn;

    @Enumerated(EnumType.STRING)
    private WaterTest.Kind kind;

    private double reading;
    private @Nullable Instant removedAt;

    protected WaterTestRow() {}

    WaterTestRow(UUID tankId, WaterTest test) {
        this.id = UUID.randomUUID();
        this.tankId = tankId;
        this.planKey = test.id();
        this.testedOn = test.on();
        this.kind = test.kind();
        this.reading = test.value();
    }

    WaterTest toCore() {
        return new WaterTest(planKey, testedOn, kind, reading);
    }

    void removed(@Nullable Instant when) {
        this.removedAt = when;
    }
}
