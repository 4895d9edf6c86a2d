package org.pelluna.app.portrait;

import java.util.Collection;
import java.util.List;
import org.pelluna.app.svg.Svg;
import org.pelluna.app.web.SpeciesLookup;
import org.pelluna.core.species.Species;

/**
 * A fish that a name may mean, to be pressed.
 *
 * @param words how the form names it again
 * @param name its common name
 * @param scientificName its scientific name
 * @param portrait its portrait
 */
public record FishChoice(String words, String name, String scientificName, Svg portrait) {

    /** Each of some species as a choice, in their order. */
    public static List<FishChoice> of(Collection<Species> species) {
        return species.stream()
                .map(one -> new FishChoice(
                        SpeciesLookup.words(one), one.commonName(), one.scientificName(), Portraits.alone(one)))
                .toList();
    }
}
