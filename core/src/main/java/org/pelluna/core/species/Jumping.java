package org.pelluna.core.species;

/** How readily a fish leaves the water. */
public enum Jumping {
    RARELY,
    WHEN_CHASED,
    HABITUALLY
}
