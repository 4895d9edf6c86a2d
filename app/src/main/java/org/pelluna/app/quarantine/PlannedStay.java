package org.pelluna.app.quarantine;

import java.time.LocalDate;

/**
 * Days in quarantine that the plan of a tank foresees.
 *
 * @param tank the tank they are for
 * @param names whose days
 * @param from the first
 * @param until the first after them
 */
record PlannedStay(String tank, String names, LocalDate from, LocalDate until) {
    /** Whether two are on one day. */
    boolean meets(PlannedStay other) {
        return from.isBefore(other.until) && other.from.isBefore(until);
    }
}
