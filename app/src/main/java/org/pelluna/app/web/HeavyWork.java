package org.pelluna.app.web;

import java.util.List;
import java.util.UUID;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/**
 * What needs much memory is done one after the other, so that twenty files sent at once need no more than one. A keeper who sends twenty
 * stands in the queue of all once.
 */
@Component
public class HeavyWork {
    private static final int MOST_SECONDS = 30;

    private static final int LANES = 64;

    private final Semaphore turns = new Semaphore(1, true);

    /** One for each keeper; that two may share one does no harm. */
    private final List<Semaphore> lanes =
            Stream.generate(() -> new Semaphore(1, true)).limit(LANES).toList();

    /**
     * Waits for its turn; whoever has begun ends.
     *
     * @param keeper whose work it is
     * @throws RefusedException if others take too long
     */
    public void begin(UUID keeper) {
        wait(lane(keeper), "other files of yours are being taken in just now; send this one after them");
        try {
            wait(turns, "many files are being taken in just now; send yours again in a minute");
        } catch (RefusedException e) {
            lane(keeper).release();
            throw e;
        }
    }

    private Semaphore lane(UUID keeper) {
        return lanes.get(Math.floorMod(keeper.hashCode(), LANES));
    }

    private static void wait(Semaphore turn, String otherwise) {
        try {
            if (!turn.tryAcquire(MOST_SECONDS, TimeUnit.SECONDS)) {
                throw new RefusedException(otherwise);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new RefusedException("the server is stopping; send your file again in a minute");
        }
    }

    /** Gives the turn to the next. */
    public void end(UUID keeper) {
        turns.release();
        lane(keeper).release();
    }
}
