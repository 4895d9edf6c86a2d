package org.pelluna.core.story;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.pelluna.core.arrival.Arrival;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.id.FishId;
import org.pelluna.core.losses.Loss;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.ResolvedPlan;

/** The lanes of a story: who lived here, and who is to come. */
final class Lanes {
    private Lanes() {}

    static List<Lane> lived(ResolvedPlan stock) {
        Map<FishId, Fish> known = new HashMap<>();
        Stream.of(
                        stock.residents().stream(),
                        stock.absent().stream(),
                        stock.departed().stream().map(ResolvedPlan.Departed::fish))
                .flatMap(fish -> fish)
                .forEach(fish -> known.putIfAbsent(fish.id(), fish));
        Map<FishId, Loss> lost = new HashMap<>();
        stock.plan().losses().forEach(loss -> lost.put(loss.fishId(), loss));
        return stock.plan().residents().stream()
                .filter(one -> known.containsKey(one.id()))
                .sorted(Comparator.comparing(Resident::arrivedOn).thenComparing(Resident::name))
                .map(one -> new Lane(
                        one.id(),
                        one.name(),
                        java.util.Objects.requireNonNull(known.get(one.id())),
                        days(one),
                        one.leftOn().map(day -> end(one, day, Optional.ofNullable(lost.get(one.id())))),
                        false))
                .filter(lane -> !lane.stays().isEmpty())
                .toList();
    }

    /** The days of its stays; who was lost on the day it came was there on that day. */
    private static List<Lane.Days> days(Resident fish) {
        return fish.leftOn().equals(Optional.of(fish.arrivedOn()))
                ? List.of(new Lane.Days(fish.arrivedOn(), fish.leftOn()))
                : fish.stays().stream()
                        .map(stay -> new Lane.Days(stay.cameOn(), stay.leftOn()))
                        .toList();
    }

    private static Lane.End end(Resident fish, LocalDate on, Optional<Loss> loss) {
        Optional<Loss> lost = loss.filter(one -> one.cause() != Loss.Cause.GIVEN_AWAY);
        return lost.map(one -> new Lane.End(on, "was lost: " + one.cause().words(), true))
                .orElseGet(() -> new Lane.End(
                        on,
                        fish.noted().departure().map(one -> one.kind().words()).orElse("left"),
                        false));
    }

    static List<Lane> planned(Assessment assessment) {
        List<Lane> lanes = new ArrayList<>();
        for (Arrival arrival : assessment.order().arrivals()) {
            assessment.stock().wishes().stream()
                    .filter(one -> arrival.wishIds().contains(one.wish().id()))
                    .forEach(one -> lanes.add(new Lane(
                            one.fish().id(),
                            (one.count() > 1 ? one.count() + " × " : "")
                                    + one.species().commonName(),
                            one.fish().on(arrival.date()),
                            List.of(new Lane.Days(arrival.date(), Optional.empty())),
                            Optional.empty(),
                            true)));
        }
        return lanes;
    }
}
