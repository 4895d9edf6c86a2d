package org.pelluna.core.words;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.Fish;

/** How a keeper may call what lives in a tank: by its own name, the beginning of it, or the species, as long as only one is meant. */
public final class Names {
    private static final int SHORTEST = 3;

    private final Map<FishId, String> names = new LinkedHashMap<>();
    private final Map<String, Set<FishId>> fish = new LinkedHashMap<>();
    private final List<String> crew;

    /**
     * @param residents who lives in the tank
     * @param crew what its keeper calls the invertebrates on record
     */
    public Names(List<Fish> residents, List<String> crew) {
        this.crew = List.copyOf(crew);
        for (Fish one : residents) {
            names.put(one.id(), one.name());
            call(one.name(), one.id());
            String own = one.name().toLowerCase(Locale.ROOT);
            for (int length = SHORTEST; length < own.length(); length++) {
                call(own.substring(0, length), one.id());
            }
            for (String kind : one.species().names()) {
                call(kind, one.id());
                for (String word : kind.split("[ -]", -1)) {
                    if (word.length() > SHORTEST) {
                        call(word, one.id());
                    }
                }
            }
        }
    }

    private void call(String name, FishId id) {
        fish.computeIfAbsent(name.toLowerCase(Locale.ROOT), any -> new TreeSet<>())
                .add(id);
    }

    /** Whom some words mean; several if they do not tell; its own name comes before all else. */
    List<FishId> fish(String words) {
        List<FishId> exactly = new ArrayList<>();
        names.forEach((id, name) -> {
            if (name.equalsIgnoreCase(words)) {
                exactly.add(id);
            }
        });
        return exactly.isEmpty() ? List.copyOf(fish.getOrDefault(words, Set.of())) : exactly;
    }

    /** What a fish is called. */
    String of(FishId id) {
        return names.getOrDefault(id, id.key());
    }

    /** The invertebrates that some words mean, one or many of them. */
    Optional<String> crew(String words) {
        return crew.stream()
                .filter(name -> name.equalsIgnoreCase(words)
                        || (name + "s").equalsIgnoreCase(words)
                        || name.equalsIgnoreCase(words + "s"))
                .findFirst();
    }
}
