package org.pelluna.core.species;

/** Forms of the mouth. */
public enum Mouth {
    SMALL,
    WIDE,
    LARGE,
    LIPS,
    LOW,
    UP,
    TEETH,
    BEAK,
    GAPE,
    TUBE,
    UNDER,
    NONE
}
