package org.pelluna.core.species;

/** What a fish asks of its keeper. */
public enum Care {
    EASY,
    MODERATE,
    DEMANDING
}
