package org.pelluna.app.storage;

import static java.util.Objects.requireNonNull;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.id.WishId;
import org.pelluna.core.json.Json;
import org.pelluna.core.plan.Individual;
import org.pelluna.core.plan.ShopSighting;
import org.pelluna.core.plan.Wish;

/** A wish; once its fish has arrived it is kept, out of the plan, so that the arrival can be undone. */
@Entity
@Table(name = "wish")
class WishRow {
    @Id
    private UUID id;

    @Version
    private int version;

    private UUID tankId;
    private String planKey;
    private int place;
    private String speciesId;
    private int fishCount;
    private @Nullable Double lengthCm;
    private @Nullable String askedBy;

    @Enumerated(EnumType.STRING)
    private Wish.@Nullable Decision decision;

    private @Nullable String decisionNote;
    private @Nullable Double price;

    @JdbcTypeCode(SqlTypes.JSON)
    private @Nullable String individual;

    @JdbcTypeCode(SqlTypes.JSON)
    private @Nullable String sight;

    private @Nullable LocalDate arrivedOn;
    private @Nullable Instant removedAt;

    protected WishRow() {}

    WishRow(UUID tankId, int place, Wish wish) {
        this.id = UUID.randomUUID();
        this.tankId = tankId;
        this.planKey = wish.id().key();
        this.place = place;
        change(wish);
    }

    Wish toCore() {
        return new Wish(
                new WishId(planKey),
                new SpeciesId(speciesId),
                fishCount,
                Optional.ofNullable(lengthCm),
                Optional.ofNullable(askedBy),
                requireNonNull(decision),
                Optional.ofNullable(decisionNote),
                Optional.ofNullable(price),
                Optional.ofNullable(individual).map(one -> Json.MAPPER.readValue(one, Individual.class)),
                Optional.ofNullable(sight).map(one -> Json.MAPPER.readValue(one, ShopSighting.class)));
    }

    UUID id() {
        return id;
    }

    /** Takes on another content and stands on the list again; the key and the place stay. */
    final void change(Wish wish) {
        this.speciesId = wish.speciesId().key();
        this.fishCount = wish.count();
        this.lengthCm = wish.lengthCm().orElse(null);
        this.askedBy = wish.askedBy().orElse(null);
        this.price = wish.price().orElse(null);
        this.individual = wish.individual().map(Json.MAPPER::writeValueAsString).orElse(null);
        this.sight = wish.sight().map(Json.MAPPER::writeValueAsString).orElse(null);
        this.arrivedOn = null;
        this.removedAt = null;
        decide(wish.decision(), wish.decisionNote());
    }

    final void decide(Wish.Decision word, Optional<String> note) {
        this.decision = word;
        this.decisionNote = note.orElse(null);
    }

    void arrived(@Nullable LocalDate on) {
        this.arrivedOn = on;
    }

    boolean isRemoved() {
        return removedAt != null;
    }

    boolean hasArrived() {
        return arrivedOn != null;
    }

    void removed(@Nullable Instant when) {
        this.removedAt = when;
    }
}
