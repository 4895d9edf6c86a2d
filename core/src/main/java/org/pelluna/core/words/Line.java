package org.pelluna.core.words;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiFunction;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.WaterTest;
import org.pelluna.core.units.Numbers;
import org.pelluna.core.watch.CrewCount;
import org.pelluna.core.watch.LogEntry;
import org.pelluna.core.watch.RollCall;
import org.pelluna.core.watch.Sign;

/**
 * A line of words at the tank. The grammar, where a fish is its name, the beginning of it or its species, and brackets may be left out:
 *
 * <pre>
 * fish (was) deed (by) fish (hardness) (count) (at the place) (when)     gale chased inkwell hard twice at the left cave
 * fish state (when)                                                      inkwell not eating
 * fish (has|with) sign (when)                                            inkwell has a cloudy eye
 * test number (unit), again                                              nitrate 12, phosphate 0.05
 * number animals fate, or fate number animals                            3 turbo snails dead
 * note: anything
 * </pre>
 *
 * The longest words that mean something are taken first, from left to right. What means nothing is named and never guessed.
 */
public final class Line {
    private static final int LONGEST = 5;
    private static final List<String> IDLE = List.of(
            "the", "a", "an", "was", "is", "by", "has", "with", "and", "my", "of", "mg/l", "ppm", "dkh", "today's",
            "were", "are", "been", "times");
    private static final List<String> PLACE = List.of("at", "in", "near", "behind", "under", "by", "around", "over");

    private final Names names;
    private final LocalDateTime now;
    private final List<Understood.Part> parts = new ArrayList<>();
    private final List<String> unknown = new ArrayList<>();
    private final List<FishId> fish = new ArrayList<>();
    private final List<Understood.Reading> readings = new ArrayList<>();
    private Optional<LogEntry.Kind> deed = Optional.empty();
    private Optional<RollCall.State> state = Optional.empty();
    private Optional<Sign.Kind> sign = Optional.empty();
    private Optional<WaterTest.Kind> test = Optional.empty();
    private Optional<String> crew = Optional.empty();
    private Optional<CrewCount.Kind> fate = Optional.empty();
    private Optional<Integer> count = Optional.empty();
    private Optional<Integer> hardness = Optional.empty();
    private Optional<String> place = Optional.empty();
    private Optional<LocalDateTime> at = Optional.empty();
    private boolean passive;
    private String unclear = "";

    private Line(Names names, LocalDateTime now) {
        this.names = names;
        this.now = now;
    }

    /**
     * What a line says.
     *
     * @param text as typed or dictated
     * @param names who and what lives in the tank
     * @param now the keeper's time
     */
    public static Understood read(String text, Names names, LocalDateTime now) {
        String line = text.strip();
        if (line.toLowerCase(Locale.ROOT).startsWith("note:")) {
            String words = line.substring("note:".length()).strip();
            return words.isEmpty()
                    ? new Understood(Optional.empty(), now, List.of(), List.of(), "Write something after “note:”.")
                    : new Understood(
                            Optional.of(new Understood.Note(words)),
                            now,
                            List.of(new Understood.Part(words, "a note")),
                            List.of(),
                            "");
        }
        return new Line(names, now).read(line);
    }

    private Understood read(String line) {
        List<String> words = Arrays.stream(line.toLowerCase(Locale.ROOT)
                        .replace('’', '\'')
                        .replaceAll("[,;.!?](?=\\s|$)", " ")
                        .trim()
                        .split("\\s+", -1))
                .filter(word -> !word.isEmpty())
                .toList();
        for (int i = 0; i < words.size(); ) {
            i += taken(words, i);
        }
        Optional<Understood.What> what = what();
        return new Understood(
                what,
                at.orElse(now),
                parts,
                unknown,
                words.isEmpty()
                        ? "Write what you saw, for example: gale chased inkwell twice."
                        : what.isEmpty() && unclear.isEmpty() && unknown.isEmpty() ? missing() : unclear);
    }

