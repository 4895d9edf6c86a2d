package org.pelluna.app.fish;

import java.util.Optional;
import org.pelluna.app.portrait.FishChoice;
import org.pelluna.app.web.Measures;
import org.pelluna.app.web.SpeciesLookup;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.species.Species;
import org.springframework.stereotype.Component;
import org.springframework.validation.BindingResult;

/** Looks over a line of fish that live here already: what is wrong stands beside its field. */
@Component
class EnterCheck {
    private static final int MOST_OF_A_KIND = 50;
    private static final int LONGEST_NAME = 55;
    private static final double LONGEST_CM = 300;

    private final SpeciesLookup lookup;

    EnterCheck(SpeciesLookup lookup) {
        this.lookup = lookup;
    }

    /** The species of a line, if nothing is wrong. */
    Optional<Species> species(TankPlan plan, EnterForm.Row row, String field, Measures measures, BindingResult faults) {
        row.fish = row.chosen == null ? row.fish : row.chosen;
        Optional<Species> species = lookup.meant(plan.ownSpecies(), null, row.fish);
        if (species.isEmpty()) {
            faults.rejectValue(field + "fish", "unknown", lookup.fault(plan.ownSpecies(), row.fish));
            row.ask(FishChoice.of(lookup.choices(plan.ownSpecies(), row.fish)));
        }
        if (row.count != null && (row.count < 1 || row.count > MOST_OF_A_KIND)) {
            faults.rejectValue(field + "count", "range", "1 to " + MOST_OF_A_KIND + ".");
        }
        if (row.length != null && !(row.length > 0 && measures.length().toCentimetres(row.length) <= LONGEST_CM)) {
            faults.rejectValue(
                    field + "length", "range", "A length above 0 and at most " + measures.lengthOf(LONGEST_CM) + ".");
        }
        if (row.since != null && row.since.isAfter(plan.asOf())) {
            faults.rejectValue(field + "since", "future", "This day lies in the future.");
        }
        if (row.name != null && row.name.length() > LONGEST_NAME) {
            faults.rejectValue(field + "name", "long", "At most " + LONGEST_NAME + " characters.");
        }
        return faults.hasErrors() ? Optional.empty() : species;
    }
}
