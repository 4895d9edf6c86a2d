package org.pelluna.core.species;

import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.pelluna.core.id.SpeciesId;

/** All known species, found by their key. */
public final class Catalogue {
    private final Map<SpeciesId, Species> byId;

    private Catalogue(Map<SpeciesId, Species> byId) {
        this.byId = Collections.unmodifiableMap(byId);
    }

    /**
     * A catalogue of the given species, ordered by family and scientific name.
     *
     * @throws IllegalArgumentException if two species share a key
     */
    public static Catalogue of(Collection<Species> species) {
        Map<SpeciesId, Species> byId = new LinkedHashMap<>();
        species.stream()
                .sorted(Comparator.comparing(Species::family).thenComparing(Species::scientificName))
                .forEach(one -> {
                    if (byId.put(one.id(), one) != null) {
                        throw new IllegalArgumentException("the species '" + one.id() + "' stands twice");
                    }
                });
        return new Catalogue(byId);
    }

    /** This catalogue with more species; itself when there are none. */
    public Catalogue with(Collection<Species> more) {
        return more.isEmpty()
                ? this
                : of(Stream.concat(byId.values().stream(), more.stream()).toList());
    }

    /** This catalogue with other species in place of those with their keys; itself when there are none. */
    public Catalogue replacing(Map<SpeciesId, Species> others) {
        if (others.isEmpty()) {
            return this;
        }
        Map<SpeciesId, Species> replaced = new LinkedHashMap<>(byId);
        others.forEach((id, one) -> replaced.replace(id, one));
        return new Catalogue(replaced);
    }

    /** The species with this key, if there is one. */
    public Optional<Species> find(SpeciesId id) {
        return Optional.ofNullable(byId.get(id));
    }

    /**
     * The species with this key.
     *
     * @throws IllegalArgumentException if there is none
     */
    public Species get(SpeciesId id) {
        return find(id).orElseThrow(() -> new IllegalArgumentException("no species '" + id + "' in the catalogue"));
    }

    /** Every species, by family and scientific name. */
    public Collection<Species> all() {
        return byId.values();
    }
}
