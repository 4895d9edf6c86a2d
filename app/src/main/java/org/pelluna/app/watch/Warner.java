package org.pelluna.app.watch;

import java.util.List;
import java.util.UUID;
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
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Tells keepers what their record asks to be looked at: after every entry, and every so often, since some things come with time. */
@Component
class Warner {
    private static final Logger LOG = LoggerFactory.getLogger(Warner.class);

    private final TankStore tanks;
    private final TankCache cache;
    private final Mailbox mailbox;

    Warner(TankStore tanks, TankCache cache, Mailbox mailbox) {
        this.cache = cache;
        this.tanks = tanks;
        this.mailbox = mailbox;
    }

    /** Looks at one tank. */
    void look(UUID keeperId, UUID tankId) {
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
            try {
                look(one.keeperId(), one.tankId());
            } catch (NotFoundException e) {
                LOG.debug("tank {} was removed meanwhile", one.tankId());
            } catch (RuntimeException e) {
                // One tank that cannot be looked at keeps no other from being.
                LOG.error("tank {} could not be looked at", one.tankId(), e);
            }
        }
    }
}
