package org.pelluna.app.web;

import java.util.List;
import java.util.Optional;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.plan.OwnSpecies;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.species.Species;
import org.springframework.stereotype.Component;

/** The fish that somebody means, by key or by name. */
@Component
public class SpeciesLookup {
    private static final int SUGGESTIONS = 4;

    private final TankCatalogue known;

    SpeciesLookup(TankCatalogue known) {
        this.known = known;
    }

    /** How the list of choices names a species; understood by {@link #meant}. */
    public static String words(Species one) {
        return one.commonName() + " — " + one.scientificName();
    }

    /** The species meant: by key, by the words of the list, by a full name, or as the only one the words fit. */
    public Optional<Species> meant(List<OwnSpecies> own, String speciesId, String text) {
        Catalogue catalogue = known.with(own);
        if (speciesId != null) {
            return catalogue.find(new SpeciesId(speciesId));
        }
        if (text == null) {
            return Optional.empty();
        }
        Optional<Species> exact = catalogue.all().stream()
                .filter(one -> words(one).equalsIgnoreCase(text)
                        || one.scientificName().equalsIgnoreCase(text)
                        || one.vernacularNames().stream().anyMatch(text::equalsIgnoreCase))
                .findFirst();
        if (exact.isPresent()) {
            return exact;
        }
        List<Species> found = known.search(own).find(text);
        return found.size() == 1 ? Optional.of(found.get(0)) : Optional.empty();
    }

    /** What to say when none is meant for certain. */
    public String fault(List<OwnSpecies> own, String text) {
        List<Species> found = text == null ? List.of() : known.search(own).find(text);
        if (text == null) {
            return "Please choose a fish.";
        }
        return found.isEmpty()
                ? "This fish is not in the catalogue; please choose one of the list."
                : "Did you mean "
                        + String.join(
                                ", ",
                                found.stream()
                                        .limit(SUGGESTIONS)
                                        .map(Species::commonName)
                                        .toList())
                        + (found.size() > SUGGESTIONS ? " or another of " + found.size() + "?" : "?");
    }
}
