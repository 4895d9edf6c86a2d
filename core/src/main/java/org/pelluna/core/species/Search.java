package org.pelluna.core.species;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.apache.commons.text.similarity.LevenshteinDistance;

/**
 * Finds species by scientific and common names, typing errors forgiven. Every word asked for must be met by a word of the
 * name or of the family: whole, by its beginning, or with one wrong letter from four letters on and two from seven on
 * (Levenshtein 1966). Exact beginnings come before mistakes.
 */
public final class Search {
    private static final int NO_MATCH = 100;
    private static final LevenshteinDistance ONE = new LevenshteinDistance(1);
    private static final LevenshteinDistance TWO = new LevenshteinDistance(2);

    private final List<Entry> entries;

    private record Entry(Species species, List<List<String>> names) {}

    private record Found(Species species, int misfit) {}

    public Search(Collection<Species> species) {
        this.entries = species.stream().map(Search::entry).toList();
    }

    private static Entry entry(Species one) {
        List<List<String>> names = new ArrayList<>();
        Stream.concat(Stream.of(one.scientificName()), one.vernacularNames().stream())
                .forEach(name -> {
                    List<String> words = new ArrayList<>(words(name));
                    words.addAll(words(one.family()));
                    names.add(words);
                });
        return new Entry(one, names);
    }

    /** The species that the text may mean, the likeliest first; every species for a blank text. */
    public List<Species> find(String text) {
        List<String> asked = words(text);
        if (asked.isEmpty()) {
            return entries.stream().map(Entry::species).toList();
        }
        return entries.stream()
                .map(entry -> new Found(entry.species(), misfit(asked, entry)))
                .filter(found -> found.misfit() < NO_MATCH)
                .sorted(Comparator.comparingInt(Found::misfit))
                .map(Found::species)
                .toList();
    }

    private static int misfit(List<String> asked, Entry entry) {
        return entry.names().stream()
                .mapToInt(name -> asked.stream()
                        .mapToInt(word -> name.stream()
                                .mapToInt(other -> misfit(word, other))
                                .min()
                                .orElse(NO_MATCH))
                        .sum())
                .min()
                .orElse(NO_MATCH);
    }

    /** 0 for the same word, 1 for its beginning, more for mistakes. */
    private static int misfit(String asked, String word) {
        if (asked.equals(word)) {
            return 0;
        }
        if (word.startsWith(asked)) {
            return 1;
        }
        if (asked.length() >= 4 && isSwapped(asked, word)) {
            return 5;
        }
        int mistakes = asked.length() >= 7 ? 2 : asked.length() >= 4 ? 1 : 0;
        if (mistakes == 0) {
            return NO_MATCH;
        }
        LevenshteinDistance distance = mistakes == 1 ? ONE : TWO;
        int longer = word.length() - asked.length();
        int whole = Math.abs(longer) <= mistakes ? distance.apply(asked, word) : -1;
        int beginning = longer > 0 ? distance.apply(asked, word.substring(0, asked.length())) : -1;
        int least = whole < 0 ? beginning : beginning < 0 ? whole : Math.min(whole, beginning);
        return least < 0 ? NO_MATCH : 2 + 3 * least;
    }

    /** Whether two neighbouring letters changed places. */
    private static boolean isSwapped(String asked, String word) {
        if (asked.length() != word.length()) {
            return false;
        }
        int first = 0;
        while (first < asked.length() - 1 && asked.charAt(first) == word.charAt(first)) {
            first++;
        }
        return first < asked.length() - 1
                && asked.charAt(first) == word.charAt(first + 1)
                && asked.charAt(first + 1) == word.charAt(first)
                && asked.substring(first + 2).equals(word.substring(first + 2));
    }

    private static List<String> words(String text) {
        String plain = Normalizer.normalize(text, Normalizer.Form.NFD)
                .replaceAll("\\p{M}", "")
                .toLowerCase(Locale.ROOT)
                .replace("'s", "");
        return Stream.of(plain.split("[^a-z0-9]+"))
                .filter(word -> !word.isBlank())
                .toList();
    }
}
