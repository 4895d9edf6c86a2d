package org.pelluna.core.learn;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.pressure.Encounters;
import org.pelluna.core.pressure.Pressure;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.statistics.Interval;
import org.pelluna.core.timeline.Timeline;
import org.pelluna.core.watch.Exposure;
import org.pelluna.core.watch.LogEntry;

/**
 * How each fish differs from its species fish: how many times as aggressive as its kind it is here, beside what holds for the whole tank as it is watched. Encounters seen in
 * declared watches against those the model predicts for the same hours and the same company ({@link Tempers}).
 */
public final class Learning {
    /** Where it comes from. */
    public static final Provenance SOURCE = Provenance.own(
            "tank, fish and pair together: encounters seen against encounters predicted for the hours watched; gamma priors, the sum over pairs exact");

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
     * @param hard how often it pinned, hurt or went at another fiercely, whenever that was seen
     * @param scale what holds for everything seen in this tank
     * @param temper its own aggression as a multiple of its kind's, beside that
     * @param onPairs how many times as much as its kind it presses each fish it has met
     * @param counts whether it feeds the plan; not if the keeper has taken it back
     */
    public record Lesson(
            FishId fishId,
            int seen,
            double expected,
            int hard,
            Multiple scale,
            Multiple temper,
            Map<FishId, Double> onPairs,
            boolean counts) {
        /** The multiple used, kept within a quarter and four times; never a meeker one for a fish that was seen to attack hard. */
        public double factor() {
            return used(temper.middle());
        }

        private double used(double multiple) {
            double factor = Math.max(LEAST, Math.min(MOST, multiple));
            return hard > 0 ? Math.max(1, factor) : factor;
        }

        /** The multiples used for the fish it has met. */
        Map<FishId, Double> factors() {
            return onPairs.entrySet().stream()
                    .collect(Collectors.toMap(Map.Entry::getKey, one -> used(one.getValue())));
        }

        /** The interval of the multiple at 90 %. */
        public Interval interval() {
            return temper.interval(LEVEL);
        }

        /** Whether it clearly differs from its kind: the interval leaves out its kind's own aggression. A fish seen to attack hard is never meeker. */
        public boolean differs() {
            return interval().low() > 1 || (interval().high() < 1 && hard == 0);
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
        return lesson.filter(Lesson::counts)
                .map(one -> fish.learned(one.factor(), one.factors()))
                .orElse(fish);
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
        Map<Pair, Integer> seen = new HashMap<>();
        for (LogEntry entry : exposure.encounters()) {
            seen.merge(
                    new Pair(entry.aggressorId().orElseThrow(), entry.fishId().orElseThrow()), 1, Integer::sum);
        }
        Map<Pair, Double> expected = expected(base, exposure);
        Map<FishId, Map<FishId, Tempers.Met>> met = new LinkedHashMap<>();
        base.withAbsent().residents().forEach(fish -> met.put(fish.id(), new LinkedHashMap<>()));
        Stream.concat(seen.keySet().stream(), expected.keySet().stream())
                .distinct()
                .filter(pair -> met.containsKey(pair.by))
                .sorted(Comparator.comparing(Pair::by).thenComparing(Pair::on))
                .forEach(pair -> Objects.requireNonNull(met.get(pair.by))
                        .put(pair.on, new Tempers.Met(seen.getOrDefault(pair, 0), expected.getOrDefault(pair, 0.0))));
        met.values().removeIf(Map::isEmpty);
        Tempers tempers = Tempers.of(
                met.values().stream().map(pairs -> List.copyOf(pairs.values())).toList());
        Map<FishId, Lesson> lessons = new LinkedHashMap<>();
        met.forEach((id, pairs) -> lessons.put(id, lesson(plan, id, pairs, tempers, lessons.size())));
        return lessons;
    }

    private static Lesson lesson(TankPlan plan, FishId id, Map<FishId, Tempers.Met> pairs, Tempers tempers, int place) {
        Map<FishId, Double> onPairs = new LinkedHashMap<>();
        pairs.forEach((victim, met) -> onPairs.put(victim, tempers.onPair(place, met)));
        return new Lesson(
                id,
                pairs.values().stream().mapToInt(Tempers.Met::seen).sum(),
                pairs.values().stream().mapToDouble(Tempers.Met::expected).sum(),
                hard(plan, id),
                tempers.scale(),
                tempers.fish().get(place),
                Map.copyOf(onPairs),
                !plan.observations().unlearned().contains(id));
    }

    /** One fish on another. */
    private record Pair(FishId by, FishId on) {}

    private static int hard(TankPlan plan, FishId id) {
        return (int) plan.log().stream()
                .filter(entry -> entry.aggressorId().filter(id::equals).isPresent())
                .filter(entry -> entry.kind() == LogEntry.Kind.PINNED
                        || entry.kind() == LogEntry.Kind.INJURY
                        || entry.hardness().filter(hardness -> hardness == 3).isPresent())
                .count();
    }

    /**
     * Encounters predicted of each fish on each other for the hours watched; weeks, and months of the more distant past, go together. A day on
     * which somebody was out of the display is judged by itself.
     */
    private static Map<Pair, Double> expected(ResolvedPlan base, Exposure exposure) {
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
        Map<Pair, Double> expected = new HashMap<>();
        bins.forEach((day, hours) -> {
            ResolvedPlan then =
                    new ResolvedPlan(base.plan().withAsOf(day), timeline.presentOn(day), List.of(), List.of());
            for (Pressure one : Encounters.of(then).amongResidents()) {
                expected.merge(new Pair(one.aggressorId(), one.victimId()), one.perHour() * hours, Double::sum);
            }
        });
        return expected;
    }
}
