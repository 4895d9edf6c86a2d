package org.pelluna.app.demo;

import java.time.Clock;
import java.time.LocalDate;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.plan.PlanFile;
import org.pelluna.core.plan.PlanFileException;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.species.Catalogue;
import org.springframework.boot.autoconfigure.condition.ConditionalOnBooleanProperty;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Judges the demo's reef some times after a start. Until the machine has compiled what judges a plan, a judgement takes seconds instead of a tenth of one, and the first
 * keeper would wait for it. Done beside all else, on a thread that gives way to every other.
 */
@Component
@ConditionalOnBooleanProperty(name = "pelluna.warm-up", matchIfMissing = true)
class WarmUp {
    private static final int TIMES = 60;

    private final Catalogue catalogue;
    private final Clock clock;

    WarmUp(Catalogue catalogue, Clock clock) {
        this.catalogue = catalogue;
        this.clock = clock;
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        Thread thread = new Thread(this::judge, "warm-up");
        thread.setDaemon(true);
        thread.setPriority(Thread.MIN_PRIORITY);
        thread.start();
    }

    private void judge() {
        TankPlan plan = reef();
        for (int day = 0; day < TIMES; day++) {
            Assessment.of(DemoDates.moved(plan, LocalDate.now(clock).plusDays(day)), catalogue);
        }
    }

    private TankPlan reef() {
        try {
            return PlanFile.read(DemoKeeper.text("skerry-reef"), catalogue);
        } catch (PlanFileException e) {
            throw new IllegalStateException("a demo plan cannot be read", e);
        }
    }
}
