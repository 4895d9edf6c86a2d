package org.pelluna.core.arrival;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.pressure.ArrivalAid;
import org.pelluna.core.pressure.Meeting;
import org.pelluna.core.pressure.Meetings;
import org.pelluna.core.pressure.Pressure;
import org.pelluna.core.pressure.PressureModel;

/**
 * Pressures between the fish of a plan and those to come, in the first week of the later of each two, with the plan's
 * order and dates, and with the help its calendar plans: released at lights-out, from the box where it is attacked hard. A wish for several
 * fish stands for one of them.
 */
public final class PlannedCompany {
    private final ResolvedPlan stock;
    private final PressureModel model;
    private final Map<FishId, LocalDate> dates = new HashMap<>();
    private final Map<LocalDate, Integer> newcomers = new HashMap<>();
    private final Map<FishId, Integer> counts = new HashMap<>();
    private final Set<FishId> boxed = new HashSet<>();

    private PlannedCompany(ResolvedPlan stock, ArrivalPlan plan) {
        this.stock = stock;
        this.model = PressureModel.of(stock);
        for (Arrival arrival : plan.arrivals()) {
            newcomers.put(arrival.date(), arrival.fish());
            arrival.wishIds().forEach(id -> dates.put(id.fish(), arrival.date()));
            if (arrival.boxDays() > 0) {
                arrival.wishIds().forEach(id -> boxed.add(id.fish()));
            }
        }
        stock.residents().forEach(fish -> dates.put(fish.id(), fish.arrivesOn()));
        // Who is out meanwhile comes back as the newcomer.
        plan.back().ifPresent(back -> {
            dates.put(back.fishId(), back.on());
            newcomers.put(back.on(), 1);
            if (back.boxDays() > 0) {
                boxed.add(back.fishId());
            }
        });
        stock.wishes().forEach(wished -> counts.put(wished.fish().id(), wished.count()));
    }

    /** Every ordered pair in which at least one fish is still to come. */
    public static List<Pressure> of(ResolvedPlan stock, ArrivalPlan plan) {
        return new PlannedCompany(stock, plan).pressures();
    }

    private List<Pressure> pressures() {
        List<Fish> everyone = new ArrayList<>(stock.residents());
        stock.wishes().stream()
                .map(ResolvedPlan.Wished::fish)
                .filter(fish -> dates.containsKey(fish.id()))
                .forEach(fish ->
                        everyone.add(PairTable.on(fish, date(fish), stock.plan().asOf())));
        int residents = stock.residents().size();
        List<Pressure> pressures = new ArrayList<>();
        for (int i = 0; i < everyone.size(); i++) {
            for (int j = 0; j < everyone.size(); j++) {
                if (i != j && (i >= residents || j >= residents)) {
                    pressures.add(between(everyone, everyone.get(i), everyone.get(j)));
                }
            }
        }
        return pressures;
    }

    private Pressure between(List<Fish> everyone, Fish aggressor, Fish victim) {
        LocalDate here = date(aggressor);
        LocalDate there = date(victim);
        int ahead = (int) ChronoUnit.DAYS.between(here, there);
        int ofKind = everyone.stream()
                .filter(fish -> fish.species().id().equals(aggressor.species().id()))
                .mapToInt(fish -> counts.getOrDefault(fish.id(), 1))
                .sum();
        Meeting meeting = Meetings.firstWeek(
                aggressor,
                victim,
                ahead,
                newcomers.getOrDefault(there, 1),
                rivals(everyone, aggressor, there),
                ofKind,
                ahead <= 0
                        ? Set.of()
                        : boxed.contains(victim.id())
                                ? Set.of(ArrivalAid.BOX, ArrivalAid.LIGHTS_OUT)
                                : Set.of(ArrivalAid.LIGHTS_OUT));
        // By the sizes of the day on which they meet.
        LocalDate today = stock.plan().asOf();
        LocalDate met = ahead > 0 ? there : here;
        return model.of(aggressor, victim, meeting, met.isAfter(today) ? met : today);
    }

    private int rivals(List<Fish> everyone, Fish aggressor, LocalDate before) {
        return everyone.stream()
                .filter(other ->
                        !other.id().equals(aggressor.id()) && date(other).isBefore(before))
                .filter(other -> Meetings.crowds(aggressor, other))
                .mapToInt(fish -> counts.getOrDefault(fish.id(), 1))
                .sum();
    }

    private LocalDate date(Fish fish) {
        return java.util.Objects.requireNonNull(dates.get(fish.id()));
    }
}
