package org.pelluna.app.storage;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalTime;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.annotations.DynamicUpdate;
import org.jspecify.annotations.Nullable;
import org.pelluna.core.units.LengthUnit;
import org.pelluna.core.units.TemperatureUnit;
import org.pelluna.core.units.VolumeUnit;

/** A keeper's account. Only what a change touches is written, so that two at once do not undo one another. */
@Entity
@DynamicUpdate
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
    private LocalTime quietFrom = LocalTime.of(22, 0);
    private LocalTime quietUntil = LocalTime.of(7, 0);
    private @Nullable Instant lookedAt;
    private @Nullable String email;
    private @Nullable String secondFactor;
    private @Nullable Instant lockedAt;
    private @Nullable Instant closingAt;
    private boolean noticesByMail;

    protected KeeperRow() {}

    public KeeperRow(UUID id, String username, String displayName, String passwordHash, Instant createdAt) {
        this.id = id;
        this.username = username;
        this.displayName = displayName;
        this.passwordHash = passwordHash;
        this.createdAt = createdAt;
        this.email = username.contains("@") ? username : null;
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

    public LocalTime quietFrom() {
        return quietFrom;
    }

    public LocalTime quietUntil() {
        return quietUntil;
    }

    /** Sets the time of day in which no message comes. */
    public void quiet(LocalTime from, LocalTime until) {
        this.quietFrom = from;
        this.quietUntil = until;
    }

    /** When the keeper last looked at today's page; empty if never. */
    public Optional<Instant> lookedAt() {
        return Optional.ofNullable(lookedAt);
    }

    public void looked(Instant now) {
        this.lookedAt = now;
    }

    /** Sets the units in which figures are shown and entered. */
    public void prefers(LengthUnit length, VolumeUnit volume, TemperatureUnit temperature) {
        this.lengthUnit = length;
        this.volumeUnit = volume;
        this.temperatureUnit = temperature;
    }

    /** Where links and notices are mailed to; empty if nowhere. */
    public Optional<String> email() {
        return Optional.ofNullable(email);
    }

    /** Sets where links are mailed to; notices stop until the keeper asks for them at the new address. */
    public void mailTo(String address) {
        this.email = address;
        this.noticesByMail = false;
    }

    public boolean noticesByMail() {
        return noticesByMail && email != null;
    }

    public void noticesByMail(boolean wished) {
        this.noticesByMail = wished;
    }

    public void passwordIs(String hash) {
        this.passwordHash = hash;
    }

    /** The key shared with the keeper's authenticator, Base32; empty if a password is enough. */
    public Optional<String> secondFactor() {
        return Optional.ofNullable(secondFactor);
    }

    /** Sets or, with null, gives up the second factor. */
    public void secondFactorIs(@Nullable String key) {
        this.secondFactor = key;
    }

    /** Whether the operator has locked the account. */
    public boolean isLocked() {
        return lockedAt != null;
    }

    /** Locks the account, or with null opens it again. */
    public void lockedAt(@Nullable Instant when) {
        this.lockedAt = when;
    }

    /** When everything of this keeper is deleted; empty if it stays. */
    public Optional<Instant> closingAt() {
        return Optional.ofNullable(closingAt);
    }

    /** Sets when everything is deleted, or with null keeps it. */
    public void closesAt(@Nullable Instant when) {
        this.closingAt = when;
    }

    public Instant createdAt() {
        return createdAt;
    }
}
