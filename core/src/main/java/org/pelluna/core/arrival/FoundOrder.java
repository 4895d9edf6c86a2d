package org.pelluna.core.arrival;

import java.util.List;
import java.util.OptionalDouble;
import org.pelluna.core.units.Numbers;

/**
 * An order found.
 *
 * @param order the groups
 * @param gap by which share of its cost another order could be cheaper at most; 0 if it is proved the best; empty if nothing is proved
 */
record FoundOrder(List<Integer> order, OptionalDouble gap) {
    /** Costs closer than this are equal. */
    static final double EQUAL = 1e-9;

    static boolean isProved(OptionalDouble gap) {
        return gap.isPresent() && gap.getAsDouble() <= EQUAL;
    }

    /** What can be claimed of an order, in a sentence. */
    static String claim(OptionalDouble gap) {
        if (isProved(gap)) {
            return "No better order exists, with single arrivals or up to " + SharedDays.MOST_TOGETHER
                    + " rivals together.";
        }
        return gap.isPresent()
                ? "Best order found; a better one could gain at most "
                        + Numbers.plain(Math.ceil(1000 * gap.getAsDouble()) / 10) + " %."
                : "Best order found; there may be a better one.";
    }
}
