package org.pelluna.core.species;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** The kinds of invertebrates that are known by name. */
public final class Invertebrates {
    /** All that are shipped, by common name. */
    public static final List<Invertebrate> ALL = CatalogueFiles.invertebrates();

    private Invertebrates() {}

    /** The one that goes by a name. */
    public static Optional<Invertebrate> called(String name) {
        return ALL.stream().filter(one -> one.isCalled(name)).findFirst();
    }

    /** Those a text may mean: every word of it begins a word of one of their names. */
    public static List<Invertebrate> find(String text) {
        List<String> asked = words(text);
        return asked.isEmpty()
                ? List.of()
                : ALL.stream()
                        .filter(one -> Stream.concat(
                                        Stream.of(one.commonName(), one.scientificName()), one.otherNames().stream())
                                .map(Invertebrates::words)
                                .anyMatch(name -> asked.stream()
                                        .allMatch(word -> name.stream().anyMatch(part -> part.startsWith(word)))))
                        .toList();
    }

    private static List<String> words(String text) {
        return Stream.of(text.toLowerCase(Locale.ROOT).split("[^\\p{L}]+"))
                .filter(word -> !word.isEmpty())
                .toList();
    }
}
