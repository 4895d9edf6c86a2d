package org.pelluna.app.quarantine;

import java.time.LocalDate;
import org.pelluna.core.id.WishId;

/**
 * Days in quarantine that the plan of a tank contain.
 *
 * @param tankId key of the tank they are for
 * @param tank its name
 * @param wish the first wish of the arrival
 * @param names whose days
 * @param from the first
 * @param until the first after them
 */
record PlannedStay(String tankId, String tank, WishId wish, String names, LocalDate from, LocalDate until) {
    /** Whether two are on one day. */
    boolean meets(PlannedStay other) {
        return from.isBefore(other.until) && other.from.isBefore(until);
    }
}
