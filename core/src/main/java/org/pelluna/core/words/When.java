package org.pelluna.core.words;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.temporal.TemporalAdjusters;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Times as people say them, seen from now; never one to come. */
final class When {
    private static final Map<String, LocalTime> PARTS = Map.of(
            "morning", LocalTime.of(9, 0),
            "noon", LocalTime.of(12, 0),
            "afternoon", LocalTime.of(15, 0),
            "evening", LocalTime.of(19, 0),
            "night", LocalTime.of(22, 0));
    private static final Pattern AGO = Pattern.compile("(\\d{1,3}|an|a) (minute|hour|day|week)s? ago");
    private static final Pattern CLOCK = Pattern.compile("(?:at )?(\\d{1,2}):(\\d{2})");
    private static final Pattern DAY_AND_PART = Pattern.compile(
            "(?:on )?(today|yesterday|this|last|\\p{L}+day)(?: (morning|noon|afternoon|evening|night))?");

    private When() {}

    /** The time that some words say; empty if they say none. */
    static Optional<LocalDateTime> of(String words, LocalDateTime now) {
        Matcher ago = AGO.matcher(words);
        if (ago.matches()) {
            int count = ago.group(1).startsWith("a") ? 1 : Integer.parseInt(ago.group(1));
            return Optional.of(
                    switch (ago.group(2)) {
                        case "minute" -> now.minusMinutes(count);
                        case "hour" -> now.minusHours(count);
                        case "day" -> now.minusDays(count);
                        default -> now.minusWeeks(count);
                    });
        }
        Matcher clock = CLOCK.matcher(words);
        if (clock.matches() && Integer.parseInt(clock.group(1)) < 24 && Integer.parseInt(clock.group(2)) < 60) {
            LocalTime time = LocalTime.of(Integer.parseInt(clock.group(1)), Integer.parseInt(clock.group(2)));
            LocalDateTime at = now.toLocalDate().atTime(time);
            return Optional.of(at.isAfter(now) ? at.minusDays(1) : at);
        }
        if (words.equals("just now") || words.equals("now")) {
            return Optional.of(now);
        }
        Matcher day = DAY_AND_PART.matcher(words);
        return day.matches() ? day(day.group(1), Optional.ofNullable(day.group(2)), now) : Optional.empty();
    }

    private static Optional<LocalDateTime> day(String word, Optional<String> part, LocalDateTime now) {
        LocalDate today = now.toLocalDate();
        if ((word.equals("this") || word.equals("last")) && part.isEmpty()) {
            return Optional.empty();
        }
        Optional<LocalDate> day = switch (word) {
            case "today", "this" -> Optional.of(today);
            case "yesterday" -> Optional.of(today.minusDays(1));
            case "last" -> Optional.of(part.get().equals("night") ? today.minusDays(1) : today);
            default -> weekday(word).map(one -> today.with(TemporalAdjusters.previous(one)));
        };
        return day.map(on -> {
            LocalTime time = part.map(PARTS::get).orElse(on.equals(today) ? now.toLocalTime() : LocalTime.NOON);
            LocalDateTime at = on.atTime(time);
            return at.isAfter(now) ? now : at;
        });
    }

    private static Optional<DayOfWeek> weekday(String word) {
        for (DayOfWeek one : DayOfWeek.values()) {
            if (one.name().toLowerCase(Locale.ROOT).equals(word)) {
                return Optional.of(one);
            }
        }
        return Optional.empty();
    }
}
