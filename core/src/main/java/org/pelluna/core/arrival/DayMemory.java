package org.pelluna.core.arrival;

import java.util.Arrays;

/** Figures by row, column and a number of days, each worked out once: a search asks for the same few ones millions of times. */
final class DayMemory {
    private final double[][][] known;

    DayMemory(int rows, int columns) {
        known = new double[rows][columns][0];
    }

    /** The figure; not a number where it is not known yet. */
    double get(int row, int column, int days) {
        double[] byDays = known[row][column];
        return days < byDays.length ? byDays[days] : Double.NaN;
    }

    /** Keeps a figure, and gives it back. */
    double keep(int row, int column, int days, double figure) {
        double[] byDays = known[row][column];
        if (byDays.length <= days) {
            int before = byDays.length;
            byDays = Arrays.copyOf(byDays, Math.max(days + 1, 2 * before));
            Arrays.fill(byDays, before, byDays.length, Double.NaN);
            known[row][column] = byDays;
        }
        byDays[days] = figure;
        return figure;
    }
}
