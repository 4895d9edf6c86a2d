package org.pelluna.app.exchange;

import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.stereotype.Component;

/**
 * Takes tables in, one after the other, while their pages show the progress. What a stopped server leaves undone is taken up by
 * asking again: rows that are in already are known by their keys.
 */
@Component
class TableJobs implements DisposableBean {
    private static final Logger LOG = LoggerFactory.getLogger(TableJobs.class);

    private final ExecutorService worker = Executors.newSingleThreadExecutor(task -> new Thread(task, "tables"));
    private final Set<UUID> running = ConcurrentHashMap.newKeySet();

    /** Begins a job, unless it runs already. */
    void begin(UUID id, Runnable job) {
        if (running.add(id)) {
            worker.execute(() -> {
                try {
                    job.run();
                } catch (RuntimeException e) {
                    LOG.warn("taking in table {} failed; its keeper can ask again", id, e);
                } finally {
                    running.remove(id);
                }
            });
        }
    }

    boolean isRunning(UUID id) {
        return running.contains(id);
    }

    @Override
    public void destroy() {
        worker.shutdown();
    }
}
