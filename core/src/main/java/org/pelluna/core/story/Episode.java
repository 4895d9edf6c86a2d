package org.pelluna.core.story;

import java.time.LocalDate;
import java.util.List;

/**
 * An arrival and its weeks, up to the next.
 *
 * @param from the day of the arrival
 * @param to the last day told
 * @param title who came
 * @param lines what happened, a sentence each, in order
 */
public record Episode(LocalDate from, LocalDate to, String title, List<String> lines) {
    public Episode {
        lines = List.copyOf(lines);
    }
}
