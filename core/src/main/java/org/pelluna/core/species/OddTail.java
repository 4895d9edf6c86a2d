package org.pelluna.core.species;

/** Tails that go with a plan. */
public enum OddTail {
    NONE,
    POINTED,
    ROUND,
    SHARK,
    WHIP
}
