package org.pelluna.app.storage;

import java.time.Clock;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.pelluna.core.plan.Schedule;
import org.pelluna.core.plan.WaterTest;
import org.pelluna.core.plan.Wish;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What keepers decide about arrivals, and their water tests. */
@Service
@Transactional
public class ScheduleStore {
    private final TankStore tanks;
    private final Rows.Schedules schedules;
    private final Rows.WaterTests tests;
    private final Clock clock;

    ScheduleStore(TankStore tanks, Rows.Schedules schedules, Rows.WaterTests tests, Clock clock) {
        this.tanks = tanks;
        this.schedules = schedules;
        this.tests = tests;
        this.clock = clock;
    }

    /**
     * Changes the schedule; days and places of wishes that have left the plan fall away.
     *
     * @throws NotYours if the keeper has no such tank
     * @throws org.springframework.dao.OptimisticLockingFailureException if two changes meet
     */
    public void change(UUID keeperId, UUID tankId, UnaryOperator<Schedule> change) {
        var plan = tanks.plan(keeperId, tankId);
        Set<String> wishes = new HashSet<>();
        plan.wishes().stream().map(Wish::id).forEach(wishes::add);
        Schedule changed = change.apply(plan.schedule()).only(wishes::contains);
        schedules
                .findById(tankId)
                .ifPresentOrElse(
                        row -> row.change(changed), () -> schedules.saveAndFlush(new ScheduleRow(tankId, changed)));
    }

    /** Records tests; one whose key is known changes nothing. */
    public void addTests(UUID keeperId, UUID tankId, List<WaterTest> measured) {
        tanks.get(keeperId, tankId);
        for (WaterTest test : measured) {
            if (tests.findByTankIdAndPlanKey(tankId, test.id()).isEmpty()) {
                tests.save(new WaterTestRow(tankId, test));
            }
        }
    }

    public void removeTest(UUID keeperId, UUID tankId, String key) {
        test(keeperId, tankId, key).removed(clock.instant());
    }

    public void restoreTest(UUID keeperId, UUID tankId, String key) {
        test(keeperId, tankId, key).removed(null);
    }

    private WaterTestRow test(UUID keeperId, UUID tankId, String key) {
        tanks.get(keeperId, tankId);
        return tests.findByTankIdAndPlanKey(tankId, key).orElseThrow(() -> new NotYours("test"));
    }
}
