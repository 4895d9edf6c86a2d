package org.pelluna.core.headroom;

import org.pelluna.core.finding.Provenance;
import org.pelluna.core.species.Habits;
import org.pelluna.core.species.Species;

/**
 * The dry food a fish is given each day. Our own estimate: 1 % of the body mass of a 100 g fish at 25 °C, with mass to the
 * power 0.8 (Clarke & Johnston 1999, not yet checked), twice as much for each 10 °C, more for those that swim all day and less
 * for those that sit and wait.
 */
public final class Ration {
    /** Where the ration comes from. */
    public static final Provenance SOURCE = Provenance.own(
            "ration by mass to the power 0.8 (Clarke & Johnston 1999, not yet checked), 1 % a day at 100 g and 25 °C");

    private static final double GRAMS_AT_100 = 1;
    private static final double MASS_EXPONENT = 0.8;
    private static final double Q10 = 2;

    private Ration() {}

    /** Grams of dry food a day for a fish of this length in water of this temperature. */
    public static double gramsPerDay(Species species, double lengthCm, double celsius) {
        double mass = species.growth().massA().value()
                * Math.pow(lengthCm, species.growth().massB().value());
        return GRAMS_AT_100
                * Math.pow(mass / 100, MASS_EXPONENT)
                * Math.pow(Q10, (celsius - 25) / 10)
                * style(species.habits().swimming());
    }

    private static double style(Habits.Swimming swimming) {
        return switch (swimming) {
            case CRUISES -> 1.25;
            case ROAMS -> 1;
            case HOVERS -> 0.8;
            case PERCHES -> 0.65;
        };
    }
}
