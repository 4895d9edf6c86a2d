package org.pelluna.core.species;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.tank.AnimalGroup;

/**
 * A kind of invertebrate that keepers buy by name.
 *
 * @param key its key
 * @param commonName what keepers call it
 * @param scientificName its scientific name
 * @param otherNames other names, former scientific ones among them
 * @param group the group in which reef safety is answered for it
 * @param adultCm its length or width when grown, cm
 * @param leastGravity the least specific gravity it bears, 25 °C/25 °C
 * @param leastCelsius the coolest water it does well in, °C
 * @param mostCelsius the warmest, °C
 * @param monthsCycled months after the cycle from which a tank feeds it
 * @param partnerGenera genera of fish that live with it
 * @param partnerSpecies fish that live with it, by the keys of their species
 * @param eatsFishBelowCm fish shorter than that it may catch, cm; its partners are safe
 * @param from where the figures come from
 */
public record Invertebrate(
        String key,
        String commonName,
        String scientificName,
        List<String> otherNames,
        AnimalGroup group,
        double adultCm,
        double leastGravity,
        double leastCelsius,
        double mostCelsius,
        int monthsCycled,
        Set<String> partnerGenera,
        Set<String> partnerSpecies,
        Optional<Double> eatsFishBelowCm,
        Provenance from) {

    /** Whether a fish lives with it. */
    public boolean isPartnerOf(Species fish) {
        return partnerGenera.contains(fish.genus())
                || partnerSpecies.contains(fish.id().key());
    }

    /** Whether a text names it: one of its names, in one or many. */
    public boolean isCalled(String text) {
        String asked = singular(text);
        return Stream.concat(Stream.of(commonName, scientificName), otherNames.stream())
                .anyMatch(name -> singular(name).equals(asked));
    }

    private static String singular(String name) {
        String plain = name.strip().toLowerCase(Locale.ROOT);
        return plain.endsWith("s") ? plain.substring(0, plain.length() - 1) : plain;
    }
}
