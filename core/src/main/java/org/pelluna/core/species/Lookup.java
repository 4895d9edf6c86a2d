package org.pelluna.core.species;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.stream.Stream;
import org.pelluna.core.species.SpeciesNames.Fit;
import org.pelluna.core.species.SpeciesNames.Found;

/**
 * Finds the species that somebody means by a name: a shop's, a book's, a former one, a German, French or Spanish one. A name in
 * full that only one species bears is an answer; whatever else fits is a question, never taken silently.
 */
public final class Lookup {
    private final List<SpeciesNames> entries;

    /**
     * What a text may mean.
     *
     * @param isCertain whether it is the full name of one species only
     * @param choices whom to ask about: those that bear the name, or else all that it fits
     * @param species the species it fits, the likeliest first; empty for none
     */
    public record Answer(boolean isCertain, List<Species> choices, List<Species> species) {
        /** The species, if it is certain. */
        public Optional<Species> meant() {
            return isCertain ? Optional.of(species.get(0)) : Optional.empty();
        }
    }

    public Lookup(Collection<Species> species) {
        this(species.stream().map(SpeciesNames::of).toList());
    }

    private Lookup(List<SpeciesNames> entries) {
        this.entries = entries;
    }

    /** This look-up with more species; the names of those it has are not read again. */
    public Lookup with(Collection<Species> more) {
        return new Lookup(Stream.concat(entries.stream(), more.stream().map(SpeciesNames::of))
                .toList());
    }

    /** Every species that the text may mean, the likeliest first; every species for a blank text. */
    public List<Species> find(String text) {
        return NameWords.of(text).isEmpty()
                ? entries.stream().map(SpeciesNames::species).toList()
                : ask(text).species();
    }

    /** Whether the text names one species, and which it may mean. */
    public Answer ask(String text) {
        NameWords asked = NameWords.of(text);
        if (asked.isEmpty()) {
            return new Answer(false, List.of(), List.of());
        }
        List<Found> found = found(asked, SpeciesNames::fit);
        if (found.isEmpty()) {
            List<Found> near = found(asked, SpeciesNames::near);
            List<Species> nearest = species(
                    near.stream().filter(one -> one.fit() == near.get(0).fit()).toList());
            return new Answer(false, nearest, nearest);
        }
        Fit best = found.get(0).fit();
        List<Found> named = found.stream().filter(one -> one.fit() == best).toList();
        boolean isName = best.compareTo(Fit.NAME_AND_KIND) <= 0;
        // A single word is asked about widely: “clownfish” is the name of two, and all of them are meant by it.
        return new Answer(
                isName && named.size() == 1, species(isName && asked.count() > 1 ? named : found), species(found));
    }

    private static List<Species> species(List<Found> found) {
        return found.stream().map(one -> one.names().species()).toList();
    }

    private List<Found> found(NameWords asked, BiFunction<SpeciesNames, NameWords, Optional<Found>> fit) {
        return entries.stream()
                .flatMap(entry -> fit.apply(entry, asked).stream())
                .sorted(Comparator.comparing((Found one) ->
                                asked.count() == 1 && !one.names().isOfKind(asked))
                        .thenComparing(Found::fit)
                        .thenComparing(one -> !one.names().isOfKind(asked))
                        .thenComparingInt(Found::misfit)
                        .thenComparing(one -> one.names().species().trade().availability()))
                .toList();
    }
}
