package org.pelluna.app.arrivals;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import org.pelluna.core.arrival.Arrival;
import org.pelluna.core.arrival.ArrivalPlan;
import org.pelluna.core.units.Numbers;

/** What an order comes to, as a keeper pictures it. */
final class Outcome {
    private static final double SELDOM = 0.25;

    private Outcome() {}

    /** The encounters to be expected in the first weeks, and when all are in; in two sentences. */
    static String of(ArrivalPlan order) {
        List<Arrival> arrivals = order.arrivals();
        if (arrivals.isEmpty()) {
            return "";
        }
        Arrival hardest = arrivals.stream()
                .max(Comparator.comparingDouble(one -> one.cost().pressure()))
                .orElseThrow();
        LocalDate last = arrivals.get(arrivals.size() - 1).date();
        return "Predicted for a first week, everyone together: "
                + encounters(order.cost().pressure() / arrivals.size())
                + " in the mean"
                + (arrivals.size() > 1
                        ? ", most when " + hardest.names() + (hardest.fish() > 1 ? " come: " : " comes: ")
                                + encounters(hardest.cost().pressure())
                        : "")
                + ". All are in on " + last + ".";
    }

    private static String encounters(double perHour) {
        return perHour < SELDOM ? "hardly an encounter" : "about " + Numbers.plain(perHour, 1) + " encounters an hour";
    }
}
