package org.pelluna.core.species;

import java.util.List;
import java.util.stream.Stream;

/**
 * What a species is called beside its English names.
 *
 * @param former scientific names it had, with authority and year, for example {@code Premnas biaculeatus (Bloch, 1790)}
 * @param german German names
 * @param french French names
 * @param spanish Spanish names
 */
public record OtherNames(List<String> former, List<String> german, List<String> french, List<String> spanish) {
    /** No other name known. */
    public static final OtherNames NONE = new OtherNames(List.of(), List.of(), List.of(), List.of());

    public OtherNames {
        former = List.copyOf(former);
        german = List.copyOf(german);
        french = List.copyOf(french);
        spanish = List.copyOf(spanish);
    }

    /** The former scientific names without authority and year: genus and epithet. */
    public List<String> formerBinomials() {
        return former.stream()
                .map(name -> name.split(" ", 3))
                .filter(words -> words.length >= 2)
                .map(words -> words[0] + " " + words[1])
                .toList();
    }

    /** Every name of other languages. */
    public Stream<String> foreign() {
        return Stream.of(german, french, spanish).flatMap(List::stream);
    }
}
