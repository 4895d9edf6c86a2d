package org.pelluna.core.plan;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.pelluna.core.id.FishId;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.stored.IfAbsent;
import org.pelluna.core.timeline.Stay;

/**
 * One fish that lives, or lived, in the tank.
 *
 * @param id the fish's key within its plan
 * @param speciesId its species in the catalogue
 * @param name what the keeper calls it
 * @param arrivedOn the day it went into the display
 * @param lengthCm its length on that day, cm
 * @param leftOn the day it was lost or left; empty while it lives here
 * @param individual how this one differs from its kind, if it does
 * @param coming where it came from, how, and for how much, as far as noted
 * @param life what was noted of it since; empty if nothing was
 */
@RecordBuilder
public record Resident(
        FishId id,
        SpeciesId speciesId,
        @IfAbsent("\"Unnamed fish\"") String name,
        LocalDate arrivedOn,
        double lengthCm,
        Optional<LocalDate> leftOn,
        Optional<Individual> individual,
        Optional<Acquisition> coming,
        Optional<Life> life)
        implements ResidentBuilder.With {

    /**
     * How a fish came.
     *
     * @param origin caught or bred
     * @param method how it was brought in
     * @param price what it cost, in the keeper's money
     */
    public record Acquisition(Optional<Origin> origin, Optional<Method> method, Optional<Double> price) {
        public Acquisition {
            if (price.filter(sum -> !(sum >= 0 && sum <= 1_000_000)).isPresent()) {
                throw new IllegalArgumentException("a price is 0 to 1,000,000, but was " + price.get());
            }
        }

        /** What is known of it; empty if nothing is. */
        public static Optional<Acquisition> of(
                Optional<Origin> origin, Optional<Method> method, Optional<Double> price) {
            return origin.isEmpty() && method.isEmpty() && price.isEmpty()
                    ? Optional.empty()
                    : Optional.of(new Acquisition(origin, method, price));
        }
    }

    /** Caught or bred. */
    public enum Origin {
        WILD("wild-caught"),
        BRED("captive-bred");

        private final String words;

        Origin(String words) {
            this.words = words;
        }

        /** The origin as a keeper reads it. */
        public String words() {
            return words;
        }
    }

    /** How a fish is brought in. */
    public enum Method {
        STRAIGHT("straight in"),
        LIGHTS_OUT("released at lights-out"),
        BOX("through the box"),
        QUARANTINE("quarantined, then released"),
        QUARANTINE_AND_BOX("quarantined, then through the box");

        private final String words;

        Method(String words) {
            this.words = words;
        }

        /** The method as a keeper reads it. */
        public String words() {
            return words;
        }
    }

    /** A fish of which nothing was noted since it came. */
    public Resident(
            FishId id,
            SpeciesId speciesId,
            String name,
            LocalDate arrivedOn,
            double lengthCm,
            Optional<LocalDate> leftOn,
            Optional<Individual> individual,
            Optional<Acquisition> coming) {
        this(id, speciesId, name, arrivedOn, lengthCm, leftOn, individual, coming, Optional.empty());
    }

    /** A fish of which nobody noted how it came. */
    public Resident(
            FishId id,
            SpeciesId speciesId,
            String name,
            LocalDate arrivedOn,
            double lengthCm,
            Optional<LocalDate> leftOn,
            Optional<Individual> individual) {
        this(id, speciesId, name, arrivedOn, lengthCm, leftOn, individual, Optional.empty(), Optional.empty());
    }

    /** An ordinary fish of its kind. */
    public Resident(
            FishId id,
            SpeciesId speciesId,
            String name,
            LocalDate arrivedOn,
            double lengthCm,
            Optional<LocalDate> leftOn) {
        this(id, speciesId, name, arrivedOn, lengthCm, leftOn, Optional.empty(), Optional.empty(), Optional.empty());
    }

    public Resident {
        if (name.isBlank()) {
            throw new IllegalArgumentException("a resident needs a name");
        }
        if (!(lengthCm > 0 && lengthCm <= 300)) {
            throw new IllegalArgumentException("a fish is more than 0 and at most 300 cm long, but was " + lengthCm);
        }
        if (leftOn.filter(day -> day.isBefore(arrivedOn)).isPresent()) {
            throw new IllegalArgumentException(name + " cannot have left before it arrived");
        }
        life = life.filter(noted -> !noted.saysNothing());
    }

    /** The same, having left on a day or not at all. */
    public Resident left(Optional<LocalDate> on) {
        return withLeftOn(on);
    }

    /** The keys of some. */
    static Set<FishId> ids(List<Resident> residents) {
        return residents.stream().map(Resident::id).collect(Collectors.toSet());
    }

    /** The same with another life noted. */
    public Resident with(Life noted) {
        return withLife(Optional.of(noted));
    }

    /**
     * The same fish as it begins its stay in another tank.
     *
     * @param key its key there
     * @param called its name there, where its own is taken
     * @param cm how long it is on that day
     * @param bound for which tank it waits there
     */
    public Resident movedInto(FishId key, String called, LocalDate on, double cm, Optional<Life.Bound> bound) {
        return new Resident(
                key,
                speciesId,
                called,
                on,
                cm,
                Optional.empty(),
                individual,
                coming,
                Optional.of(noted().movedOn().bound(bound)));
    }

    /** What was noted of it since it came. */
    public Life noted() {
        return life.orElse(Life.NONE);
    }

    /** Its stay in the tank, with the days on which it was out of it. */
    public Stay<Resident> stay() {
        return Stay.of(this, arrivedOn, leftOn);
    }

    /** The days it lived in the display: its stay without its absences. */
    public List<Stay<Resident>> stays() {
        List<Stay<Resident>> stays = new ArrayList<>();
        LocalDate from = arrivedOn;
        for (Absence out : noted().absences()) {
            if (leftOn.filter(day -> !day.isAfter(out.from())).isPresent()) {
                break;
            }
            if (out.from().isAfter(from)) {
                stays.add(Stay.of(this, from, Optional.of(out.from())));
            }
            if (out.until().isEmpty()) {
                return stays;
            }
            from = out.until().get();
        }
        LocalDate last = from;
        if (leftOn.filter(day -> !day.isAfter(last)).isEmpty()) {
            stays.add(Stay.of(this, last, leftOn));
        }
        return stays;
    }

    /** Whether it lives in the display on the given day: it has come, has not left, and is not out for a time. */
    public boolean livesHere(LocalDate on) {
        return belongsHere(on) && noted().absence(on).isEmpty();
    }

    /** Whether it belongs to this tank on the given day, in the display or out of it for a time. */
    public boolean belongsHere(LocalDate on) {
        return stay().covers(on);
    }

    /** The day up to a given one since which it has lived in the display without a break. */
    public LocalDate hereSince(LocalDate day) {
        return noted().lastBack(day).filter(back -> back.isAfter(arrivedOn)).orElse(arrivedOn);
    }
}
