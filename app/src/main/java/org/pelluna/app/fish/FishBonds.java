package org.pelluna.app.fish;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.SexChangeOrder;

/** What a fish is to others of its species. */
final class FishBonds {
    private FishBonds() {}

    /** Others of its species that live in the display. */
    static List<FishView.Kin> kin(Fish fish, ResolvedPlan stock) {
        return others(fish, stock)
                .map(one -> new FishView.Kin(one.id().key(), one.name()))
                .toList();
    }

    /** Its bond, and what its species does next, in sentences. */
    static String words(Fish fish, ResolvedPlan stock) {
        Optional<String> bond = fish.known().bond().map(its -> {
            String with =
                    others(fish, stock).filter(fish::isBondedTo).map(Fish::name).collect(Collectors.joining(", "));
            return "In a " + its.kind().words() + (with.isEmpty() ? "" : " with " + with) + " since " + its.from()
                    + ".";
        });
        Optional<String> next = SexChangeOrder.of(stock, fish.species())
                .map(one ->
                        (one.fish().id().equals(fish.id()) ? "It" : one.fish().name())
                                + " is the largest of its species here, and none is "
                                + one.into().words()
                                + ": it will probably become " + one.into().words()
                                + ", in weeks or months (common practice).");
        return Stream.of(bond, next).flatMap(Optional::stream).collect(Collectors.joining(" "));
    }

    private static Stream<Fish> others(Fish fish, ResolvedPlan stock) {
        return stock.residents().stream()
                .filter(one -> one.species().id().equals(fish.species().id()))
                .filter(one -> !one.id().equals(fish.id()));
    }
}
