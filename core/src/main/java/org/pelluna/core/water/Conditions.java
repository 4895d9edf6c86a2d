package org.pelluna.core.water;

/**
 * What the water is like.
 *
 * @param celsius temperature, 5 to 35 °C
 * @param pH pH, NBS scale, 6 to 9
 * @param salinity practical salinity, 0 to 42
 */
public record Conditions(double celsius, double pH, double salinity) {
    /** pH of a reef tank that nobody has measured; common practice. */
    public static final double USUAL_PH = 8.2;

    /** How far pH is above its mean by evening, when algae and corals have used up the carbon dioxide; common practice. */
    private static final double EVENING = 0.15;

    private static final double HIGHEST_PH = 9;

    public Conditions {
        if (!(celsius >= 5 && celsius <= 35 && pH >= 6 && pH <= 9 && salinity >= 0 && salinity <= 42)) {
            throw new IllegalArgumentException("the water is 5 to 35 °C, of pH 6 to 9 and salinity 0 to 42, but was "
                    + celsius + " °C, " + pH + ", " + salinity);
        }
    }

    /** The same water in the evening: most of its ammonia that is un-ionised in a day is so then. */
    public Conditions evening() {
        return new Conditions(celsius, Math.min(HIGHEST_PH, pH + EVENING), salinity);
    }
}
