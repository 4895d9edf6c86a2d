package org.pelluna.core.arrival;

import java.util.List;
import java.util.Optional;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.id.WishId;

/**
 * The order of arrival.
 *
 * @param arrivals the arrivals, in order
 * @param cost what the order costs
 * @param proved whether no order is cheaper
 * @param best what the best order would cost, if this is the keeper's own; empty otherwise
 * @param held wishes of the plan that cannot be dated yet
 * @param findings on the plan as a whole: what binds it, what it exceeds
 */
public record ArrivalPlan(
        List<Arrival> arrivals,
        OrderCost cost,
        boolean proved,
        Optional<OrderCost> best,
        List<Held> held,
        List<Finding> findings) {
    public ArrivalPlan {
        arrivals = List.copyOf(arrivals);
        held = List.copyOf(held);
        findings = List.copyOf(findings);
    }

    /**
     * A wish without a date.
     *
     * @param wishId the wish
     * @param name what it is for
     * @param gate the finding that holds it back
     */
    public record Held(WishId wishId, String name, Finding gate) {}
}
