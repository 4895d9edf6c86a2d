package org.pelluna.core.plan;

import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import org.pelluna.core.growth.GrowthCurve;
import org.pelluna.core.growth.GrowthParameters;
import org.pelluna.core.id.FishId;
import org.pelluna.core.species.Sourced;
import org.pelluna.core.species.Species;

/**
 * One individual, living here or wished for, with its species at hand.
 *
 * @param id key of the resident or the wish
 * @param name what to call it in a sentence
 * @param species its species
 * @param growth its length over time
 * @param arrivesOn the day it came or is to come; of a fish that was out for a time the day it came back
 * @param known sex and bond as noted of it; a fish wished for has none but the sex seen in the shop
 */
public record Fish(FishId id, String name, Species species, GrowthCurve growth, LocalDate arrivesOn, Known known) {

    /**
     * What a keeper has seen of a fish beside its size.
     *
     * @param sex its sex or stage
     * @param bond the key and kind of the bond it lives in
     * @param times how many times as much as its kind it attacks others, as learned
     * @param timesOn the same for fish it has met
     */
    public record Known(Optional<Life.Sex> sex, Optional<Life.Bonded> bond, double times, Map<FishId, Double> timesOn) {
        /** Nothing. */
        public static final Known NOTHING = new Known(Optional.empty(), Optional.empty());

        public Known {
            timesOn = Map.copyOf(timesOn);
        }

        /** A fish of which nothing was learned. */
        Known(Optional<Life.Sex> sex, Optional<Life.Bonded> bond) {
            this(sex, bond, 1, Map.of());
        }

        /** How many times as much as its kind it attacks a fish, as learned. */
        public double timesOn(FishId victim) {
            return timesOn.getOrDefault(victim, times);
        }

        private static Known of(Resident resident, LocalDate day) {
            Life life = resident.noted();
            return new Known(life.sex(day), life.bond(day));
        }
    }

    /** A fish of which nothing but its size is known. */
    public Fish(FishId id, String name, Species species, GrowthCurve growth, LocalDate arrivesOn) {
        this(id, name, species, growth, arrivesOn, Known.NOTHING);
    }

    /** Whether two live in one bond. */
    public boolean isBondedTo(Fish other) {
        return known.bond()
                .flatMap(mine ->
                        other.known.bond().filter(theirs -> theirs.bond().equals(mine.bond())))
                .isPresent();
    }

    /** A fish that is as long as its curve begins with on the day it comes. */
    public Fish(FishId id, String name, Species species, GrowthCurve growth) {
        this(id, name, species, growth, growth.startsOn());
    }

    /** A resident as it is known on a day. */
    static Fish resident(Resident resident, Species kind, LocalDate today) {
        Species species = resident.individual().map(one -> one.of(kind)).orElse(kind);
        GrowthCurve growth = curve(species, resident.arrivedOn(), resident.lengthCm());
        for (Life.Measured length : resident.noted().lengths()) {
            if (!length.on().isAfter(today) && !length.on().isBefore(resident.arrivedOn())) {
                growth = growth.measured(length.on(), length.cm());
            }
        }
        return new Fish(
                resident.id(), resident.name(), species, growth, resident.hereSince(today), Known.of(resident, today));
    }

    static Fish wished(Wish wish, Species kind, LocalDate arrivesOn) {
        Species species = wish.individual().map(one -> one.of(kind)).orElse(kind);
        double lengthCm = wish.lengthCm().orElse(species.size().saleCm().value());
        Fish fish = newcomer(wish.id().fish(), species, lengthCm, arrivesOn);
        return new Fish(
                fish.id,
                fish.name,
                species,
                fish.growth,
                arrivesOn,
                new Known(wish.sight().flatMap(ShopSighting::sex), Optional.empty()));
    }

    /** A fish nobody has wished for yet. */
    public static Fish newcomer(FishId id, Species species, double lengthCm, LocalDate arrivesOn) {
        return new Fish(id, species.commonName(), species, curve(species, arrivesOn, lengthCm));
    }

    /** How a fish of a species grows from a length on. */
    public static GrowthCurve curve(Species species, LocalDate from, double lengthCm) {
        Sourced adult = species.size().adultCm();
        Sourced rate = species.growth().ratePerYear();
        return new GrowthCurve(
                from,
                lengthCm,
                new GrowthParameters(
                        adult.value(),
                        rate.value(),
                        adult.spread().orElse(GrowthParameters.USUAL_ADULT_SPREAD),
                        rate.spread().orElse(GrowthParameters.USUAL_RATE_SPREAD)));
    }

    /** Length in cm on a date. */
    public double lengthCmOn(LocalDate date) {
        return growth.lengthCmOn(date);
    }

    /** The same fish, arriving on another day at its present starting length. */
    public Fish on(LocalDate day) {
        return new Fish(id, name, species, growth.from(day), day, known);
    }

    /** The same fish with what was learned of how it attacks others. */
    public Fish learned(double times, Map<FishId, Double> timesOn) {
        return new Fish(id, name, species, growth, arrivesOn, new Known(known.sex, known.bond, times, timesOn));
    }

    /** The same fish with its species seen otherwise. */
    public Fish of(Species other) {
        return new Fish(id, name, other, growth, arrivesOn, known);
    }

    /** The same fish in a stay that begins on a day. */
    Fish since(LocalDate day) {
        return new Fish(id, name, species, growth, day, known);
    }
}
