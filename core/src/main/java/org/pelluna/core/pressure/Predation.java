package org.pelluna.core.pressure;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.pelluna.core.growth.GrowthCurve;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.Fish;

/**
 * One fish fits in another's mouth.
 *
 * @param predatorId the eater
 * @param preyId the eaten
 * @param from the first day on which it fits
 * @param earliest the day if the eater grows fast and the eaten slowly
 * @param latest the day if it is the other way round; empty if it then never fits
 * @param mouthfulCm the largest prey the eater can swallow on that day, cm
 * @param preyCm the other's length on that day, cm
 */
public record Predation(
        FishId predatorId,
        FishId preyId,
        LocalDate from,
        LocalDate earliest,
        Optional<LocalDate> latest,
        double mouthfulCm,
        double preyCm) {
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
     * Whether and from when one fish could swallow another within ten years.
     *
     * @param predator the eater
     * @param prey the fish in danger
     * @param today the first day looked at
     */
    public static Optional<Predation> between(Fish predator, Fish prey, LocalDate today) {
        double gape = predator.species().gape().value();
        return first(gape, predator.growth(), prey.growth(), today)
                .map(day -> new Predation(
                        predator.id(),
                        prey.id(),
                        day,
                        first(gape, predator.growth().band(true), prey.growth().band(false), today)
                                .filter(sooner -> sooner.isBefore(day))
                                .orElse(day),
                        day.equals(today)
                                ? Optional.of(day)
                                : first(
                                        gape,
                                        predator.growth().band(false),
                                        prey.growth().band(true),
                                        today),
                        gape * predator.lengthCmOn(day),
                        prey.lengthCmOn(day)));
    }

    /** The first day on which the eater's mouth is wide enough: looked for week by week, and then by bisection. */
    private static Optional<LocalDate> first(double gape, GrowthCurve predator, GrowthCurve prey, LocalDate today) {
        double largest = Math.max(predator.lengthCmOn(today), predator.adultLengthCm());
        if (gape * largest < prey.lengthCmOn(today)) {
            return Optional.empty();
        }
        for (int day = 0; day <= HORIZON_DAYS; day += STEP_DAYS) {
            if (fits(gape, predator, prey, today.plusDays(day))) {
                int not = day - STEP_DAYS;
                int fits = day;
                while (day > 0 && fits - not > 1) {
                    int middle = (not + fits) / 2;
                    if (fits(gape, predator, prey, today.plusDays(middle))) {
                        fits = middle;
                    } else {
                        not = middle;
                    }
                }
                return Optional.of(today.plusDays(fits));
            }
        }
        return Optional.empty();
    }

    private static boolean fits(double gape, GrowthCurve predator, GrowthCurve prey, LocalDate day) {
        return gape * predator.lengthCmOn(day) >= prey.lengthCmOn(day);
    }

    /** From when, for a sentence: today, or about a day with its band. */
    public String when(LocalDate today) {
        return from.isAfter(today)
                ? " from about " + from + " (as early as " + earliest
                        + latest.map(day -> ", as late as " + day).orElse(", or never if it stays small") + ")"
                : " today";
    }
}
