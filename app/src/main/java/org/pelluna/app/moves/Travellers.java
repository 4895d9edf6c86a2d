package org.pelluna.app.moves;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.pelluna.app.web.FormKey;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.Life;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.watch.LogEntry;

/**
 * Fish on their way from one tank into another, as they will be there.
 *
 * @param residents the fish, in the order asked for
 * @param entries what the log of the other tank says of them
 */
record Travellers(List<Resident> residents, List<LogEntry> entries) {

    /**
     * Fish that were found in a shop, or anywhere outside the keeper's tanks.
     *
     * @param into the plan of the tank they go into
     */
    static Travellers bought(TankPlan into, List<Resident> residents) {
        return named(into, residents, Optional.empty());
    }

    /**
     * Fish of one tank as they begin in another.
     *
     * @param bound for which tank each waits there
     */
    static Travellers of(
            TankPlan from,
            String fromName,
            List<Resident> fish,
            TankPlan into,
            LocalDate on,
            Optional<Life.Bound> bound,
            Catalogue catalogue) {
        ResolvedPlan known = ResolvedPlan.of(from, catalogue);
        List<Resident> there = fish.stream()
                .map(one -> one.movedInto(new FishId(FormKey.fresh()), one.name(), on, length(known, one, on), bound))
                .toList();
        return named(into, there, Optional.of("from " + fromName));
    }

    private static double length(ResolvedPlan known, Resident fish, LocalDate on) {
        List<Fish> all = new ArrayList<>(known.residents());
        all.addAll(known.absent());
        return all.stream()
                .filter(one -> one.id().equals(fish.id()))
                .findFirst()
                .map(one -> Math.round(one.lengthCmOn(on) * 10) / 10.0)
                .orElse(fish.lengthCm());
    }

    private static Travellers named(TankPlan into, List<Resident> residents, Optional<String> note) {
        Set<String> taken = new HashSet<>();
        into.residents().forEach(one -> taken.add(one.name()));
        List<Resident> named = new ArrayList<>();
        for (Resident one : residents) {
            String name = one.name();
            for (int number = 2; !taken.add(name); number++) {
                name = one.name() + " " + number;
            }
            named.add(one.withName(name));
        }
        return new Travellers(
                named,
                named.stream()
                        .map(one -> new LogEntry(
                                FormKey.fresh(),
                                one.arrivedOn().atTime(LocalTime.of(21, 0)),
                                LogEntry.Kind.ARRIVAL,
                                Optional.empty(),
                                Optional.of(one.id()),
                                Optional.empty(),
                                Optional.empty(),
                                Optional.empty(),
                                note))
                        .toList());
    }
}
