package org.pelluna.core.statistics;

/**
 * An interval.
 *
 * @param low its lower end
 * @param high its upper end; may be infinite
 */
public record Interval(double low, double high) {
    public Interval {
        if (!(low <= high)) {
            throw new IllegalArgumentException("an interval runs upwards, but was " + low + " to " + high);
        }
    }

    /** Whether a value lies in it. */
    public boolean holds(double value) {
        return value >= low && value <= high;
    }
}
