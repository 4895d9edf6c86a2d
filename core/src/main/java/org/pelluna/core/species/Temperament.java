package org.pelluna.core.species;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import org.pelluna.core.finding.Provenance;

/**
 * How a species takes to others.
 *
 * @param toward how harshly it meets each kind of fish
 * @param newcomers how much being there first emboldens it, 0 to 1
 * @param territory how strongly it holds a patch, 0 to 1
 * @param patchCm across the patch it holds, cm
 * @param boldness 0 shy to 1 bold
 * @param delicacy 0 robust to 1 delicate
 * @param spread one standard deviation between its individuals, as a share of what is usual of the kind; empty where they are no more and no less alike than others'
 * @param from where these are known from
 */
@RecordBuilder
public record Temperament(
        Toward toward,
        double newcomers,
        double territory,
        double patchCm,
        double boldness,
        double delicacy,
        Optional<Double> spread,
        Provenance from)
        implements TemperamentBuilder.With {

    /** How far individuals lie apart in how often they attack, where nothing else is known of their kind. */
    public static final double USUAL_SPREAD = 0.63;

    /** A fish shorter than this share of another's length is a smaller fish to it. */
    public static final double SMALLER = 0.6;

    /**
     * How harshly it meets each kind of fish, from 0, ignores them, to 1, attacks on sight. The harsher of two applicable
     * values counts, so that {@code ownSpecies >= genus >= family >= others} must hold.
     *
     * @param ownSpecies toward its own species
     * @param genus toward its genus
     * @param family toward its family
     * @param lookAlike toward fish of like body and colour
     * @param nicheRival toward fish that eat the same in the same place
     * @param others toward all other fish
     * @param smallerFish toward fish of less than {@value #SMALLER} of its own length, whatever their kind
     */
    public record Toward(
            double ownSpecies,
            double genus,
            double family,
            double lookAlike,
            double nicheRival,
            double others,
            double smallerFish) {
        public Toward {
            requireShares(ownSpecies, genus, family, lookAlike, nicheRival, others, smallerFish);
            if (!(ownSpecies >= genus && genus >= family && family >= others)) {
                throw new IllegalArgumentException(
                        "temperament must not rise from own species to genus, family and others, but was " + ownSpecies
                                + ", " + genus + ", " + family + ", " + others);
            }
        }

        private Toward times(double factor) {
            return new Toward(
                    Math.min(1, ownSpecies * factor),
                    Math.min(1, genus * factor),
                    Math.min(1, family * factor),
                    Math.min(1, lookAlike * factor),
                    Math.min(1, nicheRival * factor),
                    Math.min(1, others * factor),
                    Math.min(1, smallerFish * factor));
        }
    }

    /** When it should arrive, for the sake of those that come after it. */
    public enum Turn {
        /** At any place. */
        ANY,
        /** After all that it would attack: it is hard on whatever arrives later. */
        LATE,
        /** After those, too: it attacks nearly every fish on sight. */
        LAST
    }

    /** Hardness on later arrivals from which a fish comes late. Ours: it divides the kinds that keepers add last from the others. */
    private static final double LATE_FROM = 0.52;

    /** The same from which it comes last of all; ours. */
    private static final double LAST_FROM = 0.68;

    /** Temper toward all other fish from which it comes late, however little being there first adds; ours. */
    private static final double HARD_ON_ALL = 0.5;

    /**
     * How hard it is on fish of all kinds that arrive after it, 0 to 1: the geometric mean of its temper toward others and of how much
     * being there first emboldens it. A fish that ignores others, or that gains nothing by being first, is not hard on newcomers.
     */
    public double towardLater() {
        return Math.sqrt(toward.others() * newcomers);
    }

    /** When it should arrive: the hardest on newcomers last (common practice; the marks are ours). */
    public Turn turn() {
        double hardness = towardLater();
        return hardness >= LAST_FROM
                ? Turn.LAST
                : hardness >= LATE_FROM || toward.others() >= HARD_ON_ALL ? Turn.LATE : Turn.ANY;
    }

    /** How far its individuals lie apart: one standard deviation, as a share of what is usual of the kind. */
    public double apart() {
        return spread.orElse(USUAL_SPREAD);
    }

    /** The same with every share toward others multiplied, none above 1. */
    public Temperament times(double factor, Provenance source) {
        return withToward(toward.times(factor)).withFrom(source);
    }

    private static void requireShares(double... shares) {
        for (double share : shares) {
            if (!(share >= 0 && share <= 1)) {
                throw new IllegalArgumentException("a share of temperament is 0 to 1, but was " + share);
            }
        }
    }

    public Temperament {
        requireShares(newcomers, territory, boldness, delicacy);
        if (spread.filter(share -> !(share > 0 && share < 1)).isPresent()) {
            throw new IllegalArgumentException("a spread is a share between 0 and 1, but was " + spread.get());
        }
        if (!(patchCm > 0)) {
            throw new IllegalArgumentException("a patch is more than 0 cm across, but was " + patchCm);
        }
    }
}
