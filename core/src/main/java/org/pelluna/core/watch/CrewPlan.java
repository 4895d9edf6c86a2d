package org.pelluna.core.watch;

import java.time.LocalDate;
import org.pelluna.core.stored.IfAbsent;
import org.pelluna.core.tank.AnimalGroup;

/**
 * Invertebrates that the keeper means to buy: a pistol shrimp for a goby, an anemone, a crew.
 *
 * @param id key within its plan
 * @param group which animals
 * @param name what the keeper calls them
 * @param count how many
 * @param since the day they were planned
 */
public record CrewPlan(
        String id,
        AnimalGroup group,
        String name,
        @IfAbsent("1") int count,
        LocalDate since) {
    public CrewPlan {
        if (count < 1 || count > 1000) {
            throw new IllegalArgumentException("plan 1 to 1,000 animals");
        }
        if (name.isBlank() || name.length() > 60) {
            throw new IllegalArgumentException("a name has 1 to 60 characters");
        }
    }

    /** The same, so many days later. */
    public CrewPlan later(long days) {
        return new CrewPlan(id, group, name, count, since.plusDays(days));
    }
}
