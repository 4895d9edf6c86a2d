package org.pelluna.core.watch;

import java.time.LocalDate;

/**
 * A display that is left without fish so that a parasite dies out. The days count from when the last fish is out, which the record of
 * the fish says; only the reason is kept here.
 *
 * @param id key within its plan
 * @param parasite what it is for
 * @param on the day the keeper decided it
 */
public record Fallow(String id, Parasite parasite, LocalDate on) {
    /** The same, so many days later. */
    public Fallow later(long days) {
        return new Fallow(id, parasite, on.plusDays(days));
    }
}
