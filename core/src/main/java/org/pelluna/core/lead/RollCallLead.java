package org.pelluna.core.lead;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.units.Dates;
import org.pelluna.core.watch.RollCall;

/** Lead of the roll call: the fish that needs a look, or that all were eating. */
public final class RollCallLead {
    private RollCallLead() {}

    /** The fish that was last found missing, hurt or not eating; else how many were eating. Empty while no fish lives here. */
    public static String of(TankPlan plan) {
        List<Resident> fish = living(plan);
        if (fish.isEmpty()) {
            return "";
        }
        List<RollCall> calls = plan.observations().rollCalls().stream()
                .sorted(Comparator.comparing(RollCall::at).reversed())
                .toList();
        if (calls.isEmpty()) {
            return "No roll call yet. Check that each fish is eating.";
        }
        Map<Resident, RollCall.State> last = new LinkedHashMap<>();
        for (Resident one : fish) {
            calls.stream()
                    .flatMap(call -> Optional.ofNullable(call.found().get(one.id())).stream())
                    .findFirst()
                    .ifPresent(state -> last.put(one, state));
        }
        Optional<Map.Entry<Resident, RollCall.State>> gravest = last.entrySet().stream()
                .filter(one -> one.getValue() != RollCall.State.EATING)
                .max(Map.Entry.comparingByValue());
        if (gravest.isPresent()) {
            return found(gravest.get().getKey(), gravest.get().getValue(), calls, plan.asOf());
        }
        RollCall latest = calls.get(0);
        String on = Dates.day(latest.at().toLocalDate(), plan.asOf());
        long eating = fish.stream()
                .filter(one -> latest.found().containsKey(one.id()))
                .count();
        return eating == fish.size()
                ? (fish.size() == 1 ? "Your fish was eating on " : "All " + fish.size() + " fish were eating on ") + on
                        + "."
                : eating + " of " + fish.size() + " fish were eating on " + on + "; you did not look for the others.";
    }

    private static String found(Resident fish, RollCall.State state, List<RollCall> latestFirst, LocalDate today) {
        LocalDate since = latestFirst.stream()
                .filter(call -> call.found().containsKey(fish.id()))
                .takeWhile(call -> call.found().get(fish.id()) == state)
                .reduce((later, earlier) -> earlier)
                .orElseThrow()
                .at()
                .toLocalDate();
        String on = Dates.day(since, today);
        return switch (state) {
            case MISSING ->
                fish.name() + " has been missing since " + on
                        + ": look in the overflow, behind the rock and on the floor.";
            case HURT -> fish.name() + " has been hurt since " + on + ": see What now.";
            case HIDING -> fish.name() + " has been hiding since " + on + ": offer it food where it hides.";
            case SEEN -> fish.name() + " has not been eating since " + on + ": try live or frozen food.";
            case EATING -> fish.name() + " was eating on " + on + ".";
        };
    }

    /** The fish that arrived and did not leave. */
    static List<Resident> living(TankPlan plan) {
        return plan.residents().stream()
                .filter(one -> !one.arrivedOn().isAfter(plan.asOf()))
                .filter(one -> one.leftOn().isEmpty())
                .toList();
    }
}
