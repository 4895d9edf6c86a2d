package org.pelluna.core.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.species.Sourced;
import org.pelluna.core.species.Species;
import org.pelluna.core.species.SpeciesCheck;
import org.pelluna.core.species.SpeciesFigure;
import org.pelluna.core.stored.IfAbsent;

/**
 * A keeper's own figure of a species, used for that keeper instead of the catalogue's, which stays beside it.
 *
 * @param speciesId the species, of the catalogue
 * @param figure which figure
 * @param value the keeper's, in the unit of the figure's field
 * @param note where it is known from
 * @param on the day it was entered
 */
public record Correction(
        SpeciesId speciesId,
        SpeciesFigure figure,
        double value,
        @IfAbsent("\"not noted\"") String note,
        LocalDate on) {
    private static final int LONGEST_NOTE = 200;

    public Correction {
        if (!(value >= 0 && value < 100_000)) {
            throw new IllegalArgumentException("a figure is from 0 to below 100,000, but was " + value);
        }
        if (note.isBlank() || note.length() > LONGEST_NOTE) {
            throw new IllegalArgumentException(
                    "say where the figure is known from, in " + LONGEST_NOTE + " characters");
        }
    }

    /** The species as this keeper knows it. */
    public Species in(Species one) {
        return figure.in(one, new Sourced(value, Provenance.KEEPER));
    }

    /** The catalogue with the corrections in it; one of a species that it lacks is left out. */
    public static Catalogue applied(List<Correction> corrections, Catalogue catalogue) {
        Map<SpeciesId, Species> changed = new HashMap<>();
        for (Correction one : corrections) {
            catalogue
                    .find(one.speciesId())
                    .ifPresent(species -> changed.merge(species.id(), one.in(species), (had, first) -> one.in(had)));
        }
        return catalogue.replacing(changed);
    }

    /** Every fault as a sentence: a species the catalogue lacks, or figures that then contradict one another. */
    public static List<String> faults(List<Correction> corrections, Catalogue catalogue) {
        List<String> faults = new ArrayList<>();
        corrections.stream()
                .map(Correction::speciesId)
                .filter(id -> catalogue.find(id).isEmpty())
                .distinct()
                .forEach(id -> faults.add("no species '" + id + "' in the catalogue"));
        Catalogue corrected = applied(corrections, catalogue);
        corrections.stream()
                .flatMap(one -> corrected.find(one.speciesId()).stream())
                .distinct()
                .forEach(one -> SpeciesCheck.figureFaults(one)
                        .forEach(fault -> faults.add(one.scientificName() + ": " + fault)));
        return faults;
    }
}
