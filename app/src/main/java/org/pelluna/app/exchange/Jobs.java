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
 * Long work of keepers, done one after the other while its pages show the progress. What a stopped server leaves undone is taken up by
 * asking again.
 */
@Component
class Jobs implements DisposableBean {
    private static final Logger LOG = LoggerFactory.getLogger(Jobs.class);

    private final ExecutorService worker = Executors.newSingleThreadExecutor(task -> new Thread(task, "jobs"));
    private final Set<UUID> running = ConcurrentHashMap.newKeySet();

    /** Begins a job, unless it runs already. */
    void begin(UUID id, Runnable job) {
        if (running.add(id)) {
            worker.execute(() -> {
                try {
                    job.run();
                } catch (RuntimeException e) {
                    LOG.warn("job {} failed; its keeper can ask again", id, e);
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
