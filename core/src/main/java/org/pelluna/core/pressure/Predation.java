package org.pelluna.core.pressure;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.Fish;

/**
 * One fish fits in another's mouth.
 *
 * @param predatorId the eater
 * @param preyId the eaten
 * @param from the first day on which it fits
 * @param mouthfulCm the largest prey the eater can swallow on that day, cm
 * @param preyCm the other's length on that day, cm
 */
public record Predation(FishId predatorId, FishId preyId, LocalDate from, double mouthfulCm, double preyCm) {
    private static final int HORIZON_DAYS = 3653;
    private static final int STEP_DAYS = 7;

    /** Every meal among the given fish within ten years, the soonest first. */
    public static List<Predation> among(List<Fish> fish, LocalDate today) {
        return fish.stream()
                .flatMap(predator -> fish.stream()
                        .filter(prey -> !prey.id().equals(predator.id()))
                        .flatMap(prey -> between(predator, prey, today).stream()))
                .sorted(Comparator.comparing(Predation::from))
                .toList();
    }

    /**
     * Whether and from when one fish could swallow another within ten years, looked at week by week.
     *
     * @param predator the eater
     * @param prey the fish in danger
     * @param today the first day looked at
     */
    public static Optional<Predation> between(Fish predator, Fish prey, LocalDate today) {
        double gape = predator.species().gape().value();
        double largest = Math.max(predator.lengthCmOn(today), predator.growth().adultLengthCm());
        if (gape * largest < prey.lengthCmOn(today)) {
            return Optional.empty();
        }
        for (int day = 0; day <= HORIZON_DAYS; day += STEP_DAYS) {
            LocalDate date = today.plusDays(day);
            double mouthful = gape * predator.lengthCmOn(date);
            double length = prey.lengthCmOn(date);
            if (mouthful >= length) {
                return Optional.of(new Predation(predator.id(), prey.id(), date, mouthful, length));
            }
        }
        return Optional.empty();
    }
}
