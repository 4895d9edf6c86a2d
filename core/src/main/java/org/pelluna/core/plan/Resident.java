package org.pelluna.core.plan;

import java.time.LocalDate;
import java.util.Optional;

/**
 * One fish that lives, or lived, in the tank.
 *
 * @param id the fish's key within its plan
 * @param speciesId its species in the catalogue
 * @param name what the keeper calls it
 * @param arrivedOn the day it went into the display
 * @param lengthCm its length on that day, cm
 * @param leftOn the day it was lost or left; empty while it lives here
 * @param individual how this one differs from its kind, if it does
 */
public record Resident(
        String id,
        String speciesId,
        String name,
        LocalDate arrivedOn,
        double lengthCm,
        Optional<LocalDate> leftOn,
        Optional<Individual> individual) {

    /** An ordinary fish of its kind. */
    public Resident(
            String id,
            String speciesId,
            String name,
            LocalDate arrivedOn,
            double lengthCm,
            Optional<LocalDate> leftOn) {
        this(id, speciesId, name, arrivedOn, lengthCm, leftOn, Optional.empty());
    }

    public Resident {
        if (name.isBlank()) {
            throw new IllegalArgumentException("a resident needs a name");
        }
        if (!(lengthCm > 0 && lengthCm <= 300)) {
            throw new IllegalArgumentException("a fish is more than 0 and at most 300 cm long, but was " + lengthCm);
        }
        if (leftOn.filter(day -> day.isBefore(arrivedOn)).isPresent()) {
            throw new IllegalArgumentException(name + " cannot have left before it arrived");
        }
    }

    /** Whether it lives here on the given day. */
    public boolean livesHere(LocalDate on) {
        return !arrivedOn.isAfter(on) && leftOn.filter(day -> !day.isAfter(on)).isEmpty();
    }
}
