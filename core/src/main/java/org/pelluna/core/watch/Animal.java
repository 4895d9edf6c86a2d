package org.pelluna.core.watch;

import java.util.Map;
import java.util.Optional;
import org.pelluna.core.id.FishId;

/**
 * A fish, or invertebrates by what the keeper calls them.
 *
 * @param fish the fish, if it is one
 * @param crew the name of the invertebrates, if it is one of them
 */
public record Animal(Optional<FishId> fish, Optional<String> crew) {
    public Animal {
        if (fish.isPresent() == crew.isPresent()) {
            throw new IllegalArgumentException("it is either a fish or an invertebrate");
        }
        if (crew.filter(name -> name.isBlank() || name.length() > 60).isPresent()) {
            throw new IllegalArgumentException("a name has 1 to 60 characters");
        }
    }

    /** One of the invertebrates. */
    public static Animal crew(String name) {
        return new Animal(Optional.empty(), Optional.of(name));
    }

    /** A fish. */
    public static Animal fish(FishId id) {
        return new Animal(Optional.of(id), Optional.empty());
    }

    String words(Map<FishId, String> names) {
        return crew.or(() -> fish.map(id -> names.getOrDefault(id, "a fish"))).orElseThrow();
    }
}
