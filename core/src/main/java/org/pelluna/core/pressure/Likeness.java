package org.pelluna.core.pressure;

import java.util.Optional;
import java.util.Set;
import org.pelluna.core.species.Habits.Shelter;
import org.pelluna.core.species.Species;
import org.pelluna.core.species.Temperament;

/**
 * What one species is to another, and the temper that counts: the harshest of all the ways in which they are alike.
 *
 * @param kin the harshest way
 * @param temper the aggressor's temper toward it, 0 to 1
 * @param because in words, for example {@code the same genus, Zebrasoma}
 */
public record Likeness(Kin kin, double temper, String because) {

    private static final Set<String> SMALL_AND_PEACEFUL = Set.of("Gobiidae", "Blenniidae", "Apogonidae");

    /** Temper toward all others below which a fish counts as peaceful; ours. */
    private static final double PEACEFUL = 0.25;

    /** Ways of being alike, the closest first. */
    public enum Kin {
        OWN_SPECIES,
        GENUS,
        LOOK_ALIKE,
        FAMILY,
        NICHE_RIVAL,
        OTHER
    }

    /** What {@code other} is to {@code aggressor}. */
    public static Likeness of(Species aggressor, Species other) {
        Temperament.Toward temper = aggressor.temper().toward();
        Likeness harshest =
                new Likeness(Kin.OTHER, temper.others(), "not related, and no competition for food or space");
        if (Rivalry.overFood(aggressor, other)) {
            harshest = harshest.orHarsher(
                    Kin.NICHE_RIVAL,
                    temper.nicheRival(),
                    "it eats " + other.habits().diet().words() + " in the same part of the tank");
        }
        if (aggressor.family().equals(other.family()) && !liveSideBySide(aggressor, other)) {
            harshest = harshest.orHarsher(Kin.FAMILY, temper.family(), "same family");
        }
        Optional<String> looks = aggressor.look().likeness(other.look());
        if (looks.isPresent()) {
            harshest = harshest.orHarsher(Kin.LOOK_ALIKE, temper.lookAlike(), "they look alike: " + looks.get());
        }
        if (aggressor.genus().equals(other.genus())) {
            harshest = harshest.orHarsher(Kin.GENUS, temper.genus(), "same genus, " + other.genus());
        }
        if (aggressor.id().equals(other.id())) {
            harshest = harshest.orHarsher(Kin.OWN_SPECIES, temper.ownSpecies(), "same species");
        }
        return harshest;
    }

    /**
     * Small perching fish of two genera, of which at least one digs no burrow: gobies, blennies and cardinalfish of different genera leave one another
     * alone (common practice), while two that want the same burrow do not.
     */
    private static boolean liveSideBySide(Species one, Species other) {
        return SMALL_AND_PEACEFUL.contains(one.family())
                && !one.genus().equals(other.genus())
                && one.temper().toward().others() < PEACEFUL
                && (one.habits().shelter() != Shelter.BURROW || other.habits().shelter() != Shelter.BURROW);
    }

    private Likeness orHarsher(Kin otherKin, double otherTemper, String reason) {
        return otherTemper >= temper ? new Likeness(otherKin, otherTemper, reason) : this;
    }
}
