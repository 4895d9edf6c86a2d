package org.pelluna.app.web;

import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.springframework.stereotype.Component;

/** What needs much memory is done one after the other, so that twenty files sent at once need no more than one. */
@Component
public class HeavyWork {
    private static final int MOST_SECONDS = 30;

    private final Semaphore turns = new Semaphore(1, true);

    /**
     * Waits for its turn; whoever has begun ends.
     *
     * @throws Refused if others take too long
     */
    public void begin() {
        try {
            if (!turns.tryAcquire(MOST_SECONDS, TimeUnit.SECONDS)) {
                throw new Refused("many files are being taken in just now; send yours again in a minute");
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new Refused("the server is stopping; send your file again in a minute");
        }
    }

    /** Gives the turn to the next. */
    public void end() {
        turns.release();
    }
}
