package org.pelluna.core.species;

import java.util.List;

/**
 * A fin along the back or the belly.
 *
 * @param edge which
 * @param start where its base begins
 * @param end where its base ends
 * @param tips its edge: along its base 0 to 1, and height there as a share of the body's depth
 * @param lean how far its hindmost tips trail behind their base, share of standard length
 * @param spiny share of its base that stands on spines
 */
public record MedianFin(
        MedianFin.Edge edge, double start, double end, List<Anatomy.Landmark> tips, double lean, double spiny) {
    /** Where it stands. */
    public enum Edge {
        BACK,
        BELLY
    }
}
