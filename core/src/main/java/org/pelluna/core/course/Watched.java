package org.pelluna.core.course;

/**
 * A time watched, and what was seen of one quarrel meanwhile.
 *
 * @param day days since the two came together
 * @param hours how long was watched
 * @param count encounters seen
 * @param becauseSeen whether it was written down only because something was seen; such a watch says nothing of how often nothing is
 */
public record Watched(double day, double hours, int count, boolean becauseSeen) {
    public Watched {
        if (!(hours > 0) || count < 0) {
            throw new IllegalArgumentException("a watch lasts more than 0 hours and sees 0 attacks or more");
        }
        if (becauseSeen && count == 0) {
            throw new IllegalArgumentException("nothing was seen, so it was not written down because of that");
        }
    }

    /** A watch that was begun without knowing what it would show. */
    public Watched(double day, double hours, int count) {
        this(day, hours, count, false);
    }

    /** Encounters an hour. */
    public double perHour() {
        return count / hours;
    }
}
