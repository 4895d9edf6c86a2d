package org.pelluna.core.pressure;

import java.util.Optional;
import org.pelluna.core.species.Species;

/**
 * Why two species see rivals in each other. All who speak of rivals ask here: the order of arrival, quarantine, the ways out of trouble,
 * the shortlist.
 *
 * @param kind the kind of rivalry, the strongest if there are several
 * @param reason in words, for example {@code the same genus, Zebrasoma}
 */
public record Rivalry(Kind kind, String reason) {

    /** Kinds of rivalry, the strongest first. */
    public enum Kind {
        CONSPECIFIC,
        CONGENER,
        LOOK_ALIKE
    }

    /** The rivalry between two species, whichever sees it; empty if neither does. */
    public static Optional<Rivalry> between(Species one, Species other) {
        return seenBy(one, other).or(() -> seenBy(other, one));
    }

    /** What one species sees in another: it may be challenged without minding. Empty if it sees no rival. */
    public static Optional<Rivalry> seenBy(Species one, Species other) {
        Likeness likeness = Likeness.of(one, other);
        return switch (likeness.kin()) {
            case OWN_SPECIES -> Optional.of(new Rivalry(Kind.CONSPECIFIC, likeness.because()));
            case GENUS -> Optional.of(new Rivalry(Kind.CONGENER, likeness.because()));
            case LOOK_ALIKE -> Optional.of(new Rivalry(Kind.LOOK_ALIKE, likeness.because()));
            case FAMILY, NICHE_RIVAL, OTHER -> Optional.empty();
        };
    }

    /** Whether two species compete for the same food in the same part of the tank; that alone makes no rivals. */
    public static boolean overFood(Species one, Species other) {
        return one.habits().diet() == other.habits().diet()
                && one.habits().zone() == other.habits().zone();
    }
}
