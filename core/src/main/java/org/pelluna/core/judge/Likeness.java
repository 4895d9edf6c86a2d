package org.pelluna.core.judge;

import org.pelluna.core.species.Species;

/** How far two species are from each other in a keeper's eyes: kinship, size, body and what they eat. Ours. */
final class Likeness {
    /** Two species up to this far apart can stand in for each other. */
    static final double ALIKE = 1.35;

    private static final double TWICE_THE_SIZE = 0.35;
    private static final double OTHER_GENUS = 0.3;
    private static final double OTHER_FAMILY = 0.9;
    private static final double OTHER_BODY = 0.5;
    private static final double OTHER_FOOD = 0.3;

    private Likeness() {}

    /** 0 for species of one genus, size, body and diet; each doubling of the size counts 0.35. */
    static double between(Species one, Species other) {
        double kin = one.genus().equals(other.genus())
                ? 0
                : one.family().equals(other.family()) ? OTHER_GENUS : OTHER_FAMILY;
        double doublings = Math.abs(Math.log(
                        one.size().adultCm().value() / other.size().adultCm().value()))
                / Math.log(2);
        double body = one.look().plan() == other.look().plan() ? 0 : OTHER_BODY;
        double food = one.habits().diet() == other.habits().diet() ? 0 : OTHER_FOOD;
        return kin + TWICE_THE_SIZE * doublings + body + food;
    }
}
