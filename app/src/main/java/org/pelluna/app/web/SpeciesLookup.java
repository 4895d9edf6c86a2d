package org.pelluna.app.web;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.plan.OwnSpecies;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.species.Species;
import org.springframework.stereotype.Component;

/** The fish that somebody means, by key or by name. */
@Component
public class SpeciesLookup {
    private static final int SUGGESTIONS = 4;

    /** As many as one looks over with their portraits. */
    private static final int CHOICES = 12;

    private final TankCatalogue known;

    SpeciesLookup(TankCatalogue known) {
        this.known = known;
    }

    /** How the list of choices names a species; understood by {@link #meant}. */
    public static String words(Species one) {
        return one.commonName() + " — " + one.scientificName();
    }

    /** The species meant, with the figures by which this plan's keeper knows it. */
    public Optional<Species> meant(TankPlan plan, @Nullable String speciesId, @Nullable String text) {
        return meant(plan.ownSpecies(), speciesId, text)
                .flatMap(one -> known.in(plan).find(one.id()));
    }

    /** The species meant: by key, by the words of the list, or by a name that it alone bears. */
    public Optional<Species> meant(List<OwnSpecies> own, @Nullable String speciesId, @Nullable String text) {
        if (speciesId != null) {
            return known.with(own).find(new SpeciesId(speciesId));
        }
        if (text == null) {
            return Optional.empty();
        }
        return known.with(own).all().stream()
                .filter(one -> words(one).equalsIgnoreCase(text))
                .findFirst()
                .or(() -> known.names(own).ask(text).meant());
    }

    /** Which species the text may mean, the likeliest first, as many as one looks over. */
    public List<Species> choices(List<OwnSpecies> own, @Nullable String text) {
        return text == null
                ? List.of()
                : known.names(own).ask(text).choices().stream().limit(CHOICES).toList();
    }

    /** What to say when none is meant for certain. */
    public String fault(List<OwnSpecies> own, @Nullable String text) {
        if (text == null) {
            return "Please choose a fish.";
        }
        List<Species> found = choices(own, text);
        return found.isEmpty()
                ? "This fish is not in the catalogue; please choose one of the list."
                : "Did you mean "
                        + String.join(
                                " or ",
                                found.stream()
                                        .limit(SUGGESTIONS)
                                        .map(Species::commonName)
                                        .toList())
                        + (found.size() > SUGGESTIONS ? ", or another?" : "?");
    }
}
