package org.pelluna.core.finding;

/**
 * A number that a finding used.
 *
 * @param name what it measures, in a keeper's words
 * @param value the number, in {@code unit}
 * @param unit the unit's symbol; empty for a count or a share
 * @param provenance where the number comes from
 */
public record Figure(String name, double value, String unit, Provenance provenance) {
    public Figure {
        if (!Double.isFinite(value)) {
            throw new IllegalArgumentException("the figure '" + name + "' must be finite, but was " + value);
        }
    }

    /** A number the keeper entered, or one computed from nothing else. */
    public static Figure measured(String name, double value, String unit) {
        return new Figure(name, value, unit, Provenance.KEEPER);
    }
}
