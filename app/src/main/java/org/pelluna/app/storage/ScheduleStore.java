package org.pelluna.app.storage;

import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.Schedule;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What keepers decide about arrivals. */
@Service
@Transactional
public class ScheduleStore {
    private final TankStore tanks;
    private final Rows.Schedules schedules;
    private final Rows.Wishes wishes;

    ScheduleStore(TankStore tanks, Rows.Schedules schedules, Rows.Wishes wishes) {
        this.tanks = tanks;
        this.schedules = schedules;
        this.wishes = wishes;
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
        Predicate<WishId> isOpen = wish -> open.contains(wish.key());
        Schedule changed = change.apply(known.only(isOpen)).only(isOpen);
        row.ifPresentOrElse(one -> one.change(changed), () -> schedules.saveAndFlush(new ScheduleRow(tankId, changed)));
        return changed;
    }
}
