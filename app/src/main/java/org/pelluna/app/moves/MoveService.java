package org.pelluna.app.moves;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.pelluna.app.storage.HappeningStore;
import org.pelluna.app.storage.TankRow;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.web.Key;
import org.pelluna.app.web.Refused;
import org.pelluna.core.id.FishId;
import org.pelluna.core.id.WishId;
import org.pelluna.core.losses.Loss;
import org.pelluna.core.plan.Absence;
import org.pelluna.core.plan.Departure;
import org.pelluna.core.plan.FishHappening;
import org.pelluna.core.plan.Happening;
import org.pelluna.core.plan.Life;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.Setback;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.Wish;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.tank.Purpose;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Moves of fish between two tanks of a keeper, each in one transaction. A form sent twice moves once. Every method throws
 * {@link org.pelluna.app.storage.NotFoundException} where a tank is not the keeper's, and {@link Refused} with a sentence where a move cannot be.
 */
@Service
@Transactional
public class MoveService {
    private final TankStore tanks;
    private final HappeningStore happenings;
    private final Catalogue catalogue;

    MoveService(TankStore tanks, HappeningStore happenings, Catalogue catalogue) {
        this.tanks = tanks;
        this.happenings = happenings;
        this.catalogue = catalogue;
    }

    /**
     * Fish go to another tank, to stay or until they are wanted elsewhere.
     *
     * @param fish their keys
     * @param on the day
     * @return the sentence that tells it; empty if the same form was recorded before
     */
    public Optional<String> move(UUID keeperId, UUID fromId, String form, List<String> fish, UUID toId, LocalDate on) {
        if (fromId.equals(toId)) {
            throw new Refused("choose another tank; it lives in this one");
        }
        if (isKnown(keeperId, form, fromId, toId)) {
            return Optional.empty();
        }
        TankRow from = tanks.get(keeperId, fromId);
        TankRow to = tanks.get(keeperId, toId);
        TankPlan plan = tanks.plan(keeperId, fromId);
        List<Resident> leaving = Travellers.found(plan, fish, on);
        // Whoever waits here for that tank comes into it as the fish of its wish, or as the one that was out of it.
        Map<Optional<Life.Bound>, List<Resident>> groups = leaving.stream()
                .collect(Collectors.groupingBy(
                        one -> one.noted().bound().filter(bound -> bound.tank().equals(toId.toString())),
                        LinkedHashMap::new,
                        Collectors.toList()));
        int part = 0;
        for (Map.Entry<Optional<Life.Bound>, List<Resident>> group : groups.entrySet()) {
            TankPlan into = tanks.plan(keeperId, toId);
            Travellers coming =
                    Travellers.of(plan, from.name(), group.getValue(), into, on, Optional.empty(), catalogue);
            Happening arrival = arrival(into, group.getKey(), coming, on);
            happenings.recordMove(keeperId, toId, form, "in" + part++, any -> arrival);
        }
        for (Resident one : leaving) {
            Happening left = new FishHappening.Left(
                    one.id(), on, new Departure(Departure.Kind.MOVED, Optional.of(to.name()), Optional.empty()));
            happenings.recordMove(keeperId, fromId, form, "out-" + one.id().key(), any -> left);
        }
        return Optional.of(names(leaving) + (leaving.size() == 1 ? " is" : " are") + " in " + to.name() + " now.");
    }

    private static Happening arrival(TankPlan into, Optional<Life.Bound> bound, Travellers coming, LocalDate on) {
        Optional<Wish> wish = bound.flatMap(Life.Bound::wish)
                .flatMap(id -> into.wishes().stream()
                        .filter(one -> one.id().equals(id))
                        .findFirst())
                .filter(one -> one.count() >= coming.residents().size());
        if (wish.isPresent()) {
            return new Happening.Arrived(wish.get().id(), coming.residents(), coming.entries());
        }
        Optional<FishHappening> back = bound.flatMap(Life.Bound::absence)
                .flatMap(id -> into.residents().stream()
                        .filter(one -> one.noted().absences().stream()
                                .anyMatch(out ->
                                        out.id().equals(id) && out.until().isEmpty()))
                        .findFirst()
                        .map(one -> new FishHappening.CameBack(one.id(), id, on)));
        return back.<Happening>map(one -> one)
                .orElseGet(() -> new Happening.Entered(coming.residents(), coming.entries()));
    }

    /**
     * Fish of a wish as they were bought.
     *
     * @param fish how many; the rest of the wish stays one
     * @param cm how long each is
     * @param name what to call them
     * @param came where they came from, and for how much each
     * @param again whether those that are in it already begin again with them
     */
    public record Bought(
            int fish, double cm, String name, Optional<Resident.Acquisition> came, LocalDate on, boolean again) {}

