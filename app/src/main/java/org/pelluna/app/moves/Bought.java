package org.pelluna.app.moves;

import java.time.LocalDate;
import java.util.Optional;
import org.pelluna.core.plan.Resident;

/**
 * Fish of a wish as they were bought.
 *
 * @param fish how many; the rest of the wish stays one
 * @param cm how long each is
 * @param name what to call them
 * @param came where they came from, and for how much each
 * @param on the day they went in
 * @param again whether those that are in it already begin again with them
 */
public record Bought(
        int fish, double cm, String name, Optional<Resident.Acquisition> came, LocalDate on, boolean again) {}
