package org.pelluna.core.story;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.Fish;

/**
 * One fish in the story.
 *
 * @param fish its key
 * @param name what it is called
 * @param who the fish with its species and growth
 * @param stays when it was in the display, in order; of a planned fish the days to come
 * @param end how it went; empty while it belongs here
 * @param planned whether it is still to come
 */
public record Lane(FishId fish, String name, Fish who, List<Days> stays, Optional<End> end, boolean planned) {
    public Lane {
        stays = List.copyOf(stays);
    }

    /** From a day up to, and not on, another; empty while it lasts. */
    public record Days(LocalDate from, Optional<LocalDate> until) {}

    /**
     * How a fish went.
     *
     * @param on the day
     * @param words how, for example {@code sold}
     * @param lost whether it died or vanished
     */
    public record End(LocalDate on, String words, boolean lost) {}

    /** The day it first came. */
    public LocalDate from() {
        return stays.get(0).from();
    }
}
