package org.pelluna.core.arrival;

/**
 * One arrival of an order.
 *
 * @param settled the units that came before it
 * @param ready the first day that those before it leave free
 * @param cost what it costs on its day
 * @param boxDays its days in the box
 */
record OrderStep(int group, int settled, int ready, int day, OrderCost cost, int boxDays) {}
