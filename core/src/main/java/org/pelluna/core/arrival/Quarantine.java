package org.pelluna.core.arrival;

import java.util.List;
import java.util.Optional;
import org.pelluna.core.plan.QuarantineTank;
import org.pelluna.core.plan.Schedule;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.watch.Phases;

/**
 * Quarantine by the chosen approach, in the keeper's own tank if there is one. It is run all in, all out: whoever is put in
 * later would have to wait as long again, and so would those already there.
 *
 * @param parts what is done, in turn
 * @param tank the keeper's own tank; without one nothing is asked of the calendar
 * @param taken days on which fish of other tanks have it, counted from the day of the plan, in order
 */
record Quarantine(List<Phases.Part> parts, Optional<QuarantineTank> tank, List<Taken> taken) {

    /** Days on which it is not free. */
    record Taken(int from, int until, Schedule.Booking booking) {}

    static Quarantine of(TankPlan plan) {
        return new Quarantine(
                plan.houseRules().approaches().quarantine().parts(),
                plan.schedule().quarantine(),
                plan.schedule().bookings().stream()
                        .filter(one -> one.wish().isEmpty())
                        .map(one -> new Taken(
                                ArrivalOrder.days(plan.asOf(), one.from()),
                                ArrivalOrder.days(plan.asOf(), one.until()),
                                one))
                        .toList());
    }

    /** Days in the keeper's own quarantine tank; 0 without one. */
    int days() {
        return tank.isPresent() ? parts.stream().mapToInt(Phases.Part::days).sum() : 0;
    }

    /** The first day from a given one on which fish can come out of it, having had it for themselves all their time. */
    int out(int day) {
        int out = day;
        for (Taken one : days() == 0 ? List.<Taken>of() : taken) {
            if (out - days() < one.until() && one.from() < out) {
                out = one.until() + days();
            }
        }
        return out;
    }

    /** Whose fish have it last before a new batch that has to wait for them and comes out on a day. */
    Schedule.Booking waitedFor(int out) {
        return taken.stream()
                .filter(one -> one.until() + days() == out)
                .findFirst()
                .orElseThrow()
                .booking();
    }

    /** Whether it holds so many fish, of which so many are rivals that must not share a compartment. */
    boolean holds(int fish, int rivals) {
        return tank.map(one -> fish <= one.places() && rivals <= one.compartments())
                .orElse(true);
    }
}
