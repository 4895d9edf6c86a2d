package org.pelluna.core.species;

import java.text.Normalizer;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The words of a fish's name, written as all who mean the same write it: plurals, accents, “-fish”, “banded” or “band”, “6” or
 * “six”, “surgeonfish” or “tang” make no difference, and what says how large, how old or whence a fish is does not count.
 *
 * @param list the words in their order
 * @param joined the same, written as one
 * @param sorted the same, whatever their order
 */
record NameWords(List<String> list, String joined, String sorted) {
    private static final Pattern POSSESSIVE = Pattern.compile("['’`´]s\\b");
    private static final Pattern MARKS = Pattern.compile("\\p{M}");
    private static final Pattern BETWEEN = Pattern.compile("[^a-z0-9]+");
    private static final Pattern FISH = Pattern.compile("(?<=...)(fishes|fish|fische|fisch)$");
    private static final Pattern SPELT_UMLAUT = Pattern.compile("([aou])e");
    private static final Pattern PARTICIPLE = Pattern.compile(
            "(band|lin|strip|bar|spot|ey|head|tail|fac|fin|nos|ring|spin|throat|saddl|cheek|should|mask|rim|lip)(r|t|n|p|m)?ed$");

    /** Stems of participles that end in a silent e. */
    private static final Set<String> SILENT_E = Set.of("lin", "strip", "ey", "fac", "nos", "spin", "saddl");

    private static final Map<String, String> NUMBERS = Map.of(
            "1", "one", "2", "two", "3", "three", "4", "four", "5", "five", "6", "six", "7", "seven", "8", "eight");

    /** Words by which different people mean the same. */
    private static final Map<String, String> SAME = Map.ofEntries(
            Map.entry("surgeon", "tang"),
            Map.entry("doctor", "tang"),
            Map.entry("doktor", "tang"),
            Map.entry("anemone", "clown"),
            Map.entry("anemonen", "clown"),
            Map.entry("demoiselle", "damsel"),
            Map.entry("moray", "eel"),
            Map.entry("toby", "puffer"),
            Map.entry("angler", "frog"),
            Map.entry("gudgeon", "goby"),
            Map.entry("prawn", "shrimp"),
            Map.entry("grey", "gray"),
            Map.entry("coloured", "color"),
            Map.entry("colored", "color"),
            Map.entry("colour", "color"),
            Map.entry("bicolour", "bicolor"),
            Map.entry("pyjama", "pajama"),
            Map.entry("hi", "high"),
            Map.entry("juwel", "jewel"));

    /** Words that do not tell one fish from another. */
    private static final Set<String> IDLE = Set.of(
            ("fish fisch fishe poisson pez marine saltwater the an of and or with de du des la le les el los las der die das"
                            + " juvenile juv adult baby small medium large xl sm md lg tiny pair bonded male female mated"
                            + " captive bred raised aquacultured wild caught live sp spp cf")
                    .split(" "));

    private static NameWords of(List<String> words) {
        return new NameWords(
                words, String.join("", words), words.stream().sorted().collect(Collectors.joining(" ")));
    }

    /** The words of a name or of what somebody asks; those that tell nothing only if there are no others. */
    static NameWords of(String text) {
        String plain = SPELT_UMLAUT
                .matcher(MARKS.matcher(Normalizer.normalize(
                                POSSESSIVE
                                        .matcher(text.toLowerCase(Locale.ROOT))
                                        .replaceAll(""),
                                Normalizer.Form.NFD))
                        .replaceAll("")
                        .replace("ß", "ss")
                        .replace("œ", "o")
                        .replace("æ", "a"))
                .replaceAll("$1");
        List<String> all = Stream.of(BETWEEN.split(plain))
                .filter(word -> !word.isEmpty())
                .map(NameWords::usual)
                .toList();
        List<String> telling = all.stream().filter(word -> !IDLE.contains(word)).toList();
        return of(telling.isEmpty() ? all : telling);
    }

    private static String usual(String word) {
        String one = singular(FISH.matcher(NUMBERS.getOrDefault(word, word)).replaceFirst(""));
        var participle = PARTICIPLE.matcher(one);
        if (participle.find()) {
            String stem = participle.group(1);
            one = one.substring(0, participle.start()) + stem + (SILENT_E.contains(stem) ? "e" : "");
        }
        return SAME.getOrDefault(one, one);
    }

    private static String singular(String word) {
        if (word.length() > 4 && word.endsWith("ies")) {
            return word.substring(0, word.length() - 3) + "y";
        }
        boolean plural = word.length() > 3
                && word.endsWith("s")
                && !word.endsWith("ss")
                && !word.endsWith("us")
                && !word.endsWith("is");
        return plural ? word.substring(0, word.length() - 1) : word;
    }

    boolean isEmpty() {
        return list.isEmpty();
    }

    int count() {
        return list.size();
    }

    /** The last word, which mostly says of which kind the fish is. */
    String last() {
        return list.get(list.size() - 1);
    }

    /** These words, and every two neighbours written as one: “six line” is also “sixline”. */
    Set<String> withPairs() {
        Set<String> all = new HashSet<>(list);
        for (int at = 0; at + 1 < list.size(); at++) {
            all.add(list.get(at) + list.get(at + 1));
        }
        return all;
    }

    /** Whether every word is among the others, two neighbours also as one. */
    boolean within(Set<String> others) {
        int at = 0;
        while (at < list.size()) {
            if (others.contains(list.get(at))) {
                at++;
            } else if (at + 1 < list.size() && others.contains(list.get(at) + list.get(at + 1))) {
                at += 2;
            } else {
                return false;
            }
        }
        return true;
    }

    /** The words without some others. */
    NameWords without(Set<String> others) {
        return of(list.stream().filter(word -> !others.contains(word)).toList());
    }

    /** Whether both are one name, whatever the order of the words and wherever they are written apart. */
    boolean isSameAs(NameWords other) {
        return joined.equals(other.joined) || sorted.equals(other.sorted);
    }
}
