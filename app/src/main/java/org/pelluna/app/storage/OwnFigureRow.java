package org.pelluna.app.storage;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.UUID;
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

    protected OwnFigureRow() {}

    OwnFigureRow(UUID keeperId, Correction one) {
        this.id = UUID.randomUUID();
        this.keeperId = keeperId;
        this.speciesId = one.speciesId().key();
        this.figure = one.figure();
        change(one);
    }

    final void change(Correction one) {
        this.amount = one.value();
        this.note = one.note();
        this.notedOn = one.on();
    }

    Correction toCore() {
        return new Correction(new SpeciesId(speciesId), figure, amount, note, notedOn);
    }
}
