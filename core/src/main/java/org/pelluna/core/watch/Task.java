package org.pelluna.core.watch;

import java.time.LocalDate;
import java.util.Optional;
import org.pelluna.core.id.FishId;
import org.pelluna.core.stored.IfAbsent;

/**
 * Something the keeper has decided to do.
 *
 * @param id key within its plan
 * @param on the day it is due
 * @param words what
 * @param done whether it is done
 * @param fishId the fish it is about; with the fish gone it lapses. Empty if it is about none
 */
public record Task(
        String id,
        LocalDate on,
        String words,
        @IfAbsent("false") boolean done,
        Optional<FishId> fishId) {
    /** A task that is about no fish. */
    public Task(String id, LocalDate on, String words, boolean done) {
        this(id, on, words, done, Optional.empty());
    }

    public Task {
        if (words.isBlank() || words.length() > 300) {
            throw new IllegalArgumentException("a task has 1 to 300 characters");
        }
    }

    /** The same, done or not. */
    public Task done(boolean isDone) {
        return new Task(id, on, words, isDone, fishId);
    }
}
