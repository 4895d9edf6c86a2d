package org.pelluna.core.species;

/** Chief markings. */
public enum Pattern {
    PLAIN,
    BARS,
    LINES,
    SPOTS,
    BICOLOUR,
    SADDLE,
    MASK,
    MAZE,
    EYESPOT,
    STRIPE,
    RINGS,
    NET,
    CHEVRONS,
    SADDLES,
    HEAD_BAND,
    TWO_TONE,
    BELLY_SPOTS,
    DARK_REAR
}
