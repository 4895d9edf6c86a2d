package org.pelluna.core.tension;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.watch.LogEntry;
import org.pelluna.core.watch.RollCall;

/** What the roll calls of a tank ask to be looked at. */
final class RollCallWarnings {
    /** Days for which a newcomer may hide without anybody attacking it; common practice. */
    private static final int HIDING_IS_NORMAL = 5;

    private RollCallWarnings() {}

    /**
     * What the roll calls ask to look at for one fish that lives here.
     *
     * @param suffered what was seen done to it in the last days
     */
    static Optional<Warning> of(TankPlan plan, Resident fish, List<LogEntry> suffered) {
        boolean attacked = suffered.stream().anyMatch(entry -> entry.kind().hasAggressor());
        List<RollCall> calls = plan.observations().rollCalls().stream()
                .filter(call -> call.found().containsKey(fish.id())
                        && !call.at().toLocalDate().isAfter(plan.asOf()))
                .sorted(Comparator.comparing(RollCall::at).reversed())
                .toList();
        if (calls.isEmpty()) {
            return Optional.empty();
        }
        RollCall.State last = state(calls.get(0), fish);
        LocalDate since = since(calls, fish);
        if (last == RollCall.State.MISSING) {
            return Optional.of(new Warning(
                    Warning.Kind.MISSING,
                    fish.id(),
                    since,
                    fish.name() + " has been missing since " + since
                            + ". Look behind the rock, in the overflow and on the floor; test ammonia."));
        }
        if (last == RollCall.State.HURT) {
            return Optional.of(new Warning(
                    Warning.Kind.HURT, fish.id(), since, fish.name() + " was hurt at roll call. See possible causes."));
        }
        if (last != RollCall.State.EATING
                && calls.size() > 1
                && state(calls.get(1), fish) != RollCall.State.EATING
                && (attacked || ChronoUnit.DAYS.between(fish.hereSince(plan.asOf()), plan.asOf()) > HIDING_IS_NORMAL)) {
            return Optional.of(new Warning(
                    Warning.Kind.NOT_EATING,
                    fish.id(),
                    since,
                    "No one has seen " + fish.name() + " eat since " + since
                            + (attacked ? ", and others bully it." : ".")
                            + " Feed it at the far end."));
        }
        return Optional.empty();
    }

    /** The first of the calls in a row in which the fish was not eating. */
    private static LocalDate since(List<RollCall> latestFirst, Resident fish) {
        LocalDate since = latestFirst.get(0).at().toLocalDate();
        for (RollCall call : latestFirst) {
            if (state(call, fish) == RollCall.State.EATING) {
                break;
            }
            since = call.at().toLocalDate();
        }
        return since;
    }

    private static RollCall.State state(RollCall call, Resident fish) {
        return call.found().getOrDefault(fish.id(), RollCall.State.EATING);
    }
}
