package org.pelluna.core.arrival;

import org.pelluna.core.plan.Approaches;
import org.pelluna.core.plan.HouseRules;

/**
 * What an alternative plan does otherwise.
 *
 * @param together whether rivals may share a day
 * @param everyoneBoxed whether each newcomer goes through the box, attacked hard or not
 * @param last units that come when all others have, as a set
 * @param ranked whether bullies, clownfish and delicate surgeonfish keep the place that {@link Precedence} gives them
 */
record OrderOptions(boolean together, boolean everyoneBoxed, int last, boolean ranked) {
    OrderOptions(boolean together, boolean everyoneBoxed, int last) {
        this(together, everyoneBoxed, last, true);
    }

    /** The same in any order. */
    OrderOptions unranked() {
        return new OrderOptions(together, everyoneBoxed, last, false);
    }

    /** As the house rules have it. */
    static OrderOptions of(HouseRules rules) {
        return new OrderOptions(rules.approaches().kin() != Approaches.Kin.NEVER, false, 0);
    }
}
