package org.pelluna.app.web;

import java.util.List;
import org.pelluna.core.plan.OwnSpecies;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.species.Lookup;
import org.springframework.stereotype.Component;

/** The catalogue as one tank knows it: with the species its keeper added to it, and the keeper's own figures. */
@Component
public class TankCatalogue {
    private final Catalogue catalogue;
    private final Lookup names;

    TankCatalogue(Catalogue catalogue, Lookup names) {
        this.catalogue = catalogue;
        this.names = names;
    }

    /** Every species of this plan's tank. */
    public Catalogue in(TankPlan plan) {
        return plan.species(catalogue);
    }

    /** The catalogue with these added. */
    public Catalogue with(List<OwnSpecies> own) {
        return OwnSpecies.added(own, catalogue);
    }

    /** The names of the catalogue with these added. */
    public Lookup names(List<OwnSpecies> own) {
        return own.isEmpty()
                ? names
                : names.with(with(own).all().stream()
                        .filter(one -> catalogue.find(one.id()).isEmpty())
                        .toList());
    }
}
