package org.pelluna.core.learn;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.pressure.Encounters;
import org.pelluna.core.pressure.Pressure;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.species.Species;
import org.pelluna.core.statistics.GammaPoisson;
import org.pelluna.core.statistics.Interval;
import org.pelluna.core.timeline.Timeline;
import org.pelluna.core.watch.Exposure;
import org.pelluna.core.watch.LogEntry;

/**
 * How each fish differs from its species fish: how many times as aggressive as its kind it is. The prior is a gamma distribution with mean
 * 1, wide enough for individuals that differ twofold (our own estimate); it is updated by the encounters seen while watching
 * against those the model predicts for the same hours and the same company.
 */
public final class Learning {
    /** Where it comes from. */
    public static final Provenance SOURCE = Provenance.own(
            "gamma prior of shape and rate 3, updated by encounters seen against encounters predicted for the hours watched");

    private static final GammaPoisson PRIOR = new GammaPoisson(3, 3);
    private static final double CONTRADICTS = 2;
    private static final double LEVEL = 0.9;
    private static final int RECENT_DAYS = 60;
    private static final int RECENT_BIN = 7;
    private static final int OLD_BIN = 30;
    private static final double LEAST = 0.25;
    private static final double MOST = 4;

    private Learning() {}

    /**
     * What was learned of one fish.
     *
     * @param fishId the fish
     * @param seen encounters in which it was the aggressor, while watching
     * @param expected encounters predicted for the same hours and company
     * @param posterior what that says of its aggression as a multiple of its kind's
     * @param counts whether it feeds the plan; not if the keeper has taken it back
     */
    public record Lesson(FishId fishId, int seen, double expected, GammaPoisson posterior, boolean counts) {
        /** The multiple used, kept within a quarter and four times. */
        public double factor() {
            return counts ? Math.max(LEAST, Math.min(MOST, posterior.mean())) : 1;
        }

        /** The interval of the multiple at 90 %. */
        public Interval interval() {
            return posterior.interval(LEVEL);
        }

        /** Whether it clearly differs from its kind: the interval leaves out its kind's own aggression. */
        public boolean differs() {
            return !interval().holds(1);
        }

        /** Whether the log contradicts the catalogue: it is clearly less than half, or more than twice, as aggressive. */
        public boolean contradicts() {
            return interval().high() < 1 / CONTRADICTS || interval().low() > CONTRADICTS;
        }
    }

    /**
     * A plan with its species, and with the temper of every fish as learned.
     *
     * @throws IllegalArgumentException if the catalogue lacks a species
     */
    public static ResolvedPlan stock(TankPlan plan, Catalogue catalogue) {
        return stock(plan, catalogue, of(ResolvedPlan.of(plan, catalogue)));
    }

    /** The same with lessons that are known already. */
    public static ResolvedPlan stock(TankPlan plan, Catalogue catalogue, Map<FishId, Lesson> lessons) {
        ResolvedPlan base = ResolvedPlan.of(plan, catalogue);
        return lessons.isEmpty() ? base : base.each(fish -> learned(fish, Optional.ofNullable(lessons.get(fish.id()))));
    }

    private static Fish learned(Fish fish, Optional<Lesson> lesson) {
        double factor = lesson.map(Lesson::factor).orElse(1.0);
        if (factor == 1) {
            return fish;
        }
        Species species = fish.species();
        return fish.of(species.individual(species.size(), species.temper().times(factor, SOURCE)));
    }

    /** The lessons of a plan by fish; empty where nothing was watched. */
    public static Map<FishId, Lesson> of(ResolvedPlan base) {
        TankPlan plan = base.plan();
        if (plan.log().isEmpty() && plan.observations().watches().isEmpty()) {
            return Map.of();
        }
        Exposure exposure = Exposure.of(plan.log(), plan.observations().watches());
        if (exposure.days().isEmpty()) {
            return Map.of();
        }
        Map<FishId, Integer> seen = new HashMap<>();
        for (LogEntry entry : exposure.encounters()) {
            seen.merge(entry.aggressorId().orElseThrow(), 1, Integer::sum);
        }
        Map<FishId, Double> expected = expected(base, exposure);
        Map<FishId, Lesson> lessons = new LinkedHashMap<>();
        for (Fish fish : base.withAbsent().residents()) {
            int count = seen.getOrDefault(fish.id(), 0);
            double predicted = expected.getOrDefault(fish.id(), 0.0);
            if (count > 0 || predicted > 0) {
                lessons.put(
                        fish.id(),
                        new Lesson(
                                fish.id(),
                                count,
                                predicted,
                                PRIOR.seen(count, predicted),
                                !plan.observations().unlearned().contains(fish.id())));
            }
        }
        return lessons;
    }

    /**
     * Encounters predicted of each fish for the hours watched; weeks, and months of the more distant past, go together. A day on
     * which somebody was out of the display is judged by itself.
     */
    private static Map<FishId, Double> expected(ResolvedPlan base, Exposure exposure) {
        LocalDate today = base.plan().asOf();
        Timeline<Fish> timeline = base.timeline();
        boolean absences = base.plan().residents().stream()
                .anyMatch(fish -> !fish.noted().absences().isEmpty());
        Map<LocalDate, Double> bins = new LinkedHashMap<>();
        exposure.days().forEach((day, hours) -> {
            long ago = java.time.temporal.ChronoUnit.DAYS.between(day, today);
            int wide = ago < RECENT_DAYS ? RECENT_BIN : OLD_BIN;
            LocalDate middle = today.minusDays(ago / wide * wide + Math.min(ago % wide, wide / 2));
            boolean apart = absences && !timeline.presentOn(middle).equals(timeline.presentOn(day));
            bins.merge(apart ? day : middle, hours, Double::sum);
        });
        Map<FishId, Double> expected = new HashMap<>();
        bins.forEach((day, hours) -> {
            ResolvedPlan then =
                    new ResolvedPlan(base.plan().withAsOf(day), timeline.presentOn(day), List.of(), List.of());
            for (Pressure one : Encounters.of(then).amongResidents()) {
                expected.merge(one.aggressorId(), one.perHour() * hours, Double::sum);
            }
        });
        return expected;
    }

    /** The lessons worth telling, the most surprising first. */
    public static Stream<Lesson> surprising(Map<FishId, Lesson> lessons) {
        return lessons.values().stream()
                .filter(Lesson::differs)
                .sorted(Comparator.comparingDouble((Lesson one) ->
                                Math.abs(Math.log(one.posterior().mean())))
                        .reversed());
    }
}
