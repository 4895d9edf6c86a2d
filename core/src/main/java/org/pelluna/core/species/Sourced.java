package org.pelluna.core.species;

import org.pelluna.core.finding.Figure;
import org.pelluna.core.finding.Provenance;

/**
 * A number of the catalogue together with where it comes from.
 *
 * @param value the number, in the unit its field name says
 * @param from its provenance
 */
public record Sourced(double value, Provenance from) {

    /** The number as a figure of a finding. */
    public Figure figure(String name, String unit) {
        return new Figure(name, value, unit, from);
    }
}
