package org.pelluna.core.pressure;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.function.ToIntFunction;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;

/** One refused fish, asked in other circumstances. */
record WayInSearch(ResolvedPlan stock, Fish newcomer, int count, double careful) {
    private static final int SIZES = 6;
    /** The largest specimen that is sold, as a share of the adult length; common practice. */
    private static final double LARGEST_SOLD = 0.9;
    /** More caves than these are no longer the same rockwork; ours. */
    private static final int MOST_CAVES = 12;

    private LocalDate today() {
        return stock.plan().asOf();
    }

    private double attacks(ToDoubleFunction<Fish> each) {
        return HardAttacks.withHelp(
                stock.residents().stream().map(each::applyAsDouble).toList(), careful);
    }

    private double asThingsAre(Encounters encounters, Fish resident, Fish comes) {
        return encounters.onArrival(resident, comes, count).perHour();
    }

    Optional<WayIn> larger(double most) {
        Encounters encounters = Encounters.of(stock);
        double now = newcomer.lengthCmOn(today());
        double largest = LARGEST_SOLD * newcomer.species().size().adultCm().value();
        for (int step = 1; step <= SIZES && largest > now; step++) {
            double cm = now + (largest - now) * step / SIZES;
            Fish larger = Fish.newcomer(newcomer.id(), newcomer.species(), cm, today());
            double left = attacks(resident -> asThingsAre(encounters, resident, larger));
            if (left <= most) {
                return Optional.of(new WayIn(WayIn.Kind.LARGER, List.of(), cm, left));
            }
        }
        return Optional.empty();
    }

    Optional<WayIn> moreCaves(double most) {
        Habitat here = Habitat.of(stock.plan().tank(), today());
        for (int more = 2; more <= MOST_CAVES; more += 2) {
            Encounters encounters = Encounters.on(
                    new Habitat(
                            here.swimCm(),
                            here.footprintSquareCm(),
                            here.shelters() + more,
                            here.feedingPlaces(),
                            here.freshRock()),
                    stock);
            double left = attacks(resident -> asThingsAre(encounters, resident, newcomer));
            if (left <= most) {
                return Optional.of(new WayIn(WayIn.Kind.MORE_CAVES, List.of(), more, left));
            }
        }
        return Optional.empty();
    }

    private List<Fish> hard(Encounters encounters) {
        return stock.residents().stream()
                .filter(resident ->
                        HardAttacks.withHelp(List.of(asThingsAre(encounters, resident, newcomer)), careful) > 0)
                .toList();
    }

    Optional<WayIn> allTogether() {
        Encounters encounters = Encounters.of(stock);
        List<Fish> out = hard(encounters);
        if (out.isEmpty()) {
            return Optional.empty();
        }
        int together = out.size() + count;
        ToIntFunction<Fish> ahead = resident -> out.contains(resident) ? 0 : encounters.daysHere(resident);
        List<Double> each = new ArrayList<>();
        for (Fish resident : stock.residents()) {
            each.add(encounters
                    .onArrival(resident, newcomer, together, Set.of(ArrivalAid.LIGHTS_OUT), ahead.applyAsInt(resident))
                    .perHour());
        }
        return Optional.of(new WayIn(WayIn.Kind.ALL_TOGETHER, out, 0, HardAttacks.of(each, careful)));
    }

    Optional<WayIn> rehome() {
        Encounters encounters = Encounters.of(stock);
        return stock.residents().stream()
                .map(gone -> new WayIn(
                        WayIn.Kind.REHOME,
                        List.of(gone),
                        0,
                        attacks(resident -> resident.equals(gone) ? 0 : asThingsAre(encounters, resident, newcomer))))
                .min(Comparator.comparingDouble(WayIn::attacksPerHour)
                        .thenComparing(way -> way.residents().get(0).id()));
    }
}
