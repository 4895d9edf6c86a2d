package org.pelluna.core.table;

import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.species.Catalogue;

/** The fish of a tank by name, key, or any name of its species that only one of them bears, whatever the case. */
final class FishNames {
    private final Map<String, FishId> keys = new HashMap<>();
    private final Map<FishId, String> names = new HashMap<>();

    /** Who may be called by a name of a species. */
    private final Map<String, Set<FishId>> kinds = new HashMap<>();

    FishNames(Collection<Resident> residents, Catalogue catalogue) {
        for (Resident one : residents) {
            catalogue.find(one.speciesId()).stream()
                    .flatMap(species -> species.names().stream())
                    .forEach(name -> kinds.computeIfAbsent(name.toLowerCase(Locale.ROOT), any -> new HashSet<>())
                            .add(one.id()));
        }
        residents.forEach(one -> keys.putIfAbsent(one.name().toLowerCase(Locale.ROOT), one.id()));
        residents.forEach(one -> keys.put(one.id().key().toLowerCase(Locale.ROOT), one.id()));
        residents.forEach(one -> names.put(one.id(), one.name()));
    }

    /** @throws IllegalArgumentException if no fish is called so, or several are */
    FishId key(String name) {
        String asked = name.toLowerCase(Locale.ROOT);
        FishId key = keys.get(asked);
        if (key != null) {
            return key;
        }
        Set<FishId> meant = kinds.getOrDefault(asked, Set.of());
        if (meant.size() > 1) {
            throw new IllegalArgumentException("'" + name + "' may be "
                    + meant.stream().map(this::name).sorted().collect(Collectors.joining(" or ")));
        }
        return meant.stream()
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no fish of this tank is called '" + name + "'"));
    }

    /** The name of a fish, or its key where two share a name. */
    String name(FishId key) {
        String name = names.getOrDefault(key, key.key());
        return Objects.equals(keys.get(name.toLowerCase(Locale.ROOT)), key) ? name : key.key();
    }
}
