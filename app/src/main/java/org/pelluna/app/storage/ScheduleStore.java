package org.pelluna.app.storage;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.pelluna.core.plan.Schedule;
import org.pelluna.core.plan.WaterTest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What keepers decide about arrivals, and their water tests. */
@Service
@Transactional
public class ScheduleStore {
    private final TankStore tanks;
    private final Rows.Schedules schedules;
    private final Rows.Wishes wishes;
    private final Rows.WaterTests tests;
    private final Clock clock;

    ScheduleStore(TankStore tanks, Rows.Schedules schedules, Rows.Wishes wishes, Rows.WaterTests tests, Clock clock) {
        this.tanks = tanks;
        this.schedules = schedules;
        this.wishes = wishes;
        this.tests = tests;
        this.clock = clock;
    }

    /**
     * Changes the schedule; days and places of wishes that have left the plan fall away.
     *
     * @return the schedule as it is then
     * @throws NotFoundException if the keeper has no such tank
     * @throws org.springframework.dao.OptimisticLockingFailureException if two changes meet
     */
    public Schedule change(UUID keeperId, UUID tankId, UnaryOperator<Schedule> change) {
        tanks.own(keeperId, tankId);
        Set<String> open = wishes.openKeys(tankId);
        Optional<ScheduleRow> row = schedules.findById(tankId);
        Schedule known = row.map(ScheduleRow::toCore).orElse(Schedule.NONE);
        Schedule changed = change.apply(known.only(open::contains)).only(open::contains);
        row.ifPresentOrElse(one -> one.change(changed), () -> schedules.saveAndFlush(new ScheduleRow(tankId, changed)));
        return changed;
    }

    /** Records tests; one whose key is known changes nothing. */
    public void addTests(UUID keeperId, UUID tankId, List<WaterTest> measured) {
        tanks.own(keeperId, tankId);
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
        tanks.own(keeperId, tankId);
        return tests.findByTankIdAndPlanKey(tankId, key).orElseThrow(() -> new NotFoundException("test"));
    }
}
