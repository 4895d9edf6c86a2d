package org.pelluna.app.moves;

import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.UUID;
import org.pelluna.app.storage.MoveStore;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.web.FormKey;
import org.pelluna.core.losses.Loss;
import org.pelluna.core.plan.Happening;
import org.pelluna.core.plan.Life;
import org.pelluna.core.plan.Setback;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.Wish;
import org.pelluna.core.species.Catalogue;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Fish that are lost while they wait for another tank: what that tank expects follows, and is taken back with the loss. */
@Service
@Transactional
public class LostGuests {
    private final TankStore tanks;
    private final MoveStore parts;
    private final Catalogue catalogue;

    LostGuests(TankStore tanks, MoveStore parts, Catalogue catalogue) {
        this.tanks = tanks;
        this.parts = parts;
        this.catalogue = catalogue;
    }

    /** A fish that waited for another tank was lost: what that tank expects follows. */
    public void lost(UUID keeperId, UUID tankId, Loss loss) {
        TankPlan plan = tanks.plan(keeperId, tankId);
        Optional<Life.Bound> bound = plan.residents().stream()
                .filter(one -> one.id().equals(loss.fishId()))
                .findFirst()
                .flatMap(one -> one.noted().bound());
        String move = keyOf(loss.id());
        boolean isRecorded = plan.losses().stream().anyMatch(one -> one.id().equals(loss.id()));
        if (bound.isEmpty() || !isRecorded) {
            return;
        }
        UUID displayId = UUID.fromString(bound.get().tank());
        if (tanks.of(keeperId).stream().noneMatch(row -> row.id().equals(displayId))
                || parts.isKnown(keeperId, move, tankId, displayId)) {
            return;
        }
        TankPlan display = tanks.plan(keeperId, displayId);
        bound.get()
                .wish()
                .flatMap(id -> display.wishes().stream()
                        .filter(one -> one.id().equals(id))
                        .findFirst())
                .ifPresent(wish -> {
                    Happening died = died(display, wish, loss);
                    parts.record(keeperId, displayId, move, "wish", any -> died);
                });
        bound.get()
                .absence()
                .flatMap(id -> display.residents().stream()
                        .filter(one -> one.leftOn().isEmpty()
                                && one.noted().absences().stream()
                                        .anyMatch(out -> out.id().equals(id)))
                        .findFirst())
                .ifPresent(fish -> parts.record(
                        keeperId,
                        displayId,
                        move,
                        "fish",
                        any -> new Happening.Lost(new Loss(
                                FormKey.fresh(),
                                fish.id(),
                                loss.on(),
                                loss.cause(),
                                loss.certainty(),
                                loss.price(),
                                loss.note()))));
    }

    private Happening died(TankPlan display, Wish wish, Loss loss) {
        Setback setback = new Setback(
                FormKey.fresh(),
                loss.on(),
                Setback.Kind.DIED,
                display.species(catalogue).get(wish.speciesId()).commonName() + ", in quarantine",
                loss.price(),
                loss.note());
        return wish.count() > 1
                ? new Happening.SomeDied(wish.id(), setback, 1)
                : new Happening.CameToNothing(wish.id(), setback, Optional.empty());
    }

    /** The loss of a fish is taken back: what followed from it, too. */
    public void lossTakenBack(UUID keeperId, String lossKey) {
        parts.undoIfKnown(keeperId, keyOf(lossKey));
    }

    /** A loss taken back is recorded again after all. */
    public void lossAgain(UUID keeperId, String lossKey) {
        parts.redo(keeperId, keyOf(lossKey));
    }

    private static String keyOf(String lossKey) {
        return UUID.nameUUIDFromBytes(("loss " + lossKey).getBytes(StandardCharsets.UTF_8))
                .toString();
    }
}
