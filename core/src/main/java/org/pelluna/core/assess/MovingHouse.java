package org.pelluna.core.assess;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.pelluna.core.id.FishId;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.Absence;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.Schedule;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.Wish;
import org.pelluna.core.species.Catalogue;

/** The fish of one tank judged as newcomers of another, at their lengths of today: who goes first, who has to wait, who does not fit. */
public final class MovingHouse {
    private MovingHouse() {}

    /**
     * The other tank's plan with these fish for its only wishes, each meant to come; the key of each wish is that of its fish. Nobody goes
     * through quarantine again.
     *
     * @throws IllegalArgumentException if there are none
     */
    public static Assessment of(ResolvedPlan from, TankPlan into, Catalogue catalogue) {
        List<Fish> all = from.withAbsent().residents();
        if (all.isEmpty()) {
            throw new IllegalArgumentException("no fish live in this tank");
        }
        TankPlan plan = into.withWishes(
                        all.stream().map(fish -> wish(fish, from.plan())).toList())
                .withOwnSpecies(java.util.stream.Stream.concat(
                                into.ownSpecies().stream(),
                                from.plan().ownSpecies().stream()
                                        .filter(one -> into.ownSpecies().stream()
                                                .noneMatch(known -> known.id().equals(one.id()))))
                        .toList())
                .withSchedule(Schedule.NONE);
        return Assessment.of(plan, catalogue);
    }

    /**
     * The fish of a display that was left without fish, judged as newcomers on the day on which they may come back.
     *
     * @throws IllegalArgumentException if none is out
     */
    public static Assessment back(ResolvedPlan stock, LocalDate on, Catalogue catalogue) {
        TankPlan then = stock.plan()
                .with(as -> as.asOf(on)
                        .residents(stock.plan().residents().stream()
                                .map(MovingHouse::outForGood)
                                .toList()));
        return of(stock, then, catalogue);
    }

    private static Resident outForGood(Resident fish) {
        return fish.leftOn().isPresent()
                ? fish
                : fish.left(fish.noted().absences().stream()
                        .filter(out -> out.until().isEmpty())
                        .map(Absence::from)
                        .findFirst());
    }

    private static Wish wish(Fish fish, TankPlan plan) {
        return new Wish(
                new WishId(fish.id().key()),
                fish.species().id(),
                1,
                Optional.of(fish.lengthCmOn(plan.asOf())),
                Optional.empty(),
                Wish.Decision.IN,
                Optional.empty(),
                Optional.empty(),
                plan.residents().stream()
                        .filter(one -> one.id().equals(fish.id()))
                        .findFirst()
                        .flatMap(one -> one.individual()));
    }

    /** The fish a wish of such a plan stands for. */
    public static FishId fish(WishId wish) {
        return new FishId(wish.key());
    }
}
