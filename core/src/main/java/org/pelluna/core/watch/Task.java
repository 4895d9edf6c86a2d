package org.pelluna.core.watch;

import java.time.LocalDate;

/**
 * Something the keeper has decided to do.
 *
 * @param id key within its plan
 * @param on the day it is due
 * @param words what
 * @param done whether it is done
 */
public record Task(String id, LocalDate on, String words, boolean done) {
    public Task {
        if (words.isBlank() || words.length() > 300) {
            throw new IllegalArgumentException("a task has 1 to 300 letters");
        }
    }

    /** The same, done or not. */
    public Task done(boolean isDone) {
        return new Task(id, on, words, isDone);
    }
}
