package org.pelluna.core.lead;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.tension.Warning;
import org.pelluna.core.units.Dates;
import org.pelluna.core.watch.RollCall;

/** Lead of the roll call: the fish that needs a look, or that all were eating. */
public final class RollCallLead {
    private static final Set<Warning.Kind> ASKED =
            Set.of(Warning.Kind.MISSING, Warning.Kind.HURT, Warning.Kind.NOT_EATING);

    private static final int DAYS_A_CALL_IS_FRESH = 14;

    private RollCallLead() {}

    /**
     * The warning that the roll calls give; else how the fish were found in the latest one. Empty while no fish belongs here.
     *
     * @param warnings of the tank, the gravest first
     */
    public static String of(TankPlan plan, List<Warning> warnings) {
        List<Resident> fish = plan.residents().stream()
                .filter(one -> one.belongsHere(plan.asOf()))
                .toList();
        Optional<Warning> warning =
                warnings.stream().filter(one -> ASKED.contains(one.kind())).findFirst();
        if (fish.isEmpty() || warning.isPresent()) {
            return warning.map(Warning::words).orElse("");
        }
        Optional<RollCall> latest = plan.observations().rollCalls().stream()
                .filter(call -> !call.at().toLocalDate().isAfter(plan.asOf()))
                .max(Comparator.comparing(RollCall::at));
        return latest.map(call -> found(call, fish, plan.asOf()))
                .orElse("No roll call yet. Check that each fish is eating.");
    }

    private static String found(RollCall call, List<Resident> fish, LocalDate today) {
        LocalDate day = call.at().toLocalDate();
        if (ChronoUnit.DAYS.between(day, today) > DAYS_A_CALL_IS_FRESH) {
            return "The last roll call was " + Dates.distance(day, today) + ". Check that each fish is eating.";
        }
        Map<String, RollCall.State> states = new LinkedHashMap<>();
        fish.forEach(one ->
                Optional.ofNullable(call.found().get(one.id())).ifPresent(state -> states.put(one.name(), state)));
        Optional<Map.Entry<String, RollCall.State>> gravest = states.entrySet().stream()
                .filter(one -> one.getValue() != RollCall.State.EATING)
                .max(Map.Entry.comparingByValue());
        String on = Dates.day(day, today);
        if (gravest.isPresent()) {
            return gravest.get().getKey() + " was " + gravest.get().getValue().words() + " on " + on
                    + ": look again today.";
        }
        return states.size() < fish.size()
                ? states.size() + " of " + fish.size() + " fish were eating on " + on
                        + "; you did not look for the others."
                : fish.size() == 1
                        ? fish.get(0).name() + " was eating on " + on + "."
                        : "All " + fish.size() + " fish were eating on " + on + ".";
    }
}
