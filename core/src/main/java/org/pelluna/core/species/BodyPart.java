package org.pelluna.core.species;

/** What only some plans have. */
public enum BodyPart {
    BANNER,
    BARBELS,
    BLADE,
    CHEEK_SPINE,
    CIRRI,
    FROM_ABOVE,
    GILL_HOLE,
    GILL_SLIT,
    GILL_SLITS,
    HORNS,
    LANTERN,
    LEAF_NOSTRILS,
    LION_RAYS,
    LURE,
    NOSTRILS,
    RINGS,
    SCALES,
    SPINES,
    SUCKER,
    THICK_RAYS,
    TUFTS,
    WARTS
}
