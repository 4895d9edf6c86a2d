package org.pelluna.core.pressure;

/** What is done for a newcomer on its arrival. */
public enum ArrivalAid {
    /** It spends its first days in a clear perforated box in the display. */
    BOX,
    /** It is released at lights-out. */
    LIGHTS_OUT,
    /** A mirror on the glass occupies the aggressor. */
    MIRROR,
    /** The rockwork is moved, so that no resident knows its patch. */
    ROCK_MOVED,
    /** The aggressor is taken out and returned after the newcomer. */
    AGGRESSOR_REMOVED
}
