package org.pelluna.core.assess;

import java.util.Comparator;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.pelluna.core.arrival.ArrivalPlan;
import org.pelluna.core.id.FishId;
import org.pelluna.core.pressure.Pressure;
import org.pelluna.core.units.Numbers;

/** The hardest meeting that a plan brings; where nobody is to come, the hardest among those who live there. */
final class HardestMeeting {
    /** It is worth telling from so many encounters an hour. */
    private static final double WORTH_TELLING = 0.25;

    private HardestMeeting() {}

    /** The meeting; empty where nobody is expected to press anybody. */
    static Optional<Pressure> of(Assessment assessment) {
        return (nobodyToCome(assessment) ? assessment.today() : assessment.planned())
                .stream()
                        .filter(one -> one.perHour() >= WORTH_TELLING)
                        .max(Comparator.comparingDouble(Pressure::perHour));
    }

    private static boolean nobodyToCome(Assessment assessment) {
        return assessment.order().arrivals().isEmpty();
    }

    /** It in a sentence: who attacks whom, and about how often, help on arrival included. */
    static String words(Assessment assessment, Pressure one) {
        Map<FishId, String> names = new HashMap<>();
        assessment.stock().withAbsent().residents().forEach(fish -> names.put(fish.id(), fish.name()));
        assessment
                .stock()
                .wishes()
                .forEach(wish -> names.put(wish.fish().id(), wish.species().commonName()));
        if (nobodyToCome(assessment)) {
            return names.get(one.aggressorId()) + " attacks " + names.get(one.victimId()) + " most: expect about "
                    + attacks(one) + " an hour.";
        }
        return "Watch " + names.get(one.aggressorId()) + ": expect about " + attacks(one) + " an hour on "
                + names.get(one.victimId()) + " in its first week"
                + (isBoxed(assessment.order(), one.victimId()) ? ", even after an acclimation box." : ".");
    }

    private static String attacks(Pressure one) {
        return Numbers.significant(one.perHour())
                + (Numbers.significant(one.perHour()).equals("1") ? " attack" : " attacks");
    }

    private static boolean isBoxed(ArrivalPlan order, FishId victim) {
        return order.arrivals().stream()
                .filter(one -> one.boxDays() > 0)
                .flatMap(one -> one.wishIds().stream())
                .anyMatch(wish -> wish.fish().equals(victim));
    }
}