    /** Takes the longest words from a place on that mean something, and says how many. */
    private int taken(List<String> words, int from) {
        for (int length = Math.min(LONGEST, words.size() - from); length > 0; length--) {
            String some = String.join(" ", words.subList(from, from + length));
            Optional<String> meaning = meaning(some);
            if (meaning.isPresent()) {
                passive |= deed.isPresent()
                        && from > 0
                        && List.of("was", "were", "been").contains(words.get(from - 1));
                parts.add(new Understood.Part(some, meaning.get()));
                return length;
            }
        }
        String word = words.get(from);
        if (PLACE.contains(word) && deed.isPresent() && fish.size() > 1) {
            return placed(words, from);
        }
        if (!IDLE.contains(word)) {
            unknown.add(word);
        }
        return 1;
    }

    /** A place is whatever follows “at the”, up to the next thing that means something. */
    private int placed(List<String> words, int from) {
        int begin = from + 1;
        while (begin < words.size() && IDLE.contains(words.get(begin))) {
            begin++;
        }
        int end = begin;
        while (end < words.size() && !meansSomething(words, end)) {
            end++;
        }
        if (end == begin) {
            return 1;
        }
        String where = String.join(" ", words.subList(begin, end));
        place = Optional.of(where);
        parts.add(new Understood.Part(where, "where"));
        return end - from;
    }

    private boolean meansSomething(List<String> words, int from) {
        for (int length = Math.min(LONGEST, words.size() - from); length > 0; length--) {
            String some = String.join(" ", words.subList(from, from + length));
            if (Lexicon.HARDNESS.containsKey(some)
                    || Lexicon.count(some).isPresent()
                    || When.of(some, now).isPresent()) {
                return true;
            }
        }
        return false;
    }

    /** What some words mean; the first meaning counts, and is remembered. */
    private Optional<String> meaning(String some) {
        List<BiFunction<Line, String, Optional<String>>> meanings = List.of(
                Line::time,
                Line::done,
                Line::found,
                Line::shown,
                Line::tested,
                Line::number,
                Line::how,
                Line::ends,
                Line::animals,
                Line::who);
        return meanings.stream()
                .map(one -> one.apply(this, some))
                .flatMap(Optional::stream)
                .findFirst();
    }

    private Optional<String> time(String some) {
        Optional<LocalDateTime> when = When.of(some, now);
        if (when.isPresent()) {
            at = when;
        }
        return when.map(one -> "when: " + one.toLocalDate() + ", "
                + one.toLocalTime().withSecond(0).withNano(0));
    }

    private Optional<String> done(String some) {
        Optional<LogEntry.Kind> kind =
                deed.isPresent() ? Optional.empty() : Optional.ofNullable(Lexicon.DEEDS.get(some));
        if (kind.isPresent()) {
            deed = kind;
            passive |= some.endsWith(" by") || some.equals("bitten");
        }
        return kind.map(one -> "what: " + one.words());
    }

    private Optional<String> found(String some) {
        Optional<RollCall.State> one =
                deed.isPresent() ? Optional.empty() : Optional.ofNullable(Lexicon.STATES.get(some));
        if (one.isPresent()) {
            state = one;
        }
        return one.map(found -> "found: " + found.words());
    }

    private Optional<String> shown(String some) {
        for (Sign.Kind kind : Sign.Kind.values()) {
            String words = kind.words().toLowerCase(Locale.ROOT);
            if (words.equals(some) || words.replaceFirst("^an? ", "").equals(some)) {
                sign = Optional.of(kind);
                return Optional.of("a sign: " + kind.words());
            }
        }
        return Optional.empty();
    }

    private Optional<String> tested(String some) {
        for (WaterTest.Kind kind : WaterTest.Kind.values()) {
            if (kind.key().equals(some)
                    || kind.words().equalsIgnoreCase(some)
                    || kind.aliases().contains(some)) {
                boolean unit =
                        !readings.isEmpty() && readings.get(readings.size() - 1).kind() == kind;
                test = unit ? Optional.empty() : Optional.of(kind);
                return Optional.of(unit ? "its unit" : "a test of " + kind.words());
            }
        }
        return Optional.empty();
    }

