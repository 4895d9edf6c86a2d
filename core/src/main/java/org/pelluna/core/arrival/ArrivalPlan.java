package org.pelluna.core.arrival;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.id.FishId;
import org.pelluna.core.id.WishId;

/**
 * The order of arrival.
 *
 * @param arrivals the arrivals, in order
 * @param cost what the order costs
 * @param gap by which share of its cost another order could be cheaper at most; 0 if none is; empty if that is not known
 * @param best what the best order would cost, if this is the keeper's own; empty otherwise
 * @param held wishes of the plan that cannot be dated yet
 * @param back the resident that is out meanwhile and comes back last, if there is one
 * @param findings on the plan as a whole: what binds it, what it exceeds
 */
public record ArrivalPlan(
        List<Arrival> arrivals,
        OrderCost cost,
        OptionalDouble gap,
        Optional<OrderCost> best,
        List<Held> held,
        Optional<Return> back,
        List<Finding> findings) {
    public ArrivalPlan {
        arrivals = List.copyOf(arrivals);
        held = List.copyOf(held);
        findings = List.copyOf(findings);
    }

    /** The same with more to say of the plan as a whole. */
    public ArrivalPlan with(List<Finding> more) {
        return new ArrivalPlan(
                arrivals,
                cost,
                gap,
                best,
                held,
                back,
                Stream.concat(findings.stream(), more.stream()).toList());
    }

    /** The day on which a wish arrives; empty where it has none. */
    public Optional<LocalDate> dateOf(WishId wish) {
        return arrivals.stream()
                .filter(one -> one.wishIds().contains(wish))
                .map(Arrival::date)
                .findFirst();
    }

    /** What can be claimed of the order, in a sentence. */
    public String claim() {
        return FoundOrder.claim(gap);
    }

    /** Whether no order is cheaper. */
    public boolean proved() {
        return FoundOrder.isProved(gap);
    }

    /**
     * A resident that is out until all others have come.
     *
     * @param fishId the fish
     * @param name what it is called
     * @param on the day it comes back, as the newcomer
     * @param boxDays its days in the box on its return; 0 for none
     */
    public record Return(FishId fishId, String name, LocalDate on, int boxDays) {}

    /**
     * A wish without a date.
     *
     * @param wishId the wish
     * @param name what it is for
     * @param gate the finding that holds it back
     */
    public record Held(WishId wishId, String name, Finding gate) {}
}
