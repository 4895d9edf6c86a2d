package org.pelluna.core.water;

/**
 * Density of sea water at one atmosphere, and specific gravity against salinity.
 *
 * <p>Source: the 1980 international equation of state, EOS-80: Millero and Poisson 1981, Deep-Sea Research 28A;
 * UNESCO Technical Papers in Marine Science 44 (1983). Practical salinity 0 to 42, −2 to 40 °C.
 */
public final class Seawater {
    /** Reference temperature of a hydrometer marked 25 °C/25 °C. */
    public static final double HYDROMETER_CELSIUS = 25.0;

    private static final double MAX_SALINITY = 42.0;

    private Seawater() {}

    /**
     * Density in kg/m³.
     *
     * @param salinity practical salinity, 0 to 42
     * @param celsius temperature, −2 to 40 °C
     * @throws IllegalArgumentException outside the range in which the equation holds
     */
    public static double densityKgPerCubicMetre(double salinity, double celsius) {
        if (!(salinity >= 0 && salinity <= MAX_SALINITY)) {
            throw new IllegalArgumentException("practical salinity must be 0 to 42, but was " + salinity);
        }
        if (!(celsius >= -2 && celsius <= 40)) {
            throw new IllegalArgumentException("temperature must be -2 to 40 °C, but was " + celsius);
        }
        double t = celsius;
        double pureWater = 999.842594
                + t * (6.793952e-2 + t * (-9.095290e-3 + t * (1.001685e-4 + t * (-1.120083e-6 + t * 6.536332e-9))));
        double a = 8.24493e-1 + t * (-4.0899e-3 + t * (7.6438e-5 + t * (-8.2467e-7 + t * 5.3875e-9)));
        double b = -5.72466e-3 + t * (1.0227e-4 - t * 1.6546e-6);
        double c = 4.8314e-4;
        return pureWater + salinity * a + Math.pow(salinity, 1.5) * b + salinity * salinity * c;
    }

    /** Specific gravity at 25 °C against pure water at 25 °C. */
    public static double specificGravity(double salinity) {
        return densityKgPerCubicMetre(salinity, HYDROMETER_CELSIUS) / densityKgPerCubicMetre(0, HYDROMETER_CELSIUS);
    }

    /**
     * Practical salinity of water with the given specific gravity, 25 °C/25 °C; found by bisection, as density rises
     * with salinity throughout.
     *
     * @throws IllegalArgumentException if the gravity is that of no salinity from 0 to 42
     */
    public static double salinityOf(double specificGravity) {
        if (!(specificGravity >= 1.0 && specificGravity <= specificGravity(MAX_SALINITY))) {
            throw new IllegalArgumentException(
                    "specific gravity must be 1.000 to 1.032 (25 °C/25 °C), but was " + specificGravity);
        }
        double low = 0;
        double high = MAX_SALINITY;
        while (high - low > 1e-9) {
            double middle = (low + high) / 2;
            if (specificGravity(middle) < specificGravity) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }
}
