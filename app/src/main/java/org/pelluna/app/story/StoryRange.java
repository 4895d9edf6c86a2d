package org.pelluna.app.story;

import java.time.LocalDate;
import java.util.Optional;
import org.pelluna.app.chart.TimeWindow;
import org.pelluna.core.story.Lane;
import org.pelluna.core.story.Story;

/** A stretch of the story: the first day drawn, and the last. */
record StoryRange(LocalDate from, LocalDate to) {
    /** A month, a week or a year looks back more than ahead. */
    private static final double BEHIND = 0.8;

    static StoryRange of(Story story, Zoom zoom, Optional<LocalDate> from) {
        if (zoom == Zoom.ALL) {
            return new StoryRange(story.from(), story.to());
        }
        LocalDate begin = from.filter(
                        day -> !day.isBefore(story.from().minusDays(zoom.days())) && !day.isAfter(story.to()))
                .orElse(story.today().minusDays(Math.round(zoom.days() * BEHIND)));
        return new StoryRange(begin, begin.plusDays(zoom.days()));
    }

    /** Two days that somebody pointed at, as far as the story reaches. */
    static StoryRange between(Story story, LocalDate from, LocalDate to) {
        TimeWindow drawn = new TimeWindow(story.from(), story.to()).between(from, to);
        return new StoryRange(drawn.from(), drawn.to());
    }

    /** Whether a fish is there on any day of it. */
    boolean shows(Lane lane) {
        return lane.stays().stream()
                .anyMatch(days -> !days.from().isAfter(to)
                        && days.until().filter(day -> day.isBefore(from)).isEmpty());
    }

    boolean holds(LocalDate day) {
        return !day.isBefore(from) && !day.isAfter(to);
    }
}
