package org.pelluna.app.moves;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.pelluna.app.storage.MoveStore;
import org.pelluna.app.storage.TankRow;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.web.FormKey;
import org.pelluna.app.web.RefusedException;
import org.pelluna.core.plan.Departure;
import org.pelluna.core.plan.FishHappening;
import org.pelluna.core.plan.Happening;
import org.pelluna.core.plan.Life;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.Wish;
import org.pelluna.core.species.Catalogue;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Moves of fish between two tanks of a keeper, each in one transaction. A form sent twice moves once. Every method throws
 * {@link org.pelluna.app.storage.NotFoundException} where a tank is not the keeper's, and {@link RefusedException} with a sentence where a move cannot be.
 */
@Service
@Transactional
public class MoveService {
    private final TankStore tanks;
    private final MoveStore parts;
    private final Catalogue catalogue;

    MoveService(TankStore tanks, MoveStore parts, Catalogue catalogue) {
        this.tanks = tanks;
        this.parts = parts;
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
            throw new RefusedException("choose another tank; it lives in this one");
        }
        if (parts.isKnown(keeperId, FormKey.checked(form), fromId, toId)) {
            return Optional.empty();
        }
        TankRow from = tanks.get(keeperId, fromId);
        TankRow to = tanks.get(keeperId, toId);
        TankPlan plan = tanks.plan(keeperId, fromId);
        List<Resident> leaving = Leaving.of(plan, fish, on);
        // Whoever waits here for that tank comes into it as the fish of its wish, or as the one that was out of it.
        Map<Optional<Life.Bound>, List<Resident>> groups = leaving.stream()
                .collect(Collectors.groupingBy(
                        one -> one.noted().bound().filter(bound -> bound.tank().equals(toId.toString())),
                        LinkedHashMap::new,
                        Collectors.toList()));
        parts.bring(
                keeperId,
                form,
                plan,
                toId,
                leaving.stream().map(Resident::speciesId).toList());
        int part = 0;
        for (Map.Entry<Optional<Life.Bound>, List<Resident>> group : groups.entrySet()) {
            TankPlan into = tanks.plan(keeperId, toId);
            Travellers coming =
                    Travellers.of(plan, from.name(), group.getValue(), into, on, Optional.empty(), catalogue);
            Happening arrival = arrival(into, group.getKey(), coming, on);
            RefusedException.unless(() -> arrival.applyTo(into));
            parts.record(keeperId, toId, form, "in" + part++, any -> arrival);
        }
        for (Resident one : leaving) {
            Happening left = new FishHappening.Left(
                    one.id(), on, new Departure(Departure.Kind.MOVED, Optional.of(to.name()), Optional.empty()));
            parts.record(keeperId, fromId, form, "out-" + one.id().key(), any -> left);
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

    /** Takes a move back, in both tanks. */
    public void undo(UUID keeperId, String form) {
        parts.undo(keeperId, FormKey.checked(form));
    }

    static String names(List<Resident> fish) {
        return fish.stream().map(Resident::name).collect(Collectors.joining(", "));
    }
}
