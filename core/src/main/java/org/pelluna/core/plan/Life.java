package org.pelluna.core.plan;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.pelluna.core.id.WishId;
import org.pelluna.core.stored.IfAbsent;

/**
 * What was noted of one fish since it came.
 *
 * @param lengths when it was measured again, in order of days
 * @param sexes when its sex or stage was noted, in order of days
 * @param absences when it was out of the display, in order; only the last may be without an end
 * @param departure how it left, if it left alive
 * @param arrival how exactly its day of arrival is known
 * @param bound for which tank it waits in this one
 * @param bonds with whom it lived as a pair, harem or shoal, in order of days
 */
public record Life(
        List<Measured> lengths,
        List<Sexed> sexes,
        List<Absence> absences,
        Optional<Departure> departure,
        @IfAbsent("\"day\"") DatePrecision arrival,
        Optional<Bound> bound,

        @JsonInclude(JsonInclude.Include.NON_EMPTY) List<Bonded> bonds) {

    /** Nothing noted. */
    public static final Life NONE =
            new Life(List.of(), List.of(), List.of(), Optional.empty(), DatePrecision.DAY, Optional.empty(), List.of());

    /**
     * A length measured.
     *
     * @param on the day
     * @param cm total length, cm
     */
    public record Measured(LocalDate on, double cm) {
        public Measured {
            if (!(cm > 0 && cm <= 300)) {
                throw new IllegalArgumentException("a fish is more than 0 and at most 300 cm long, but was " + cm);
            }
        }
    }

    /** Sex or stage, as far as it can be seen. */
    public enum Sex {
        JUVENILE("juvenile"),
        FEMALE("female"),
        MALE("male"),
        /** The brightly coloured male that rules a harem, of species that change sex. */
        TERMINAL_MALE("terminal male");

        private final String words;

        Sex(String words) {
            this.words = words;
        }

        /** The sex as a keeper reads it. */
        public String words() {
            return words;
        }

        public boolean isMale() {
            return this == MALE || this == TERMINAL_MALE;
        }
    }

    /**
     * For which tank a fish waits, and as whom it is known there.
     *
     * @param tank the key of that tank
     * @param wish the wish it was bought for
     * @param absence its absence there, if it lives there and is out for a time
     */
    public record Bound(String tank, Optional<WishId> wish, Optional<String> absence) {}

    /**
     * Its part in a bond of fish of its species.
     *
     * @param bond the key that all of the bond share
     * @param kind what they are to each other
     * @param from since when
     * @param until the day they parted; empty while they live together
     */
    public record Bonded(String bond, Bond kind, LocalDate from, Optional<LocalDate> until) {
        public Bonded {
            if (until.filter(day -> day.isBefore(from)).isPresent()) {
                throw new IllegalArgumentException("fish cannot separate before they pair up");
            }
        }

        boolean covers(LocalDate day) {
            return !day.isBefore(from)
                    && until.filter(end -> !day.isBefore(end)).isEmpty();
        }
    }

    /** What fish of one species are to each other. */
    public enum Bond {
        PAIR("pair"),
        HAREM("harem"),
        SHOAL("shoal");

        private final String words;

        Bond(String words) {
            this.words = words;
        }

        /** The bond as a keeper reads it. */
        public String words() {
            return words;
        }
    }

    /** A sex noted from a day on. */
    public record Sexed(LocalDate on, Sex sex) {}

    /** How exactly a day of arrival is known. */
    public enum DatePrecision {
        DAY("to the day"),
        MONTH("to the month"),
        SEASON("to the season"),
        YEAR("to the year");

        private final String words;

        DatePrecision(String words) {
            this.words = words;
        }

        /** How exactly, as a keeper reads it. */
        public String words() {
            return words;
        }

        /** A word before the day: nothing where it is known. */
        public String about() {
            return this == DAY ? "" : "about ";
        }
    }

    public Life {
        lengths = inOrder(lengths, Comparator.comparing(Measured::on));
        sexes = inOrder(sexes, Comparator.comparing(Sexed::on));
        absences = inOrder(absences, Comparator.comparing(Absence::from));
        bonds = inOrder(bonds, Comparator.comparing(Bonded::from));
        for (int i = 1; i < absences.size(); i++) {
            Absence before = absences.get(i - 1);
            LocalDate next = absences.get(i).from();
            if (before.until().filter(back -> !back.isAfter(next)).isEmpty()) {
                throw new IllegalArgumentException("it is out since " + before.from() + " already");
            }
        }
    }

    private static <T> List<T> inOrder(List<T> all, Comparator<T> by) {
        return all.stream().sorted(by).toList();
    }

    /** Whether nothing is noted. */
    boolean saysNothing() {
        return equals(NONE);
    }

    /** The same with one more length; another on the same day is replaced. */
    Life with(Measured length) {
        return lengths(Stream.concat(lengths.stream().filter(one -> !one.on().equals(length.on())), Stream.of(length))
                .toList());
    }

    /** The same with one more sex noted; another on the same day is replaced. */
    Life with(Sexed noted) {
        return sexes(Stream.concat(sexes.stream().filter(one -> !one.on().equals(noted.on())), Stream.of(noted))
                .toList());
    }

    Life lengths(List<Measured> changed) {
        return new Life(changed, sexes, absences, departure, arrival, bound, bonds);
    }

    Life sexes(List<Sexed> changed) {
        return new Life(lengths, changed, absences, departure, arrival, bound, bonds);
    }

    Life absences(List<Absence> changed) {
        return new Life(lengths, sexes, changed, departure, arrival, bound, bonds);
    }

    Life departed(Optional<Departure> how) {
        return new Life(lengths, sexes, absences, how, arrival, bound, bonds);
    }

    /** The same with an arrival known this exactly. */
    public Life known(DatePrecision exactly) {
        return new Life(lengths, sexes, absences, departure, exactly, bound, bonds);
    }

    /** The same with other bonds. */
    Life bonds(List<Bonded> changed) {
        return new Life(lengths, sexes, absences, departure, arrival, bound, changed);
    }

    /** The bond it lives in on a day. */
    public Optional<Bonded> bond(LocalDate day) {
        return bonds.stream().filter(one -> one.covers(day)).reduce((first, second) -> second);
    }

    /** The same, waiting for another tank, or for none. */
    public Life bound(Optional<Bound> to) {
        return new Life(lengths, sexes, absences, departure, arrival, to, bonds);
    }

    /** What of it goes on in another tank: measures and sex. */
    public Life movedOn() {
        return new Life(lengths, sexes, List.of(), Optional.empty(), DatePrecision.DAY, Optional.empty(), bonds);
    }

    /** The same, so many days later. */
    public Life shiftedBy(long days) {
        return new Life(
                lengths.stream()
                        .map(one -> new Measured(one.on().plusDays(days), one.cm()))
                        .toList(),
                sexes.stream()
                        .map(one -> new Sexed(one.on().plusDays(days), one.sex()))
                        .toList(),
                absences.stream()
                        .map(one -> new Absence(
                                one.id(),
                                one.from().plusDays(days),
                                one.until().map(day -> day.plusDays(days)),
                                one.place(),
                                one.note()))
                        .toList(),
                departure,
                arrival,
                bound,
                bonds.stream()
                        .map(one -> new Bonded(
                                one.bond(),
                                one.kind(),
                                one.from().plusDays(days),
                                one.until().map(day -> day.plusDays(days))))
                        .toList());
    }

    /** The absence on a day, if there is one. */
    public Optional<Absence> absence(LocalDate day) {
        return absences.stream().filter(one -> one.covers(day)).findFirst();
    }

    /** The last day, up to a given one, on which it came back; empty if it never was out. */
    public Optional<LocalDate> lastBack(LocalDate day) {
        return absences.stream()
                .flatMap(one -> one.until().stream())
                .filter(back -> !back.isAfter(day))
                .max(LocalDate::compareTo);
    }

    /** Its sex or stage on a day, as last noted up to it. */
    public Optional<Sex> sex(LocalDate day) {
        return sexes.stream()
                .filter(one -> !one.on().isAfter(day))
                .reduce((first, second) -> second)
                .map(Sexed::sex);
    }
}
