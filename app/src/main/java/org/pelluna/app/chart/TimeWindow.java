package org.pelluna.app.chart;

import java.time.LocalDate;
import java.util.Optional;

/**
 * The days that a chart shows.
 *
 * @param from the first
 * @param to the last
 */
public record TimeWindow(LocalDate from, LocalDate to) {
    /** Fewer days are not drawn. */
    private static final int SHORTEST = 4;

    /**
     * Two days that somebody pointed at, as far as these reach.
     *
     * @return within this window, at least {@link #SHORTEST} days
     */
    public TimeWindow between(LocalDate first, LocalDate last) {
        LocalDate latest = to.minusDays(SHORTEST);
        LocalDate begin = first.isBefore(from) ? from : first.isAfter(latest) ? latest : first;
        LocalDate end = last.isAfter(to) ? to : last;
        return new TimeWindow(begin, end.isBefore(begin.plusDays(SHORTEST)) ? begin.plusDays(SHORTEST) : end);
    }

    /** {@link #between}, if both days were given; nothing otherwise. */
    public Optional<TimeWindow> asked(Optional<LocalDate> first, Optional<LocalDate> last) {
        return first.flatMap(begin -> last.map(end -> between(begin, end)));
    }
}
