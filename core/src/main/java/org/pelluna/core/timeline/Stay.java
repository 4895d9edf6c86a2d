package org.pelluna.core.timeline;

import java.time.LocalDate;
import java.util.Optional;
import org.threeten.extra.LocalDateRange;

/**
 * The days on which one fish is in one place. The day it comes is the first of them, the day it leaves is none of them any more;
 * whoever leaves on the day it came was never there.
 *
 * @param who the fish, or what stands for it
 * @param days its days; without an end while it is still there
 */
public record Stay<T>(T who, LocalDateRange days) {

    /**
     * A stay from one day, up to but not including another.
     *
     * @param leftOn the day it left; empty while it is there
     * @throws IllegalArgumentException if it left before it came
     */
    public static <T> Stay<T> of(T who, LocalDate cameOn, Optional<LocalDate> leftOn) {
        if (leftOn.filter(day -> day.isBefore(cameOn)).isPresent()) {
            throw new IllegalArgumentException(
                    "a stay cannot end on " + leftOn.get() + ", before it begins on " + cameOn);
        }
        return new Stay<>(who, LocalDateRange.of(cameOn, leftOn.orElse(LocalDate.MAX)));
    }

    /** Whether it is there on a day. */
    public boolean covers(LocalDate day) {
        return days.contains(day);
    }

    public LocalDate cameOn() {
        return days.getStart();
    }

    /** The day it left, a future one if that is known already; empty while it is there. */
    public Optional<LocalDate> leftOn() {
        return days.isUnboundedEnd() ? Optional.empty() : Optional.of(days.getEnd());
    }
}
