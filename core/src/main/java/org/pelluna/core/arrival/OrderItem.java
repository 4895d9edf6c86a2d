package org.pelluna.core.arrival;

import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.Fish;

/**
 * A wish that is to be placed in the order.
 *
 * @param fish stands for each of its fish
 * @param count how many arrive together
 * @param release first day, counted from the day of the plan, on which its own gates are open
 * @param gate the sentence of the gate that opens last; empty if none is shut today
 * @param open the day from which its waiting counts: the release, but for one that is put off though its gates are open
 * @param inside whether its fish are in quarantine already
 */
record OrderItem(Fish fish, int count, int release, String gate, int open, boolean inside) {
    OrderItem(Fish fish, int count, int release, String gate) {
        this(fish, count, release, gate, release, false);
    }

    OrderItem(Fish fish, int count, int release, String gate, boolean inside) {
        this(fish, count, release, gate, release, inside);
    }

    /** The wish it is for; a resident that comes back is for none, and stands in no order of wishes. */
    WishId wishId() {
        return new WishId(fish.id().key());
    }

    /** The same, not before a day counted from the day of the plan. */
    OrderItem notBefore(int day) {
        return day <= release ? this : new OrderItem(fish, count, day, "All are delayed until then.", open, inside);
    }

    String name() {
        return count == 1 ? fish.name() : count + " " + fish.name();
    }
}
