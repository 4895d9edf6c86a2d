package org.pelluna.core.plan;

import java.time.LocalDate;
import java.util.Optional;
import org.pelluna.core.stored.IfAbsent;

/**
 * Days out of the display: neither company, nor watched, nor counted among those who live there.
 *
 * @param id its key
 * @param from its first day
 * @param until the day it came back; empty while it is out
 * @param place where it is
 * @param note why, in the keeper's words
 */
public record Absence(
        String id,
        LocalDate from,
        Optional<LocalDate> until,
        @IfAbsent("\"quarantine\"") Place place,
        Optional<String> note) {
    public Absence {
        if (until.filter(day -> day.isBefore(from)).isPresent()) {
            throw new IllegalArgumentException(
                    "it cannot return on " + until.get() + ", before " + from + ", the day it was taken out");
        }
    }

    /** Whether it is out on a day. */
    public boolean covers(LocalDate day) {
        return !day.isBefore(from) && until.filter(back -> !day.isBefore(back)).isEmpty();
    }

    /** Where a fish is while it is out of the display's company. */
    public enum Place {
        BOX("in a box in the tank"),
        QUARANTINE("in quarantine"),
        OTHER_TANK("in another tank"),
        /** Nobody has seen it; found again, it is back. */
        MISSING("missing");

        private final String words;

        Place(String words) {
            this.words = words;
        }

        /** The place as a keeper reads it. */
        public String words() {
            return words;
        }
    }
}
