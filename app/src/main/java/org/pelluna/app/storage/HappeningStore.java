package org.pelluna.app.storage;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.pelluna.core.plan.Happening;
import org.pelluna.core.plan.HappeningInverse;
import org.pelluna.core.plan.TankPlan;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What happens to fish, and its taking back: the plan is loaded, the core is asked, and what differs is stored, in one transaction that
 * holds the tank. So two changes of one tank come one after the other, and a form sent twice finds what its first sending made.
 */
@Service
@Transactional
public class HappeningStore {
    private final TankStore tanks;
    private final Rows.Happenings happenings;
    private final PlanDifference difference;
    private final Clock clock;

    HappeningStore(TankStore tanks, Rows.Happenings happenings, PlanDifference difference, Clock clock) {
        this.tanks = tanks;
        this.happenings = happenings;
        this.difference = difference;
        this.clock = clock;
    }

    /**
     * Records what happened.
     *
     * @param formKey the form's own key; sent twice, it happens once
     * @param what says what happened, asked of the plan as it is
     * @return what happened; empty if it is recorded already
     * @throws NotFoundException if the keeper has no such tank, or the plan no such wish or fish
     */
    public Optional<Happening> record(UUID keeperId, UUID tankId, String formKey, Function<TankPlan, Happening> what) {
        tanks.own(keeperId, tankId);
        if (happenings.existsByTankIdAndFormKey(tankId, formKey)) {
            return Optional.empty();
        }
        TankPlan plan = tanks.plan(keeperId, tankId);
        Happening happening = what.apply(plan);
        difference.store(tankId, plan, happening.applyTo(plan), happening);
        happenings.saveAndFlush(new HappeningRow(tankId, formKey, happening.inverse(plan), clock.instant()));
        return Optional.of(happening);
    }

    /**
     * Takes back what a form recorded; taken back already, nothing changes.
     *
     * @throws NotFoundException if the tank has no such record
     * @throws UndoBlockedException if something since stands on it
     */
    public void undo(UUID keeperId, UUID tankId, String formKey) {
        tanks.own(keeperId, tankId);
        undo(
                keeperId,
                happenings
                        .findByTankIdAndFormKey(tankId, formKey)
                        .orElseThrow(() -> new NotFoundException("happening")));
    }

    /** Today, for this application. */
    public java.time.LocalDate today() {
        return java.time.LocalDate.now(clock);
    }

    /** The plan as it is; its tank is held, if a change of it goes on. */
    @Transactional(readOnly = true)
    public TankPlan plan(UUID keeperId, UUID tankId) {
        return tanks.plan(keeperId, tankId);
    }

    /** Whether a form's happening is recorded with what takes it back, taken back already or not; old records are not. */
    @Transactional(readOnly = true)
    public boolean knows(UUID keeperId, UUID tankId, String formKey) {
        tanks.get(keeperId, tankId);
        return happenings.existsByTankIdAndFormKey(tankId, formKey);
    }

    /**
     * Takes back the arrival of a wish, if that is the latest that happened to it.
     *
     * @return whether it was
     */
    public boolean undoArrival(UUID keeperId, UUID tankId, String wishKey) {
        tanks.own(keeperId, tankId);
        Optional<HappeningRow> arrival = happenings
                .findFirstByTankIdAndSubjectAndUndoneAtIsNullOrderByHappenedAtDesc(tankId, wishKey)
                .filter(row -> row.inverse().what() instanceof Happening.Arrived);
        arrival.ifPresent(row -> undo(keeperId, row));
        return arrival.isPresent();
    }

    /** A part of a move is taken back with all its parts. */
    private void undo(UUID keeperId, HappeningRow row) {
        List<HappeningRow> rows =
                row.move().map(move -> happenings.ofMove(keeperId, move)).orElseGet(() -> List.of(row));
        hold(keeperId, rows);
        rows.forEach(one -> undoHere(keeperId, one));
    }

    /** Holds several tanks, always in the same order, so that no two moves wait for each other. */
    void hold(UUID keeperId, List<HappeningRow> rows) {
        rows.stream().map(HappeningRow::tankId).distinct().sorted().forEach(id -> tanks.own(keeperId, id));
    }

    void undoHere(UUID keeperId, HappeningRow row) {
        if (row.isUndone()) {
            return;
        }
        UUID tankId = row.tankId();
        TankPlan plan = tanks.plan(keeperId, tankId);
        HappeningInverse back = row.inverse();
        back.obstacle(plan).ifPresent(sentence -> {
            throw new UndoBlockedException(sentence);
        });
        difference.store(tankId, plan, back.applyTo(plan), back);
        row.undone(clock.instant());
    }
}
