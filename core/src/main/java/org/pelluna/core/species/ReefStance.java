package org.pelluna.core.species;

import java.util.Optional;
import org.pelluna.core.finding.Provenance;

/**
 * What it does to one group of animals.
 *
 * @param conduct leaves alone, tests or takes
 * @param belowCm takes only animals shorter than this, cm; empty when size does not save them
 * @param from where this is known from
 */
public record ReefStance(Conduct conduct, Optional<Double> belowCm, Provenance from) {
    /** How it behaves, from harmless to certain. */
    public enum Conduct {
        LEAVES_ALONE,
        TESTS,
        TAKES
    }
}
