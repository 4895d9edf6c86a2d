package org.pelluna.core.species;

/** Forms of the tail fin. */
public enum Tail {
    FORKED,
    LYRE,
    STRAIGHT,
    ROUND
}
