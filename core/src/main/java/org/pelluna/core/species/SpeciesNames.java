package org.pelluna.core.species;

import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * All the names of one species, and how well what somebody asks fits them.
 *
 * @param names the words of each
 * @param kinds what its kind is called
 * @param all every word of every name
 */
record SpeciesNames(Species species, List<Name> names, Set<String> kinds, Set<String> all) {
    private static final String CLOWNS = "Amphiprion";
    private static final int FEWEST_FOR_ALL_BUT_ONE = 3;

    /** How well a name fits, the best first. */
    enum Fit {
        /** It is the name. */
        NAME,
        /** It is the name with or without what its kind is called: “coral beauty angelfish”. */
        NAME_AND_KIND,
        /** All of it stands in one name, and both end the same: “watchman goby” in “yellow watchman goby”. */
        END_OF_NAME,
        PART_OF_NAME,
        /** Its words stand in several of its names. */
        ACROSS_NAMES,
        /** Words begun, or with wrong letters. */
        NEAR,
        /** All but one word. */
        ALL_BUT_ONE
    }

    /**
     * One name.
     *
     * @param words its words
     * @param own its words without those that all of its kind bear
     * @param parts its words, and neighbours as one
     */
    record Name(NameWords words, NameWords own, Set<String> parts) {}

    /**
     * What fits.
     *
     * @param misfit how far the words are off, 0 for not at all; comparable within one fit
     */
    record Found(SpeciesNames names, Fit fit, int misfit) {}

    static SpeciesNames of(Species one) {
        Set<NameWords> names = new LinkedHashSet<>();
        one.names().stream().map(NameWords::of).forEach(names::add);
        Stream.concat(Stream.of(one.scientificName()), one.otherNames().formerBinomials().stream())
                .map(name -> name.split(" ", 2))
                .forEach(words -> names.add(NameWords.of(words[0].charAt(0) + " " + words[1])));
        names.add(NameWords.of(one.scientificName().split(" ", 2)[1]));
        Set<String> kinds = new HashSet<>(NameWords.of(Family.of(one).words()).list());
        kinds.addAll(NameWords.of(one.family()).list());
        if (one.genus().equals(CLOWNS)) {
            kinds.add("clown");
        }
        Set<String> words = new HashSet<>(kinds);
        List<Name> all = names.stream()
                .map(name -> new Name(name, name.without(kinds), name.withPairs()))
                .toList();
        all.forEach(name -> words.addAll(name.parts()));
        return new SpeciesNames(one, all, kinds, words);
    }

    /** Whether the last word asked says of which kind the fish is, and this is one. */
    boolean isOfKind(NameWords asked) {
        return kinds.contains(asked.last());
    }

    /** How well the words fit, none wrong. */
    Optional<Found> fit(NameWords asked) {
        if (!asked.within(all)) {
            return Optional.empty();
        }
        if (names.stream().anyMatch(name -> asked.isSameAs(name.words()))) {
            return Optional.of(new Found(this, Fit.NAME, 0));
        }
        NameWords own = asked.without(kinds);
        if (!own.isEmpty() && names.stream().anyMatch(name -> own.isSameAs(name.own()))) {
            return Optional.of(new Found(this, Fit.NAME_AND_KIND, 0));
        }
        return part(asked).or(() -> Optional.of(new Found(this, Fit.ACROSS_NAMES, borne(asked))));
    }

    /** How many of the words only its kind bears, none of its own names. */
    private int borne(NameWords asked) {
        return (int) asked.list().stream()
                .filter(word -> names.stream().noneMatch(name -> name.parts().contains(word)))
                .count();
    }

    /** All the words in one name: at its end, or anywhere; the shorter the rest of the name, the better. */
    private Optional<Found> part(NameWords asked) {
        return names.stream()
                .filter(name -> asked.within(name.parts()))
                .map(name -> new Found(
                        this,
                        name.words().last().equals(asked.last()) ? Fit.END_OF_NAME : Fit.PART_OF_NAME,
                        rest(asked, name)))
                .min(Comparator.comparing(Found::fit).thenComparingInt(Found::misfit));
    }

    private static int rest(NameWords asked, Name name) {
        return Math.max(0, name.words().count() - asked.count());
    }

    /** How well they fit where some are only begun, wrong or strange. */
    Optional<Found> near(NameWords asked) {
        int misfit = names.stream()
                .mapToInt(name -> misfit(asked, name) + rest(asked, name))
                .min()
                .orElse(Spelling.NO_MATCH);
        if (misfit < Spelling.NO_MATCH) {
            return Optional.of(new Found(this, Fit.NEAR, misfit));
        }
        long strange = asked.list().stream().filter(word -> !all.contains(word)).count();
        return strange == 1 && asked.count() >= FEWEST_FOR_ALL_BUT_ONE
                ? Optional.of(new Found(this, Fit.ALL_BUT_ONE, 0))
                : Optional.empty();
    }

    private int misfit(NameWords asked, Name name) {
        int written = 0;
        for (String word : asked.list()) {
            written += Math.min(Spelling.misfit(word, name.parts()), Spelling.misfit(word, kinds));
            if (written >= Spelling.NO_MATCH) {
                break;
            }
        }
        return Math.min(
                written, Spelling.misfit(asked.joined(), Set.of(name.words().joined())));
    }
}
