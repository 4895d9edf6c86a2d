package org.pelluna.core.arrival;

/**
 * An arrival that the forecast does not bear.
 *
 * @param settled the units before it
 * @param group who comes
 * @param day the first day that it bears, counted from the day of the plan; {@link Integer#MAX_VALUE} if waiting does not help
 */
record HeldBack(int settled, int group, int day) {}
