package org.pelluna.core.reef;

import java.time.LocalDate;
import org.pelluna.core.plan.Fish;

/**
 * A fish of the plan as it is on a day.
 *
 * @param fish the fish
 * @param presence whether it is in the tank
 * @param lengthCm its length on the day, cm; of a fish to come, the length at which it arrives; of one that left, its last
 * @param since the day it arrived, is to arrive, or left
 * @param planned whether it is still a wish today
 */
public record FishOnDay(Fish fish, Presence presence, double lengthCm, LocalDate since, boolean planned) {

    /** Whether a fish is in the tank on a day. */
    public enum Presence {
        HERE,
        TO_COME,
        GONE
    }
}
