package org.pelluna.core.shortlist;

import java.util.Set;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.species.Species;

/**
 * Two kinds of clownfish in one tank: each pair claims a territory, and in all but a very large tank one pair kills the other (common practice). Only the two
 * closest relatives, which even breed with each other, may pair up.
 */
final class Clownfish {
    /** Water from which two kinds find territories far enough apart, L; common practice speaks of very large tanks, the figure is ours. */
    static final double TWO_KINDS_LITRES = 800;

    private static final String GENUS = "Amphiprion";
    private static final Set<SpeciesId> SISTERS =
            Set.of(new SpeciesId("amphiprion-ocellaris"), new SpeciesId("amphiprion-percula"));

    private Clownfish() {}

    /** Whether two species are two kinds of clownfish that do not live together in so much water. */
    static boolean exclude(Species one, Species other, double litres) {
        return one.genus().equals(GENUS)
                && other.genus().equals(GENUS)
                && !one.id().equals(other.id())
                && !(SISTERS.contains(one.id()) && SISTERS.contains(other.id()))
                && litres < TWO_KINDS_LITRES;
    }
}
