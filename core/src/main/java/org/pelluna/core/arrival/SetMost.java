package org.pelluna.core.arrival;

/** The largest of a figure over a set of units; 0 for none. */
final class SetMost {
    private final double[] values;

    /** The units with the largest values first, so that the first that is in a set has its largest. */
    private final int[] falling;

    SetMost(double[] values) {
        this.values = values.clone();
        this.falling = java.util.stream.IntStream.range(0, values.length)
                .boxed()
                .sorted(java.util.Comparator.comparingDouble((Integer i) -> values[i])
                        .reversed())
                .mapToInt(Integer::intValue)
                .toArray();
    }

    double of(int set) {
        for (int unit : falling) {
            if ((set & 1 << unit) != 0) {
                return Math.max(0, values[unit]);
            }
        }
        return 0;
    }
}
