package org.pelluna.core.arrival;

/**
 * What an order costs; smaller is better. All three parts are in encounters per hour, so that they can be added.
 *
 * @param pressure pressures in the first week of every arrival, summed
 * @param lateness weeks of waiting, weighed by the house rules, and the price of boxes
 * @param shyness shy or delicate fish behind bold ones, weighed by the house rules
 */
public record OrderCost(double pressure, double lateness, double shyness) {
    static final OrderCost NONE = new OrderCost(0, 0, 0);

    /** The whole cost. */
    public double total() {
        return pressure + lateness + shyness;
    }

    OrderCost plus(OrderCost other) {
        return new OrderCost(pressure + other.pressure, lateness + other.lateness, shyness + other.shyness);
    }

    OrderCost minus(OrderCost other) {
        return new OrderCost(pressure - other.pressure, lateness - other.lateness, shyness - other.shyness);
    }
}
