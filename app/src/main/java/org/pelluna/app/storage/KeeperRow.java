package org.pelluna.app.storage;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.pelluna.core.units.LengthUnit;
import org.pelluna.core.units.TemperatureUnit;
import org.pelluna.core.units.VolumeUnit;

/** A keeper's account. */
@Entity
@Table(name = "keeper")
public class KeeperRow {
    @Id
    private UUID id;

    private String username;
    private String displayName;
    private String passwordHash;

    @Enumerated(EnumType.STRING)
    private LengthUnit lengthUnit = LengthUnit.CENTIMETRE;

    @Enumerated(EnumType.STRING)
    private VolumeUnit volumeUnit = VolumeUnit.LITRE;

    @Enumerated(EnumType.STRING)
    private TemperatureUnit temperatureUnit = TemperatureUnit.CELSIUS;

    private Instant createdAt;

    protected KeeperRow() {}

    public KeeperRow(UUID id, String username, String displayName, String passwordHash, Instant createdAt) {
        this.id = id;
        this.username = username;
        this.displayName = displayName;
        this.passwordHash = passwordHash;
        this.createdAt = createdAt;
    }

    public UUID id() {
        return id;
    }

    public String username() {
        return username;
    }

    public String displayName() {
        return displayName;
    }

    public String passwordHash() {
        return passwordHash;
    }

    public LengthUnit lengthUnit() {
        return lengthUnit;
    }

    public VolumeUnit volumeUnit() {
        return volumeUnit;
    }

    public TemperatureUnit temperatureUnit() {
        return temperatureUnit;
    }

    /** Sets the units in which figures are shown and entered. */
    public void prefers(LengthUnit length, VolumeUnit volume, TemperatureUnit temperature) {
        this.lengthUnit = length;
        this.volumeUnit = volume;
        this.temperatureUnit = temperature;
    }
}
