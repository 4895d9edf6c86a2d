package org.pelluna.core.arrival;

import org.pelluna.core.finding.Provenance;

/**
 * The tightest load of the chosen approach from an arrival on, all grown.
 *
 * @param name what is counted
 * @param used what the fish amount to
 * @param limit what the tank carries on that day
 * @param limitNow what it carries on the day of the plan
 * @param unit the unit of all three
 * @param counts whether the house rules count headroom in this tank
 * @param source where the method comes from
 */
public record RoomUse(
        String name, double used, double limit, double limitNow, String unit, boolean counts, Provenance source) {

    /** Whether the ceiling is passed. */
    public boolean over() {
        return used > limit;
    }
}
