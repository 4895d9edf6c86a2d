package org.pelluna.core.arrival;

/** The sum of a figure over a set of units, answered at once for any set: a table for each half of the units. */
final class SetSum {
    private static final int HALF = 16;
    private static final int LOW = (1 << HALF) - 1;

    private final double[] values;
    private final double[] low;
    private final double[] high;

    SetSum(double[] values) {
        this.values = values.clone();
        this.low = table(0, Math.min(HALF, values.length));
        this.high = table(HALF, Math.min(values.length, ExactOrder.MOST_UNITS));
    }

    private double[] table(int from, int to) {
        double[] table = new double[1 << Math.max(0, to - from)];
        for (int set = 1; set < table.length; set++) {
            int lowest = Integer.numberOfTrailingZeros(set);
            table[set] = table[set & (set - 1)] + values[from + lowest];
        }
        return table;
    }

    double of(int set) {
        int upper = set >>> HALF;
        if (upper < high.length) {
            return low[set & LOW] + high[upper];
        }
        double sum = low[set & LOW];
        for (int rest = upper; rest != 0; rest &= rest - 1) {
            sum += values[HALF + Integer.numberOfTrailingZeros(rest)];
        }
        return sum;
    }
}
