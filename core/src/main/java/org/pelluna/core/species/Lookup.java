package org.pelluna.core.species;

import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.stream.Stream;

/**
 * Finds the species that somebody means by a name: a shop's, a book's, a former one, a German, French or Spanish one. A name in
 * full that only one species bears is an answer; whatever else fits is a question, never taken silently.
 */
public final class Lookup {
    /** How well a name fits, the best first. */
    private enum Fit {
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

    /** What fish of a family are called, beside the family's own name. */
    private static final Map<String, String> KINDS = Map.ofEntries(
            Map.entry("Acanthuridae", "tang bristletooth"),
            Map.entry("Pomacanthidae", "angel dwarf pygmy"),
            Map.entry("Chaetodontidae", "butterfly coral"),
            Map.entry("Pomacentridae", "damsel"),
            Map.entry("Labridae", "wrasse"),
            Map.entry("Gobiidae", "goby"),
            Map.entry("Blenniidae", "blenny"),
            Map.entry("Chaenopsidae", "blenny"),
            Map.entry("Callionymidae", "dragonet"),
            Map.entry("Serranidae", "basslet bass grouper anthia"),
            Map.entry("Apogonidae", "cardinal"),
            Map.entry("Balistidae", "trigger"),
            Map.entry("Monacanthidae", "file"),
            Map.entry("Tetraodontidae", "puffer"),
            Map.entry("Diodontidae", "puffer"),
            Map.entry("Cirrhitidae", "hawk"),
            Map.entry("Muraenidae", "eel"),
            Map.entry("Siganidae", "rabbit"),
            Map.entry("Pseudochromidae", "dottyback basslet"),
            Map.entry("Grammatidae", "basslet"),
            Map.entry("Scorpaenidae", "lion scorpion"),
            Map.entry("Opistognathidae", "jaw"),
            Map.entry("Microdesmidae", "goby dart"),
            Map.entry("Malacanthidae", "tile"),
            Map.entry("Holocentridae", "squirrel soldier"),
            Map.entry("Syngnathidae", "pipe seahorse"));

    private static final String CLOWNS = "Amphiprion";
    private static final int FEWEST_FOR_ALL_BUT_ONE = 3;

    private final List<Entry> entries;

    /**
     * One name.
     *
     * @param words its words
     * @param own its words without those that all of its kind bear
     * @param parts its words, and neighbours as one
     */
    private record Name(NameWords words, NameWords own, Set<String> parts) {}

    /**
     * The names of one species.
     *
     * @param kinds what its kind is called
     * @param all every word of every name
     */
    private record Entry(Species species, List<Name> names, Set<String> kinds, Set<String> all) {
        /** Whether the last word asked says of which kind the fish is, and this is one. */
        private boolean isOfKind(NameWords asked) {
            return kinds.contains(asked.last());
        }
    }

    private record Found(Entry entry, Fit fit, int misfit) {}

    /**
     * What a text may mean.
     *
     * @param isCertain whether it is the full name of one species only
     * @param species the species it fits, the likeliest first; empty for none
     */
    public record Answer(boolean isCertain, List<Species> species) {
        /** The species, if it is certain. */
        public Optional<Species> meant() {
            return isCertain ? Optional.of(species.get(0)) : Optional.empty();
        }
    }

    public Lookup(Collection<Species> species) {
        this.entries = species.stream().map(Lookup::entry).toList();
    }

    private static Entry entry(Species one) {
        Set<NameWords> names = new LinkedHashSet<>();
        OtherNames other = one.otherNames();
        Stream.of(Stream.of(one.scientificName()), one.vernacularNames().stream(), other.foreign())
                .flatMap(all -> all)
                .map(NameWords::of)
                .forEach(names::add);
        Stream.concat(Stream.of(one.scientificName()), other.formerBinomials().stream())
                .forEach(name -> {
                    String[] words = name.split(" ", 2);
                    names.add(NameWords.of(name));
                    names.add(NameWords.of(words[0].charAt(0) + " " + words[1]));
                });
        names.add(NameWords.of(one.scientificName().split(" ", 2)[1]));
        Set<String> kinds =
                new HashSet<>(NameWords.of(KINDS.getOrDefault(one.family(), "")).list());
        kinds.addAll(NameWords.of(one.family()).list());
        if (one.genus().equals(CLOWNS)) {
            kinds.add("clown");
        }
        Set<String> words = new HashSet<>(kinds);
        List<Name> all = names.stream()
                .map(name -> new Name(name, name.without(kinds), name.withPairs()))
                .toList();
        all.forEach(name -> words.addAll(name.parts()));
        return new Entry(one, all, kinds, words);
    }

