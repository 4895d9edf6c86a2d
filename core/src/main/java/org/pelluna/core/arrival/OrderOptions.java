package org.pelluna.core.arrival;

import org.pelluna.core.plan.Approaches;
import org.pelluna.core.plan.HouseRules;

/**
 * What an alternative plan does otherwise.
 *
 * @param together whether rivals may share a day
 * @param everyoneBoxed whether each newcomer goes through the box, attacked hard or not
 * @param last units that come when all others have, as a set
 */
record OrderOptions(boolean together, boolean everyoneBoxed, int last) {
    /** As the house rules have it. */
    static OrderOptions of(HouseRules rules) {
        return new OrderOptions(rules.approaches().kin() != Approaches.Kin.NEVER, false, 0);
    }
}
