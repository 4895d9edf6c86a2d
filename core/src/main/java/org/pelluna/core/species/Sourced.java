package org.pelluna.core.species;

import java.util.Optional;
import org.pelluna.core.finding.Figure;
import org.pelluna.core.finding.Provenance;

/**
 * A number of the catalogue together with where it comes from.
 *
 * @param value the number, in the unit its field name says
 * @param from its provenance
 * @param spread one standard deviation between individuals, as a share of the number; empty where it is not known
 */
public record Sourced(double value, Provenance from, Optional<Double> spread) {

    public Sourced {
        if (spread.filter(share -> !(share > 0 && share < 1)).isPresent()) {
            throw new IllegalArgumentException("a spread is a share between 0 and 1, but was " + spread.get());
        }
    }

    /** A number of whose spread nothing is known. */
    public Sourced(double value, Provenance from) {
        this(value, from, Optional.empty());
    }

    /** The number as a figure of a finding. */
    public Figure figure(String name, String unit) {
        return new Figure(name, value, unit, from);
    }
}
