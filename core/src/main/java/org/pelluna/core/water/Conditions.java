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

    public Conditions {
        if (!(celsius >= 5 && celsius <= 35 && pH >= 6 && pH <= 9 && salinity >= 0 && salinity <= 42)) {
            throw new IllegalArgumentException("the water is 5 to 35 °C, of pH 6 to 9 and salinity 0 to 42, but was "
                    + celsius + " °C, " + pH + ", " + salinity);
        }
    }
}
