package org.pelluna.core.watch;

import java.time.LocalDate;
import org.pelluna.core.id.WishId;
import org.pelluna.core.stored.IfAbsent;

/**
 * Days in this quarantine tank that are kept for an arrival of another tank; the plans of further tanks wait for them.
 *
 * @param id key within its plan
 * @param tank the key of the tank they are for
 * @param wish the first wish of the arrival there
 * @param names whose days, as a keeper reads it
 * @param from the first
 * @param until the first on which it is free again
 */
public record Reservation(
        String id,
        String tank,
        WishId wish,
        @IfAbsent("\"a fish\"") String names,
        LocalDate from,
        LocalDate until) {
    public Reservation {
        if (!until.isAfter(from)) {
            throw new IllegalArgumentException("a reservation ends after it begins");
        }
        if (names.isBlank() || names.length() > 300) {
            throw new IllegalArgumentException("a reservation is for somebody, in at most 300 characters");
        }
    }

    /** Whether it is for the arrival of a wish. */
    public boolean isFor(String tankKey, WishId wishId) {
        return tank.equals(tankKey) && wish.equals(wishId);
    }

    /** The same, so many days later. */
    public Reservation later(long days) {
        return new Reservation(id, tank, wish, names, from.plusDays(days), until.plusDays(days));
    }
}
