package org.pelluna.app.storage;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.plan.OwnSpecies;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The species keepers add, each for one of their tanks. */
@Service
@Transactional
public class OwnSpeciesStore {
    private final TankStore tanks;
    private final Rows.OwnSpecies own;
    private final Rows.Wishes wishes;
    private final Rows.Residents residents;

    OwnSpeciesStore(TankStore tanks, Rows.OwnSpecies own, Rows.Wishes wishes, Rows.Residents residents) {
        this.tanks = tanks;
        this.own = own;
        this.wishes = wishes;
        this.residents = residents;
    }

    /**
     * Adds a species, or changes the one with its key.
     *
     * @param seen the mark of the species from which the form was made; empty for a new one
     * @throws StaleVersionException with the species, if there is another under its key than the form was made from
     */
    public void put(UUID keeperId, UUID tankId, Optional<String> seen, OwnSpecies species) {
        tanks.own(keeperId, tankId);
        Optional<OwnSpeciesRow> there =
                own.findByTankIdAndPlanKey(tankId, species.id().key());
        if (there.isEmpty()) {
            own.saveAndFlush(new OwnSpeciesRow(tankId, species));
            return;
        }
        OwnSpecies now = there.get().toCore();
        if (!now.equals(species) && VersionMark.isOlder(seen, now)) {
            throw new StaleVersionException(now);
        }
        there.get().change(species);
    }

    /**
     * Adds those species of another tank's that fish bring along and this tank does not know yet.
     *
     * @param move the key of the move that brings them
     */
    public void carry(UUID keeperId, UUID tankId, String move, List<OwnSpecies> known, Set<SpeciesId> wanted) {
        tanks.own(keeperId, tankId);
        known.stream()
                .filter(one -> wanted.contains(one.id()))
                .filter(one ->
                        own.findByTankIdAndPlanKey(tankId, one.id().key()).isEmpty())
                .forEach(one -> own.saveAndFlush(new OwnSpeciesRow(tankId, one, move)));
    }

    /** Takes away what a move brought, unless something is of it since, or its keeper has changed it. */
    public void takeBack(UUID keeperId, UUID tankId, String move) {
        tanks.own(keeperId, tankId);
        own.findByTankIdAndBroughtBy(tankId, move).stream()
                .filter(row -> !isUsed(tankId, row.planKey()))
                .forEach(own::delete);
    }

    private boolean isUsed(UUID tankId, String key) {
        return wishes.existsByTankIdAndSpeciesId(tankId, key) || residents.existsByTankIdAndSpeciesId(tankId, key);
    }

    /**
     * Takes a species away.
     *
     * @return whether it is gone; it stays while a wish or a fish, even one that has left, is of this species
     * @throws NotFoundException if the keeper has no such tank, or the tank no such species
     */
    public boolean remove(UUID keeperId, UUID tankId, String key) {
        tanks.own(keeperId, tankId);
        OwnSpeciesRow row = own.findByTankIdAndPlanKey(tankId, key).orElseThrow(() -> new NotFoundException("species"));
        if (isUsed(tankId, key)) {
            return false;
        }
        own.delete(row);
        return true;
    }
}
