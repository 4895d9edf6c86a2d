package org.pelluna.app.storage;

import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.plan.Happening;
import org.pelluna.core.plan.TankPlan;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Moves between tanks of a keeper: each is several happenings, which are taken back together. */
@Service
@Transactional
public class MoveStore {
    private final TankStore tanks;
    private final HappeningStore happenings;
    private final Rows.Happenings rows;
    private final PlanDifference difference;
    private final OwnSpeciesStore own;

    MoveStore(
            TankStore tanks,
            HappeningStore happenings,
            Rows.Happenings rows,
            PlanDifference difference,
            OwnSpeciesStore own) {
        this.own = own;
        this.tanks = tanks;
        this.happenings = happenings;
        this.rows = rows;
        this.difference = difference;
    }

    /**
     * Begins a move: its tanks are held until the transaction ends.
     *
     * @param move the form's own key, a UUID
     * @return whether it is recorded already, taken back or not
     * @throws NotFoundException if a tank is not the keeper's
     */
    public boolean isKnown(UUID keeperId, String move, UUID one, UUID other) {
        Stream.of(one, other).distinct().sorted().forEach(id -> tanks.own(keeperId, id));
        return !rows.ofMove(keeperId, move).isEmpty();
    }

    /** The other tank knows every species that the fish of a move bring along, its keeper's own ones too. */
    public void bring(UUID keeperId, String move, TankPlan from, UUID toId, Collection<SpeciesId> species) {
        own.carry(keeperId, toId, move, from.ownSpecies(), Set.copyOf(species));
    }

    /**
     * Records what a move does in one tank.
     *
     * @param part tells what the move does in one tank apart
     */
    public void record(UUID keeperId, UUID tankId, String move, String part, Function<TankPlan, Happening> what) {
        happenings.record(keeperId, tankId, HappeningRow.keyOfPart(move, part), what);
    }

    /**
     * Takes a move back in every tank; taken back already, nothing changes.
     *
     * @throws NotFoundException if the keeper made no such move
     * @throws UndoBlockedException if something since stands on it
     */
    public void undo(UUID keeperId, String move) {
        List<HappeningRow> parts = rows.ofMove(keeperId, move);
        if (parts.isEmpty()) {
            throw new NotFoundException("move");
        }
        happenings.hold(keeperId, parts);
        parts.forEach(part -> happenings.undoHere(keeperId, part));
        parts.stream().map(HappeningRow::tankId).distinct().forEach(tank -> own.takeBack(keeperId, tank, move));
    }

    /** Does again what was taken back of a move; nothing, if there is no such move. */
    public void redo(UUID keeperId, String move) {
        List<HappeningRow> parts = rows.ofMove(keeperId, move);
        happenings.hold(keeperId, parts);
        parts.stream().filter(HappeningRow::isUndone).forEach(row -> {
            TankPlan plan = tanks.plan(keeperId, row.tankId());
            Happening what = row.inverse().what();
            difference.store(row.tankId(), plan, what.applyTo(plan), what);
            row.undone(null);
        });
    }

    /** Takes a move back, if there is one. */
    public void undoIfKnown(UUID keeperId, String move) {
        if (!rows.ofMove(keeperId, move).isEmpty()) {
            undo(keeperId, move);
        }
    }
}
