package org.pelluna.app.storage;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.plan.Correction;
import org.pelluna.core.species.SpeciesFigure;

/** A keeper's own figure of a species. */
@Entity
@Table(name = "own_figure")
class OwnFigureRow {
    @Id
    private UUID id;

    private UUID keeperId;
    private String speciesId;

    @Enumerated(EnumType.STRING)
    private SpeciesFigure figure;

    private double amount;
    private String note;
    private LocalDate notedOn;

    private @Nullable UUID broughtBy;
    private boolean hidden;

    protected OwnFigureRow() {}

    OwnFigureRow(UUID keeperId, Correction one) {
        this.id = UUID.randomUUID();
        this.keeperId = keeperId;
        this.speciesId = one.speciesId().key();
        this.figure = one.figure();
        change(one);
    }

    /** A figure that came with an imported tank. */
    OwnFigureRow(UUID keeperId, Correction one, UUID broughtBy) {
        this(keeperId, one);
        this.broughtBy = broughtBy;
    }

    /** Another figure, by its keeper's own hand. */
    final void change(Correction one) {
        broughtBy = null;
        hidden = false;
        this.amount = one.value();
        this.note = one.note();
        this.notedOn = one.on();
    }

    /** Whether the tank that brought it is removed: it does not count then. */
    boolean isHidden() {
        return hidden;
    }

    void hide(boolean hides) {
        hidden = hides;
    }

    Correction toCore() {
        return new Correction(new SpeciesId(speciesId), figure, amount, note, notedOn);
    }
}