    /**
     * Fish of a wish were bought and go into quarantine.
     *
     * @return the sentence that tells it; empty if the same form was recorded before
     */
    public Optional<String> intoQuarantine(
            UUID keeperId, UUID displayId, String wishKey, String form, UUID quarantineId, Bought bought) {
        if (isKnown(keeperId, form, displayId, quarantineId)) {
            return Optional.empty();
        }
        TankRow bare = quarantine(keeperId, quarantineId);
        TankPlan display = tanks.plan(keeperId, displayId);
        Wish wish = display.wishes().stream()
                .filter(one -> one.id().key().equals(wishKey))
                .findFirst()
                .orElseThrow(() -> new org.pelluna.app.storage.NotFoundException("wish"));
        if (bought.fish() < 1 || bought.fish() > wish.count()) {
            throw new Refused("this wish is for " + wish.count() + " fish: 1 to " + wish.count() + " of them");
        }
        if (bought.on().isAfter(display.asOf())) {
            throw new Refused("this day lies in the future");
        }
        if (display.schedule().inQuarantine().containsKey(wish.id())) {
            throw new Refused("the fish of this wish are in quarantine already; a further wish can join them");
        }
        TankPlan inside = tanks.plan(keeperId, quarantineId);
        Optional<Wish> rest = bought.fish() == wish.count()
                ? Optional.empty()
                : Optional.of(wish.with(as -> as.id(new WishId(Key.fresh())).count(wish.count() - bought.fish())));
        Happening quarantined = new Happening.Quarantined(wish.id(), bought.on(), rest);
        Travellers coming = Travellers.bought(inside, guests(wish, displayId, bought));
        happenings.recordMove(keeperId, displayId, form, "wish", any -> quarantined);
        happenings.recordMove(
                keeperId, quarantineId, form, "in", any -> new Happening.Entered(coming.residents(), coming.entries()));
        QuarantineParts.of(inside, display.houseRules(), coming.residents(), bought)
                .ifPresent(phased -> happenings.recordMove(keeperId, quarantineId, form, "parts", any -> phased));
        return Optional.of(
                names(coming.residents()) + (bought.fish() == 1 ? " is" : " are") + " in " + bare.name() + " now.");
    }

    private static List<Resident> guests(Wish wish, UUID displayId, Bought bought) {
        Life life = Life.NONE.bound(
                Optional.of(new Life.Bound(displayId.toString(), Optional.of(wish.id()), Optional.empty())));
        return java.util.stream.IntStream.rangeClosed(1, bought.fish())
                .mapToObj(number -> Refused.unless(() -> new Resident(
                        new FishId(Key.fresh()),
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
        if (isKnown(keeperId, form, displayId, quarantineId)) {
            return Optional.empty();
        }
        TankRow bare = quarantine(keeperId, quarantineId);
        TankRow display = tanks.get(keeperId, displayId);
        TankPlan plan = tanks.plan(keeperId, displayId);
        Resident fish = Travellers.found(plan, List.of(fishKey), on).get(0);
        String absence = Key.fresh();
        Happening out = new FishHappening.TakenOut(
                fish.id(), new Absence(absence, on, Optional.empty(), Absence.Place.QUARANTINE, why));
        Refused.unless(() -> out.applyTo(plan));
        Travellers coming = Travellers.of(
                plan,
                display.name(),
                List.of(fish),
                tanks.plan(keeperId, quarantineId),
                on,
                Optional.of(new Life.Bound(displayId.toString(), Optional.empty(), Optional.of(absence))),
                catalogue);
        happenings.recordMove(keeperId, displayId, form, "out", any -> out);
        happenings.recordMove(
                keeperId, quarantineId, form, "in", any -> new Happening.Entered(coming.residents(), coming.entries()));
        return Optional.of(
                fish.name() + " is in " + bare.name() + ": out of company, watch and headroom until it is back.");
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
        if (bound.isEmpty() || !isRecorded || happenings.knowsMove(keeperId, move)) {
            return;
        }
        UUID displayId = UUID.fromString(bound.get().tank());
        if (tanks.of(keeperId).stream().noneMatch(row -> row.id().equals(displayId))) {
            return;
        }
        happenings.hold(keeperId, List.of(tankId, displayId));
        TankPlan display = tanks.plan(keeperId, displayId);
        bound.get()
                .wish()
                .flatMap(id -> display.wishes().stream()
                        .filter(one -> one.id().equals(id))
                        .findFirst())
                .ifPresent(wish -> {
                    Happening died = died(display, wish, loss);
                    happenings.recordMove(keeperId, displayId, move, "wish", any -> died);
                });
        bound.get()
                .absence()
                .flatMap(id -> display.residents().stream()
                        .filter(one -> one.leftOn().isEmpty()
                                && one.noted().absences().stream()
                                        .anyMatch(out -> out.id().equals(id)))
                        .findFirst())
                .ifPresent(fish -> happenings.recordMove(
                        keeperId,
                        displayId,
                        move,
                        "fish",
                        any -> new Happening.Lost(new Loss(
                                Key.fresh(),
                                fish.id(),
                                loss.on(),
                                loss.cause(),
                                loss.certainty(),
                                loss.price(),
                                loss.note()))));
    }

    private Happening died(TankPlan display, Wish wish, Loss loss) {
        Setback setback = new Setback(
                Key.fresh(),
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
        String move = keyOf(lossKey);
        if (happenings.knowsMove(keeperId, move)) {
            happenings.undoMove(keeperId, move);
        }
    }

    /** A loss taken back is recorded again after all. */
    public void lossAgain(UUID keeperId, String lossKey) {
        happenings.redoMove(keeperId, keyOf(lossKey));
    }

    private static String keyOf(String lossKey) {
        return UUID.nameUUIDFromBytes(("loss " + lossKey).getBytes(StandardCharsets.UTF_8))
                .toString();
    }

    /** Takes a move back, in both tanks. */
    public void undo(UUID keeperId, String form) {
        happenings.undoMove(keeperId, Key.checked(form));
    }

    private boolean isKnown(UUID keeperId, String form, UUID one, UUID other) {
        Key.checked(form);
        happenings.hold(keeperId, List.of(one, other));
        return happenings.knowsMove(keeperId, form);
    }

    private TankRow quarantine(UUID keeperId, UUID tankId) {
        TankRow row = tanks.get(keeperId, tankId);
        if (row.kind() != Purpose.Kind.QUARANTINE) {
            throw new Refused(row.name() + " is no quarantine tank");
        }
        return row;
    }

    private static String names(List<Resident> fish) {
        return fish.stream().map(Resident::name).collect(Collectors.joining(", "));
    }
}
