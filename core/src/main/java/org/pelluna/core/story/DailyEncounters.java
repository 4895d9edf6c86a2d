package org.pelluna.core.story;

import java.time.LocalDate;
import org.pelluna.core.id.FishId;
import org.pelluna.core.watch.Grade;

/**
 * What one fish did to another on one day.
 *
 * @param on the day
 * @param by who did it
 * @param to whom
 * @param count how often it was seen
 * @param worst the hardest of it
 * @param entry key of one entry of the log that tells it, the hardest
 */
public record DailyEncounters(LocalDate on, FishId by, FishId to, int count, Grade worst, String entry) {

    /** Both together, told by the hardest; of the day of this one. */
    public DailyEncounters and(DailyEncounters more) {
        DailyEncounters harder = worst.compareTo(more.worst) < 0 ? more : this;
        return new DailyEncounters(on, by, to, count + more.count, harder.worst, harder.entry);
    }

    /** Whether it was pinned or wounded. */
    public boolean isHard() {
        return worst == Grade.PIN || worst == Grade.WOUND;
    }
}
