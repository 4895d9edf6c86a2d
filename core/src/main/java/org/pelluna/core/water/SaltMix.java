package org.pelluna.core.water;

/** Salt and water for a change, and the steps of a salinity ramp. */
public final class SaltMix {
    private static final double GRAMS_PER_KILO = 1000;

    private SaltMix() {}

    /**
     * Dry salt for a volume of new water, g: practical salinity is taken as grams of salt in a kilogram of sea water, and
     * commercial mixes as holding some water of their own.
     *
     * @param litres volume to mix
     * @param specificGravity wanted, 25 °C/25 °C
     * @param moisture share of water in the dry mix; about 0.08 (from memory)
     */
    public static double saltGrams(double litres, double specificGravity, double moisture) {
        double salinity = Seawater.salinityOf(specificGravity);
        double kilograms =
                litres * Seawater.densityKgPerCubicMetre(salinity, Seawater.HYDROMETER_CELSIUS) / GRAMS_PER_KILO;
        return kilograms * salinity / (1 - moisture);
    }

    /**
     * The water to exchange for new water so that a tank comes to a salinity, as a share of the tank: (to − from) ÷ (new −
     * from).
     *
     * @throws IllegalArgumentException if the new water cannot bring it there
     */
    public static double shareToExchange(double fromSalinity, double toSalinity, double newSalinity) {
        double share = (toSalinity - fromSalinity) / (newSalinity - fromSalinity);
        if (!(share >= 0 && share <= 1)) {
            throw new IllegalArgumentException("water of salinity " + newSalinity + " cannot bring a tank from "
                    + fromSalinity + " to " + toSalinity);
        }
        return share;
    }
}
