package org.pelluna.core.lead;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.pelluna.core.arrival.Arrival;
import org.pelluna.core.arrival.ArrivalPlan;
import org.pelluna.core.budget.Budget;
import org.pelluna.core.finding.Sentence;
import org.pelluna.core.judge.ResidentVerdict;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.units.Dates;
import org.pelluna.core.units.Numbers;

/** Leads of the pages that look at the plan from one side: its price, one of its fish, another tank for all of them. */
public final class PlanLeads {
    private PlanLeads() {}

    /** What the planned fish cost, and how much of it goes to fish that will be attacked hard. */
    public static String money(Budget budget) {
        String price = Numbers.plain(budget.price(), 2);
        return budget.atRisk() > 0
                ? Numbers.plain(budget.atRisk(), 2) + " of " + price
                        + " is at risk: expect many attacks on the fish marked below."
                : "The planned fish cost " + price + ".";
    }

    /** Whether a fish is well where it lives, and what to do if not. Empty for a fish that does not live here now. */
    public static String fish(ResolvedPlan stock, String key) {
        return ResidentVerdict.all(stock).stream()
                .filter(one -> one.fish().id().key().equals(key))
                .map(one -> switch (one.standing()) {
                    case FINE -> one.fish().name() + " is fine here.";
                    case ACT, WATCH -> one.reason() + " " + one.step();
                })
                .findFirst()
                .orElse("");
    }

    /**
     * Whether all fish of a tank can move into another one: the day of the last, else the first that cannot and why.
     *
     * @param order in which they may go, as of newcomers there
     * @param fish by key
     * @param into name of the other tank
     */
    public static Sentence move(ArrivalPlan order, Map<String, Fish> fish, String into, LocalDate today) {
        if (fish.isEmpty()) {
            return Sentence.of("No fish live in this tank now.");
        }
        List<ArrivalPlan.Held> held = order.held();
        if (!held.isEmpty()) {
            Fish first = fish.get(held.get(0).wishId().key());
            return Sentence.of(
                    (first == null ? "One fish" : first.name()) + " cannot move to " + into + ": ",
                    held.get(0).gate().reason());
        }
        LocalDate last = order.arrivals().stream()
                .map(Arrival::date)
                .max(LocalDate::compareTo)
                .orElseThrow();
        return Sentence.of("All fish can move to " + into + " by " + Dates.day(last, today) + ".");
    }
}
