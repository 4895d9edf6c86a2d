package org.pelluna.core.species;

import java.util.Map;
import java.util.stream.Collectors;

/**
 * A family of fish.
 *
 * @param name its scientific name
 * @param called what keepers call its fish, in the plural
 * @param words single words by which its fish are called, parted by spaces; none where the scientific name must do
 */
public record Family(String name, String called, String words) {
    private static final Map<String, Family> ALL =
            CatalogueFiles.familyNames().stream().collect(Collectors.toMap(Family::name, one -> one));

    /** The family of a species; one that no file names is called by its scientific name. */
    public static Family of(Species one) {
        return ALL.getOrDefault(one.family(), new Family(one.family(), one.family(), ""));
    }
}
