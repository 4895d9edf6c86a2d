package org.pelluna.core.species;

/**
 * A part that stands out.
 *
 * @param part which part
 * @param colour its colour
 */
public record Accent(Part part, Colour colour) {
    /** The parts, from snout to tail, then the fins and what edges them. */
    public enum Part {
        SNOUT,
        LIPS,
        FACE,
        BROW,
        EYE_BAND,
        EYE_RING,
        CHEEK,
        GILL,
        SHOULDER,
        BAR,
        PATCH,
        BELLY,
        BACK,
        EDGE,
        EYESPOT,
        ROOT,
        TAIL,
        DORSAL,
        FIN_SPOTS,
        ANAL,
        PECTORAL,
        PELVIC,
        BANNER,
        MARGIN
    }
}
