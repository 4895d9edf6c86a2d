package org.pelluna.core.arrival;

import java.util.List;

/**
 * The days between which an order's arrivals can lie.
 *
 * @param earliest for each unit its first day
 * @param gap for each unit the shortest pause after it
 * @param last a day by which every order is done
 */
record OrderSpan(List<Integer> earliest, List<Integer> gap, int last) {}
