package org.pelluna.core.table;

import java.util.Collection;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.Resident;

/** The fish of a tank by name or key, whatever the case. */
final class FishNames {
    private final Map<String, FishId> keys = new HashMap<>();
    private final Map<FishId, String> names = new HashMap<>();

    FishNames(Collection<Resident> residents) {
        residents.forEach(one -> keys.putIfAbsent(one.name().toLowerCase(Locale.ROOT), one.id()));
        residents.forEach(one -> keys.put(one.id().key().toLowerCase(Locale.ROOT), one.id()));
        residents.forEach(one -> names.put(one.id(), one.name()));
    }

    /** @throws IllegalArgumentException if no fish is called so */
    FishId key(String name) {
        FishId key = keys.get(name.toLowerCase(Locale.ROOT));
        if (key == null) {
            throw new IllegalArgumentException("no fish of this tank is called '" + name + "'");
        }
        return key;
    }

    /** The name of a fish, or its key where two share a name. */
    String name(FishId key) {
        String name = names.getOrDefault(key, key.key());
        return Objects.equals(keys.get(name.toLowerCase(Locale.ROOT)), key) ? name : key.key();
    }
}
