package org.pelluna.core.arrival;

/** How long a newcomer stays in the acclimation box: the harder its hardest pressure, the longer; common practice. */
final class AcclimationBox {
    static final int MOST_DAYS = 7;
    private static final int FEW_DAYS = 2;

    private AcclimationBox() {}

    /**
     * Days in the box; 0 where it goes straight in.
     *
     * @param hardest the hardest pressure of one fish on one newcomer in its first week without a box, encounters/h
     * @param careful the pressure from which the house asks for care, encounters/h
     */
    static int days(double hardest, double careful) {
        return hardest >= careful ? MOST_DAYS : hardest >= careful / 2 ? FEW_DAYS : 0;
    }
}
