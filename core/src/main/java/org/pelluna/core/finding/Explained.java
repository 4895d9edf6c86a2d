package org.pelluna.core.finding;

import java.util.List;

/**
 * How a figure came about: what it is, its arithmetic with this tank's numbers, and on whose word.
 *
 * @param sentence what is computed, in a sentence
 * @param arithmetic the formula with the numbers in it, ending in the figure
 * @param reasons what stands behind each number, in its order
 * @param source where the method comes from
 */
public record Explained(String sentence, String arithmetic, List<String> reasons, Provenance source) {
    public Explained {
        reasons = List.copyOf(reasons);
    }
}