    private Optional<String> number(String some) {
        if (test.isPresent() && some.matches("\\d+(?:[.,]\\d+)?")) {
            double value = Double.parseDouble(some.replace(',', '.'));
            WaterTest.Kind kind = test.get();
            try {
                readings.add(
                        new Understood.Reading(kind, new WaterTest("line", now.toLocalDate(), kind, value).value()));
            } catch (IllegalArgumentException e) {
                unclear = sentence(String.valueOf(e.getMessage()));
            }
            test = Optional.empty();
            return Optional.of(Numbers.plain(value, 4) + (kind.unit().isEmpty() ? "" : " " + kind.unit()));
        }
        Optional<Integer> times = count.isPresent() || some.equals("a") ? Optional.empty() : Lexicon.count(some);
        if (times.isPresent()) {
            count = times;
        }
        return times.map(one -> deed.isPresent() ? Numbers.count(one, "time") : "how many: " + one);
    }

    private Optional<String> how(String some) {
        Optional<Integer> one = Optional.ofNullable(Lexicon.HARDNESS.get(some));
        if (one.isPresent()) {
            hardness = one;
        }
        return one.map(hard -> "how hard: " + hard + " of 3");
    }

    private Optional<String> ends(String some) {
        Optional<CrewCount.Kind> one = fish.isEmpty() ? Optional.ofNullable(Lexicon.FATES.get(some)) : Optional.empty();
        if (one.isPresent()) {
            fate = one;
        }
        return one.map(CrewCount.Kind::words);
    }

    private Optional<String> animals(String some) {
        Optional<String> one = names.crew(some);
        if (one.isPresent()) {
            crew = one;
        }
        return one.map(name -> "of the crew: " + name);
    }

    private Optional<String> who(String some) {
        List<FishId> meant = names.fish(some);
        if (meant.isEmpty()) {
            return Optional.empty();
        }
        if (meant.size() > 1) {
            unclear = "“" + some + "” may be "
                    + String.join(" or ", meant.stream().map(names::of).toList()) + ": write the name.";
            return Optional.of("which?");
        }
        fish.add(meant.get(0));
        return Optional.of("who: " + names.of(meant.get(0)));
    }

    private Optional<Understood.What> what() {
        if (!unclear.isEmpty()) {
            return Optional.empty();
        }
        if (!readings.isEmpty() && test.isEmpty() && fish.isEmpty()) {
            return Optional.of(new Understood.Tested(readings));
        }
        if (crew.isPresent() && fate.isPresent() && count.isPresent() && fish.isEmpty()) {
            return Optional.of(new Understood.Crew(crew.get(), fate.get(), count.get()));
        }
        if (deed.isPresent() && fish.size() == 2 && !fish.get(0).equals(fish.get(1))) {
            int doer = passive ? 1 : 0;
            return Optional.of(new Understood.Encounter(
                    deed.get(), fish.get(doer), fish.get(1 - doer), Math.max(1, count.orElse(1)), hardness, place));
        }
        if (deed.filter(kind -> kind == LogEntry.Kind.INJURY).isPresent() && fish.size() == 1) {
            return Optional.of(new Understood.Injury(fish.get(0)));
        }
        if (sign.isPresent() && fish.size() == 1) {
            return Optional.of(new Understood.Shows(fish.get(0), sign.get()));
        }
        return state.filter(any -> fish.size() == 1 && deed.isEmpty())
                .map(found -> new Understood.Found(fish.get(0), found));
    }

    private String missing() {
        if (deed.isPresent()) {
            return fish.size() < 2
                    ? "Who did it, and to whom? Name two fish."
                    : "Two fish at a time, and no fish to itself; write a line for each two.";
        }
        if (test.isPresent()) {
            return "What did the test show? Write the figure after it.";
        }
        if (crew.isPresent()) {
            return "How many, and are they dead, added or counted?";
        }
        if (fish.size() == 1) {
            return "What about " + names.of(fish.get(0)) + "? For example: not eating, hiding, torn fins.";
        }
        return "This says nothing to keep. To keep the words as they are, begin with “note:”.";
    }

    private static String sentence(String clause) {
        return clause.substring(0, 1).toUpperCase(Locale.ROOT) + clause.substring(1) + ".";
    }
}
