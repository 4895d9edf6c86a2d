package org.pelluna.core.lead;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.units.Dates;
import org.pelluna.core.watch.LogEntry;
import org.pelluna.core.watch.ObservationSession;
import org.pelluna.core.watch.RollCall;
import org.pelluna.core.watch.Sign;

/** Leads of the pages on which a keeper enters what was seen: the log, the roll call, the signs. */
public final class LogLeads {
    private static final int DAYS_WITHOUT_WATCH = 7;
    private static final int DAYS_A_SIGN_IS_FRESH = 14;

    private LogLeads() {}

    /** Whether it is time to watch again; else when the tank was last watched or an entry made. Empty while no fish lives here. */
    public static String log(TankPlan plan) {
        if (living(plan).isEmpty()) {
            return "";
        }
        Optional<LocalDate> watched = plan.observations().watches().stream()
                .map(ObservationSession::start)
                .max(Comparator.naturalOrder())
                .map(at -> at.toLocalDate());
        Optional<LocalDate> logged = plan.log().stream()
                .filter(entry -> entry.kind() != LogEntry.Kind.ARRIVAL)
                .map(entry -> entry.at().toLocalDate())
                .max(Comparator.naturalOrder());
        if (watched.isEmpty() && logged.isEmpty()) {
            return "Nothing logged yet. Start a timed watch.";
        }
        if (watched.isEmpty()) {
            return "Start a timed watch: you have logged entries, but no watch yet.";
        }
        long days = ChronoUnit.DAYS.between(watched.get(), plan.asOf());
        return days > DAYS_WITHOUT_WATCH
                ? "You have not watched " + plan.tank().name() + " for " + days + " days: watch it for ten minutes."
                : "Last watch: " + Dates.distance(watched.get(), plan.asOf()) + ".";
    }

    /** The fish that was last found missing, hurt or not eating; else how many were eating. Empty while no fish lives here. */
    public static String rollCall(TankPlan plan) {
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

    /** How one fish was found, since when without a better state in between. */
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

    /** The fish with the latest fresh sign, all its fresh signs together; else that there is none. Empty while no fish lived here. */
    public static String signs(TankPlan plan) {
        if (plan.residents().isEmpty()) {
            return "";
        }
        LocalDate from = plan.asOf().minusDays(DAYS_A_SIGN_IS_FRESH);
        List<Sign> fresh = plan.observations().signs().stream()
                .filter(sign -> !sign.at().toLocalDate().isBefore(from))
                .filter(sign -> living(plan).stream().anyMatch(one -> one.id().equals(sign.fishId())))
                .sorted(Comparator.comparing(Sign::at).reversed())
                .toList();
        if (plan.observations().signs().isEmpty()) {
            return "No signs logged.";
        }
        if (fresh.isEmpty()) {
            return "No fish showed a sign of injury or illness in the last two weeks.";
        }
        FishId fish = fresh.get(0).fishId();
        List<Sign> its =
                fresh.stream().filter(sign -> sign.fishId().equals(fish)).toList();
        return plan.fishNames().get(fish) + ": "
                + String.join(
                        " and ",
                        its.stream().map(sign -> sign.kind().words()).distinct().toList())
                + ", last seen on " + Dates.day(its.get(0).at().toLocalDate(), plan.asOf())
                + ". Look again today, and compare with the causes below.";
    }

    private static List<Resident> living(TankPlan plan) {
        return plan.residents().stream()
                .filter(one -> !one.arrivedOn().isAfter(plan.asOf()))
                .filter(one -> one.leftOn().isEmpty())
                .toList();
    }
}
