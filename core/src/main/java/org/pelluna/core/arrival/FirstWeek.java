package org.pelluna.core.arrival;

/**
 * The first week of a group.
 *
 * @param pressure all pressure in it, encounters/h
 * @param boxes the price of its boxes, encounters/h
 * @param boxDays days in the box; all of it stay as long as the one attacked hardest
 */
record FirstWeek(double pressure, double boxes, int boxDays) {}
