package org.pelluna.core.species;

import java.util.Collection;
import org.apache.commons.text.similarity.LevenshteinDistance;

/**
 * How far a word asked for is from a word known: none for the same, little for its beginning, more for each wrong letter. One
 * wrong letter from four letters on, two from seven on (Levenshtein 1966), or two neighbours swapped.
 */
final class Spelling {
    /** More than any word of some others can be off. */
    static final int NO_MATCH = 100;

    private static final int SWAPPED = 5;
    private static final LevenshteinDistance ONE = new LevenshteinDistance(1);
    private static final LevenshteinDistance TWO = new LevenshteinDistance(2);

    private Spelling() {}

    /** The least misfit of a word among the words known; {@link #NO_MATCH} if none is near. */
    static int misfit(String asked, Collection<String> known) {
        return known.stream().mapToInt(word -> misfit(asked, word)).min().orElse(NO_MATCH);
    }

    private static int misfit(String asked, String word) {
        if (asked.equals(word)) {
            return 0;
        }
        if (word.startsWith(asked)) {
            return 1;
        }
        if (asked.length() >= 4 && isSwapped(asked, word)) {
            return SWAPPED;
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
}
