package org.pelluna.app.moves;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.pelluna.app.storage.MoveStore;
import org.pelluna.app.storage.TankRow;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.web.FormKey;
import org.pelluna.app.web.RefusedException;
import org.pelluna.core.id.FishId;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.Absence;
import org.pelluna.core.plan.FishHappening;
import org.pelluna.core.plan.Happening;
import org.pelluna.core.plan.Life;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.Wish;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.tank.Purpose;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Fish go into a quarantine tank of their keeper's: bought for a wish, or out of a display for a time. Each in one transaction over both
 * tanks; a form sent twice counts once.
 */
@Service
@Transactional
public class IntoQuarantine {
    private final TankStore tanks;
    private final MoveStore parts;
    private final Catalogue catalogue;

    IntoQuarantine(TankStore tanks, MoveStore parts, Catalogue catalogue) {
        this.tanks = tanks;
        this.parts = parts;
        this.catalogue = catalogue;
    }

    /**
     * Fish of a wish were bought and go into quarantine.
     *
     * @return the sentence that tells it; empty if the same form was recorded before
     */
    public Optional<String> fish(
            UUID keeperId, UUID displayId, String wishKey, String form, UUID quarantineId, Bought bought) {
        if (parts.isKnown(keeperId, FormKey.checked(form), displayId, quarantineId)) {
            return Optional.empty();
        }
        TankRow bare = quarantine(keeperId, quarantineId);
        TankPlan display = tanks.plan(keeperId, displayId);
        Wish wish = display.wishes().stream()
                .filter(one -> one.id().key().equals(wishKey))
                .findFirst()
                .orElseThrow(() -> new org.pelluna.app.storage.NotFoundException("wish"));
        if (bought.fish() < 1 || bought.fish() > wish.count()) {
            throw new RefusedException("this wish is for " + wish.count() + " fish: 1 to " + wish.count() + " of them");
        }
        if (bought.on().isAfter(display.asOf())) {
            throw new RefusedException("this day lies in the future");
        }
        if (display.schedule().inQuarantine().containsKey(wish.id())) {
            throw new RefusedException("the fish of this wish are in quarantine already; a further wish can join them");
        }
        parts.bring(keeperId, form, display, quarantineId, List.of(wish.speciesId()));
        TankPlan inside = tanks.plan(keeperId, quarantineId);
        Optional<Wish> rest = bought.fish() == wish.count()
                ? Optional.empty()
                : Optional.of(wish.with(as -> as.id(new WishId(FormKey.fresh())).count(wish.count() - bought.fish())));
        Happening quarantined = new Happening.Quarantined(wish.id(), bought.on(), rest);
        Travellers coming = Travellers.bought(inside, guests(wish, displayId, bought));
        parts.record(keeperId, displayId, form, "wish", any -> quarantined);
        parts.record(
                keeperId, quarantineId, form, "in", any -> new Happening.Entered(coming.residents(), coming.entries()));
        QuarantineParts.of(inside, display.houseRules(), coming.residents(), bought)
                .ifPresent(phased -> parts.record(keeperId, quarantineId, form, "parts", any -> phased));
        return Optional.of(MoveService.names(coming.residents()) + (bought.fish() == 1 ? " is" : " are") + " in "
                + bare.name() + " now.");
    }

    private static List<Resident> guests(Wish wish, UUID displayId, Bought bought) {
        Life life = wish.lifeFrom(bought.on())
                .orElse(Life.NONE)
                .bound(Optional.of(new Life.Bound(displayId.toString(), Optional.of(wish.id()), Optional.empty())));
        return java.util.stream.IntStream.rangeClosed(1, bought.fish())
                .mapToObj(number -> RefusedException.unless(() -> new Resident(
                        new FishId(FormKey.fresh()),
                        wish.speciesId(),
                        bought.fish() == 1 ? bought.name() : bought.name() + " " + number,
                        bought.on(),
                        bought.cm(),
                        Optional.empty(),
                        wish.individual(),
                        bought.came(),
                        Optional.of(life))))
                .toList();
    }

    /**
     * A resident is taken out of the display into quarantine, for a time.
     *
     * @return the sentence that tells it; empty if the same form was recorded before
     */
    public Optional<String> isolate(
            UUID keeperId,
            UUID displayId,
            String form,
            String fishKey,
            UUID quarantineId,
            LocalDate on,
            Optional<String> why) {
        if (parts.isKnown(keeperId, FormKey.checked(form), displayId, quarantineId)) {
            return Optional.empty();
        }
        TankRow bare = quarantine(keeperId, quarantineId);
        TankRow display = tanks.get(keeperId, displayId);
        TankPlan plan = tanks.plan(keeperId, displayId);
        Resident fish = Leaving.of(plan, List.of(fishKey), on).get(0);
        parts.bring(keeperId, form, plan, quarantineId, List.of(fish.speciesId()));
        String absence = FormKey.fresh();
        Happening out = new FishHappening.TakenOut(
                fish.id(), new Absence(absence, on, Optional.empty(), Absence.Place.QUARANTINE, why));
        RefusedException.unless(() -> out.applyTo(plan));
        Travellers coming = Travellers.of(
                plan,
                display.name(),
                List.of(fish),
                tanks.plan(keeperId, quarantineId),
                on,
                Optional.of(new Life.Bound(displayId.toString(), Optional.empty(), Optional.of(absence))),
                catalogue);
        parts.record(keeperId, displayId, form, "out", any -> out);
        parts.record(
                keeperId, quarantineId, form, "in", any -> new Happening.Entered(coming.residents(), coming.entries()));
        return Optional.of(fish.name() + " is in " + bare.name() + " and does not count until it returns.");
    }

    private TankRow quarantine(UUID keeperId, UUID tankId) {
        TankRow row = tanks.get(keeperId, tankId);
        if (row.kind() != Purpose.Kind.QUARANTINE) {
            throw new RefusedException(row.name() + " is no quarantine tank");
        }
        return row;
    }
}
