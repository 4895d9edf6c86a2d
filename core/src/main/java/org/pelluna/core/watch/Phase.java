package org.pelluna.core.watch;

import java.time.LocalDate;
import java.util.Optional;
import org.pelluna.core.stored.IfAbsent;

/**
 * A part of a quarantine: what is done, and on which days. What a medicine's dose is stands on its label; it is never said here.
 *
 * @param id key within its plan
 * @param kind what is done
 * @param from its first day
 * @param days how long it is meant to last, 1 to 365
 * @param note the keeper's words
 * @param cut when and why it was broken off before it was over
 */
public record Phase(
        String id,
        Kind kind,
        LocalDate from,
        @IfAbsent("14") int days,
        Optional<String> note,
        Optional<Cut> cut) {
    private static final int MOST_DAYS = 365;

    public Phase {
        if (days < 1 || days > MOST_DAYS) {
            throw new IllegalArgumentException("a part of quarantine lasts 1 to " + MOST_DAYS + " days");
        }
        if (cut.filter(one -> one.on().isBefore(from)).isPresent()) {
            throw new IllegalArgumentException("it cannot be broken off before it begins");
        }
    }

    /** It was broken off. */
    public record Cut(
            LocalDate on, @IfAbsent("\"not noted\"") String why) {}

    /** What is done. */
    public enum Kind {
        COPPER("copper medicine by its label"),
        LOW_SALINITY("low salinity"),
        OTHER_MEDICINE("medicine by its label"),
        ISOLATION("isolation"),
        OBSERVATION("observation");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        /** What is done, as a keeper reads it. */
        public String words() {
            return words;
        }
    }

    /** The first day after it. */
    public LocalDate until() {
        return cut.map(Cut::on).orElseGet(() -> from.plusDays(days));
    }

    /** Whether it goes on on a day. */
    public boolean covers(LocalDate day) {
        return !day.isBefore(from) && day.isBefore(until());
    }

    /** The same, that many days later. */
    public Phase later(long by) {
        return new Phase(
                id,
                kind,
                from.plusDays(by),
                days,
                note,
                cut.map(one -> new Cut(one.on().plusDays(by), one.why())));
    }

    /** The same, broken off. */
    public Phase cut(LocalDate on, String why) {
        return new Phase(id, kind, from, days, note, Optional.of(new Cut(on, why)));
    }
}
