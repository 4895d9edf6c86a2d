package org.pelluna.core.tension;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.pelluna.core.course.Watched;

/**
 * When a newcomer and those who attack it first met. A fish that hides for some days is not at peace with the others: it has not met them. Its
 * course begins with the first attack; the watches before say nothing of it, and the one in which it was seen is one that was chosen because of it.
 *
 * @param day the day on which the course begins
 * @param watches the watches from then on, by days since then
 */
record Meeting(LocalDate day, List<Watched> watches) {
    /** Watched days without an attack from which a newcomer is taken to have hidden. */
    private static final int HIDDEN_DAYS = 3;

    static Meeting of(LocalDate arrival, List<Watched> watches) {
        int first = 0;
        while (first < watches.size() && watches.get(first).count() == 0) {
            first++;
        }
        if (first < HIDDEN_DAYS || first == watches.size()) {
            return new Meeting(arrival, watches);
        }
        double begin = watches.get(first).day();
        List<Watched> since = new ArrayList<>();
        for (Watched one : watches.subList(first, watches.size())) {
            since.add(new Watched(one.day() - begin, one.hours(), one.count(), one.becauseSeen() || since.isEmpty()));
        }
        return new Meeting(arrival.plusDays((long) begin), List.copyOf(since));
    }
}
