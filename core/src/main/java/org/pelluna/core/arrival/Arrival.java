package org.pelluna.core.arrival;

import java.time.LocalDate;
import java.util.List;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.id.WishId;

/**
 * One day on which fish arrive.
 *
 * @param place its place in the order, from 1
 * @param date the earliest day that every gate and pause allows
 * @param wishIds the wishes that arrive, one, or two rivals together
 * @param names what arrives, for a sentence
 * @param fish how many fish
 * @param cost what this arrival adds to the order's cost
 * @param room the tightest load of the chosen approach from that day
 * @param boxDays days in the acclimation box; 0 where it goes straight in
 * @param reasons why this day and why this place
 */
public record Arrival(
        int place,
        LocalDate date,
        List<WishId> wishIds,
        String names,
        int fish,
        OrderCost cost,
        RoomUse room,
        int boxDays,
        List<Finding> reasons) {
    public Arrival {
        wishIds = List.copyOf(wishIds);
        reasons = List.copyOf(reasons);
    }

    /** Whether the chosen approach's ceiling is passed on that day. */
    public boolean overHeadroom() {
        return room.over();
    }
}
