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
 * @param largestPreyCm the largest prey the eater can swallow on that day, cm
 * @param preyCm the other's length on that day, cm
 */
public record Predation(
        FishId predatorId,
        FishId preyId,
        LocalDate from,
        LocalDate earliest,
        Optional<LocalDate> latest,
        double largestPreyCm,
        double preyCm) {
    private static final int HORIZON_DAYS = 3653;

    /** Body depth up to which a fish is swallowed by its length alone, as a share of that length. */
    private static final double ORDINARY_DEPTH = 0.42;

    private static final double MOST_BULK = 2;

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
        double gape = predator.species().gape().value() / bulk(prey);
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

    /**
     * By how much a deep body fills a mouth more than an ordinary one of its length: 1 for ordinary and slim bodies, up to 2 for discs. Swallowing
     * goes by the depth of the prey (common practice; the figures are ours).
     */
    private static double bulk(Fish prey) {
        return Math.max(1, Math.min(MOST_BULK, prey.species().look().depth() / ORDINARY_DEPTH));
    }

    /** The length from which a fish is too large for a grown eater, cm. */
    public static double safeCm(Fish predator, Fish prey) {
        return predator.species().gape().value()
                / bulk(prey)
                * Math.max(
                        predator.species().size().adultCm().value(),
                        predator.growth().adultLengthCm());
    }

    /** The first day on which the eater's mouth is wide enough. */
    private static Optional<LocalDate> first(double gape, GrowthCurve predator, GrowthCurve prey, LocalDate today) {
        int day = first(gape, predator, prey, today, 0, HORIZON_DAYS);
        return day < 0 ? Optional.empty() : Optional.of(today.plusDays(day));
    }

    /**
     * The same in a span of days, by halves; −1 if on none. Fish do not shrink: a span is passed over where even the eater's last length
     * is too little for the other's first.
     */
    private static int first(
            double gape, GrowthCurve predator, GrowthCurve prey, LocalDate today, int from, int until) {
        if (gape * predator.lengthCmOn(today.plusDays(until)) < prey.lengthCmOn(today.plusDays(from))) {
            return -1;
        }
        if (from == until) {
            return from;
        }
        int middle = (from + until) / 2;
        int sooner = first(gape, predator, prey, today, from, middle);
        return sooner < 0 ? first(gape, predator, prey, today, middle + 1, until) : sooner;
    }

    /** From when, for a sentence: today, or about a day with its band. */
    public String when(LocalDate today) {
        return from.isAfter(today)
                ? " from about " + from + " (earliest " + earliest
                        + latest.map(day -> ", latest " + day).orElse("; maybe never") + ")"
                : " today";
    }
}
