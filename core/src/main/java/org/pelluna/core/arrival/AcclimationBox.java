package org.pelluna.core.arrival;

import org.pelluna.core.pressure.PressureStrengths;

/**
 * How a newcomer is let in: straight, or from the acclimation box. The harder it is attacked, the longer it stays (common practice); a box has its price, so that it pays exactly where
 * all who live here together press it half as hard as asks for care.
 *
 * @param careful the pressure from which the house asks for care, encounters/h
 * @param everyone whether each newcomer goes through the box, attacked hard or not
 */
record AcclimationBox(double careful, boolean everyone) {
    private static final int MOST_DAYS = 7;
    private static final int FEW_DAYS = 2;
    private static final double LEAVES = PressureStrengths.USUAL.of(PressureStrengths.Kind.BOX);

    /**
     * Days in the box; 0 where it goes straight in.
     *
     * @param hardest the hardest pressure of one fish on one newcomer in its first week without a box, encounters/h
     * @param all that of all together
     */
    int days(double hardest, double all) {
        return everyone || hardest >= careful || all >= 2 * careful ? MOST_DAYS : isUsed(all) ? FEW_DAYS : 0;
    }

    private boolean isUsed(double all) {
        return everyone || all >= careful / 2;
    }

    /** What is left of the pressure of all together. */
    double left(double all) {
        return isUsed(all) ? LEAVES * all : all;
    }

    /** What it costs to keep one fish in the box, in encounters/h; counted as waiting. Our own: as much as a box saves a fish that is just attacked hard enough. */
    double price(double all) {
        return isUsed(all) ? (1 - LEAVES) * careful / 2 : 0;
    }
}
