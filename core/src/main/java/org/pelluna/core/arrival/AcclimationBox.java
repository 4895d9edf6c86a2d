package org.pelluna.core.arrival;

import org.pelluna.core.pressure.PressureStrengths;

/**
 * How a newcomer is let in: straight, or from the acclimation box. The harder all who live here press it together, the longer it stays (common practice); a box has its price,
 * so that it pays exactly from there on.
 *
 * @param careful the pressure from which the house asks for care, encounters/h
 * @param everyone whether each newcomer goes through the box, pressed hard or not
 */
record AcclimationBox(double careful, boolean everyone) {
    private static final int MOST_DAYS = 7;
    private static final int FEW_DAYS = 2;
    private static final double LEAVES = PressureStrengths.USUAL.of(PressureStrengths.Kind.BOX);

    /**
     * Days in the box; 0 where it goes straight in.
     *
     * @param pressed what all together would press one newcomer in its first week without a box, encounters/h
     */
    int days(double pressed) {
        return everyone || pressed >= careful ? MOST_DAYS : pressed >= careful / 2 ? FEW_DAYS : 0;
    }

    /** What is left of that pressure. */
    double left(double pressed) {
        return days(pressed) > 0 ? LEAVES * pressed : pressed;
    }

    /** What it costs to keep one fish in the box, in encounters/h; counted as waiting. Our own: as much as a box saves a fish that is just pressed hard enough. */
    double price(double pressed) {
        return days(pressed) > 0 ? (1 - LEAVES) * careful / 2 : 0;
    }
}
