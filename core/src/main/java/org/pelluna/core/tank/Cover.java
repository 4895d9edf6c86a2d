package org.pelluna.core.tank;

import org.pelluna.core.stored.IfAbsent;

/**
 * What lies over the water.
 *
 * @param kind open top, mesh or solid lid
 * @param gapMm the widest opening left, mm, around pipes and cables too; without meaning for an open top
 */
public record Cover(
        @IfAbsent("\"open\"") Kind kind, @IfAbsent("0") double gapMm) {
    public Cover {
        if (!(gapMm >= 0)) {
            throw new IllegalArgumentException("the gap of a cover must be 0 mm or more, but was " + gapMm);
        }
    }

    /** Kinds of cover. */
    public enum Kind {
        OPEN,
        MESH,
        LID
    }

    /** Whether every opening is at most this wide. */
    public boolean holdsAt(double widestGapMm) {
        return kind != Kind.OPEN && gapMm <= widestGapMm;
    }
}
