package org.pelluna.app.arrivals;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import org.pelluna.core.arrival.Arrival;
import org.pelluna.core.arrival.ArrivalPlan;
import org.pelluna.core.units.Numbers;

/** What an order comes to, as a keeper pictures it. */
final class ArrivalOutlook {
    private static final double SELDOM = 0.25;

    private ArrivalOutlook() {}

    /** How many attacks to expect in the first weeks, and when the last fish arrives. */
    static String of(ArrivalPlan order) {
        List<Arrival> arrivals = order.arrivals();
        if (arrivals.isEmpty()) {
            return "";
        }
        Arrival hardest = arrivals.stream()
                .max(Comparator.comparingDouble(one -> one.cost().pressure()))
                .orElseThrow();
        LocalDate last = arrivals.get(arrivals.size() - 1).date();
        return "In the whole tank, expect " + attacks(order.cost().pressure() / arrivals.size()) + " in a first week"
                + (arrivals.size() > 1
                        ? ". Expect most when " + hardest.names() + (hardest.fish() > 1 ? " arrive: " : " arrives: ")
                                + attacks(hardest.cost().pressure())
                        : "")
                + ". The last fish arrives on " + last + ".";
    }

    private static String attacks(double perHour) {
        return perHour < SELDOM ? "hardly any attacks" : "about " + Numbers.significant(perHour) + " attacks an hour";
    }
}
