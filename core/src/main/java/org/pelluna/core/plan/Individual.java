package org.pelluna.core.plan;

import java.util.Optional;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.species.Sourced;
import org.pelluna.core.species.Species;
import org.pelluna.core.stored.IfAbsent;

/**
 * How one fish differs from its kind: individuals do, and its keeper knows.
 *
 * @param temperFactor its temper as a multiple of its kind's, 0.1 to 4
 * @param adultCm the length it is expected to reach, cm; empty for its kind's
 * @param note why; stays visible
 */
public record Individual(
        @IfAbsent("1") double temperFactor,
        Optional<Double> adultCm,
        @IfAbsent("\"no reason given\"") String note) {

    public Individual {
        if (!(temperFactor >= 0.1 && temperFactor <= 4)) {
            throw new IllegalArgumentException("temperament is 0.1 to 4 times the usual, but was " + temperFactor);
        }
        if (adultCm.filter(cm -> !(cm > 0 && cm <= 300)).isPresent()) {
            throw new IllegalArgumentException("an adult is more than 0 and at most 300 cm long");
        }
        if (note.isBlank()) {
            throw new IllegalArgumentException("say why this fish differs from its species");
        }
    }

    /** The species as this one shows it: every share of its temper multiplied, none above 1. */
    Species of(Species kind) {
        Species.Size size = kind.size();
        double adult = adultCm.orElse(size.adultCm().value());
        return kind.individual(
                new Species.Size(
                        size.measure(),
                        size.maximumCm().value() >= adult ? size.maximumCm() : entered(adult),
                        adultCm.isPresent() ? entered(adult) : size.adultCm(),
                        size.saleCm()),
                kind.temper().times(temperFactor, Provenance.KEEPER));
    }

    private static Sourced entered(double value) {
        return new Sourced(value, Provenance.KEEPER);
    }
}
