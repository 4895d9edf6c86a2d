package org.pelluna.core.water;

/** What evaporation does to the salinity: water goes, salt stays. */
public final class Evaporation {
    private Evaporation() {}

    /**
     * Salinity where nobody tops up.
     *
     * @param salinity at the beginning
     * @param shareADay of the volume at the beginning, 0 to below 1
     * @param days how long; so that some water is left
     */
    public static double salinityAfter(double salinity, double shareADay, double days) {
        double left = 1 - shareADay * days;
        if (!(left > 0)) {
            throw new IllegalArgumentException("nothing would be left of the water");
        }
        return salinity / left;
    }
}