    /** Every species that the text may mean, the likeliest first; every species for a blank text. */
    public List<Species> find(String text) {
        return NameWords.of(text).isEmpty()
                ? entries.stream().map(Entry::species).toList()
                : ask(text).species();
    }

    /** Whether the text names one species, and which it may mean. */
    public Answer ask(String text) {
        NameWords asked = NameWords.of(text);
        if (asked.isEmpty()) {
            return new Answer(false, List.of());
        }
        List<Found> found = found(asked, Lookup::fit);
        if (found.isEmpty()) {
            List<Found> near = found(asked, Lookup::near);
            return new Answer(
                    false,
                    near.stream()
                            .filter(one -> one.fit() == near.get(0).fit())
                            .map(one -> one.entry().species())
                            .toList());
        }
        Fit best = found.get(0).fit();
        return new Answer(
                best.compareTo(Fit.NAME_AND_KIND) <= 0
                        && (found.size() == 1 || found.get(1).fit() != best),
                found.stream().map(one -> one.entry().species()).toList());
    }

    private List<Found> found(NameWords asked, BiFunction<NameWords, Entry, Optional<Found>> fit) {
        return entries.stream()
                .flatMap(entry -> fit.apply(asked, entry).stream())
                .sorted(Comparator.comparing((Found one) ->
                                asked.count() == 1 && !one.entry().isOfKind(asked))
                        .thenComparing(Found::fit)
                        .thenComparing(one -> !one.entry().isOfKind(asked))
                        .thenComparingInt(Found::misfit)
                        .thenComparing(one -> one.entry().species().trade().availability()))
                .toList();
    }

    private static Optional<Found> fit(NameWords asked, Entry entry) {
        if (entry.names().stream().anyMatch(name -> asked.isSameAs(name.words()))) {
            return Optional.of(new Found(entry, Fit.NAME, 0));
        }
        NameWords own = asked.without(entry.kinds());
        if (!own.isEmpty() && entry.names().stream().anyMatch(name -> own.isSameAs(name.own()))) {
            return Optional.of(new Found(entry, Fit.NAME_AND_KIND, 0));
        }
        Optional<Found> part = part(asked, entry);
        return part.isPresent() || !asked.within(entry.all())
                ? part
                : Optional.of(new Found(entry, Fit.ACROSS_NAMES, 0));
    }

    /** All the words in one name: at its end, or anywhere; the shorter the rest of the name, the better. */
    private static Optional<Found> part(NameWords asked, Entry entry) {
        return entry.names().stream()
                .filter(name -> asked.within(name.parts()))
                .map(name -> new Found(
                        entry,
                        name.words().last().equals(asked.last()) ? Fit.END_OF_NAME : Fit.PART_OF_NAME,
                        rest(asked, name)))
                .min(Comparator.comparing(Found::fit).thenComparingInt(Found::misfit));
    }

    private static int rest(NameWords asked, Name name) {
        return Math.max(0, name.words().count() - asked.count());
    }

    private static Optional<Found> near(NameWords asked, Entry entry) {
        int misfit = entry.names().stream()
                .mapToInt(name -> misfit(asked, name, entry.kinds()) + rest(asked, name))
                .min()
                .orElse(Spelling.NO_MATCH);
        if (misfit < Spelling.NO_MATCH) {
            return Optional.of(new Found(entry, Fit.NEAR, misfit));
        }
        long strange = asked.list().stream()
                .filter(word -> !entry.all().contains(word))
                .count();
        return strange == 1 && asked.count() >= FEWEST_FOR_ALL_BUT_ONE
                ? Optional.of(new Found(entry, Fit.ALL_BUT_ONE, 0))
                : Optional.empty();
    }

    private static int misfit(NameWords asked, Name name, Set<String> kinds) {
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
