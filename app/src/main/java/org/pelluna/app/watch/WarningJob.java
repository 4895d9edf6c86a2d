package org.pelluna.app.watch;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import net.javacrumbs.shedlock.spring.annotation.SchedulerLock;
import org.pelluna.app.storage.Mailbox;
import org.pelluna.app.storage.NotFoundException;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.web.TankAnswers;
import org.pelluna.app.web.TankCache;
import org.pelluna.core.tension.TankTension;
import org.pelluna.core.tension.Warning;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * Looks for warnings in keepers' records and puts them into their mailboxes: after every entry, once its answer is sent, and every half
 * hour, since some warnings come with time alone. What a stopped server had not looked at yet is found by the next round.
 */
@Component
class WarningJob implements DisposableBean {
    private static final Logger LOG = LoggerFactory.getLogger(WarningJob.class);

    private final TankStore tanks;
    private final TankCache cache;
    private final Mailbox mailbox;
    private final Set<TankStore.Kept> waiting = ConcurrentHashMap.newKeySet();
    private final ExecutorService worker = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "warnings");
        thread.setPriority(Thread.MIN_PRIORITY);
        return thread;
    });

    WarningJob(TankStore tanks, TankCache cache, Mailbox mailbox) {
        this.cache = cache;
        this.tanks = tanks;
        this.mailbox = mailbox;
    }

    /** Looks at one tank as soon as the worker is free; the caller does not wait. Several entries in a row are looked at once. */
    void lookSoon(UUID keeperId, UUID tankId) {
        TankStore.Kept tank = new TankStore.Kept(keeperId, tankId);
        if (waiting.add(tank)) {
            worker.execute(() -> {
                waiting.remove(tank);
                lookAt(tank);
            });
        }
    }

    private void look(UUID keeperId, UUID tankId) {
        TankAnswers answers = cache.of(keeperId, tankId);
        List<Warning> warnings = answers.warnings();
        if (warnings.isEmpty()) {
            return;
        }
        String stands = answers.tension().map(TankTension::words).orElse("");
        for (Warning one : warnings) {
            mailbox.tell(
                    tankId,
                    one.episode(),
                    answers.plan().tank().name() + ": " + subject(one.kind()),
                    (one.words() + " " + stands).strip());
        }
    }

    private static String subject(Warning.Kind kind) {
        return switch (kind) {
            case MISSING -> "a fish is missing";
            case FIERCE -> "a fierce attack";
            case HURT -> "a fish is hurt";
            case NOT_EATING -> "a fish does not eat";
            case NOT_SETTLING -> "it is not settling";
            case STEPPED_IN -> "another has stepped in";
        };
    }

    @Scheduled(fixedDelayString = "PT30M", initialDelayString = "PT2M")
    @SchedulerLock(name = "warner", lockAtMostFor = "PT25M")
    void lookAtAll() {
        for (TankStore.Kept one : tanks.everyone()) {
            lookAt(one);
        }
    }

    /** One tank that cannot be looked at keeps no other from being. */
    private void lookAt(TankStore.Kept one) {
        try {
            look(one.keeperId(), one.tankId());
        } catch (NotFoundException e) {
            LOG.debug("tank {} was removed meanwhile", one.tankId());
        } catch (RuntimeException e) {
            LOG.error("tank {} could not be looked at", one.tankId(), e);
        }
    }

    @Override
    public void destroy() {
        worker.shutdown();
    }
}
