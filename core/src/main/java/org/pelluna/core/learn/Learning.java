package org.pelluna.core.learn;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.pressure.Encounters;
import org.pelluna.core.pressure.Pressure;
import org.pelluna.core.question.Answers;
import org.pelluna.core.question.Question;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.timeline.Timeline;
import org.pelluna.core.watch.Exposure;
import org.pelluna.core.watch.Grade;
import org.pelluna.core.watch.LogEntry;
import org.pelluna.core.watch.Observations;

/**
 * How each fish differs from its species fish: how many times as aggressive as its kind it is here, beside what holds for the whole tank as it is watched. Encounters seen in
 * declared watches against those the model predicts for the same hours and the same company ({@link TemperamentModel}).
 */
public final class Learning {
    /** Where it comes from. */
    public static final Provenance SOURCE = Provenance.own(
            "tank, fish and pair together: attacks seen compared with attacks predicted for the hours watched; gamma priors, the sum over pairs exact");

    private static final int RECENT_DAYS = 60;
    private static final int RECENT_BIN = 7;
    private static final int OLD_BIN = 30;

    private Learning() {}

    /**
     * A plan with its species, and with the temper of every fish as learned.
     *
     * @throws IllegalArgumentException if the catalogue lacks a species
     */
    public static ResolvedPlan stock(TankPlan plan, Catalogue catalogue) {
        ResolvedPlan base = ResolvedPlan.of(plan, catalogue);
        return of(base).on(base);
    }

    /** What a plan's log teaches; nothing where nothing was watched. */
    public static Beliefs of(ResolvedPlan base) {
        return of(base, Answers.WORKED_OUT);
    }

    /**
     * The same where some of it may be known: one more watch asks only of that watch's days.
     *
     * @param answers works out what is asked, or remembers it
     */
    public static Beliefs of(ResolvedPlan base, Answers answers) {
        TankPlan plan = base.plan();
        if (plan.log().isEmpty() && plan.observations().watches().isEmpty()) {
            return Beliefs.NONE;
        }
        Exposure exposure = Exposure.of(plan.log(), plan.observations().watches());
        if (exposure.days().isEmpty()) {
            return Beliefs.NONE;
        }
        Map<FishId, Map<FishId, TemperamentModel.Met>> met = met(base, exposure, answers);
        TemperamentModel tempers = tempers(base, met, answers);
        Map<FishId, SeenHarm> harms = harms(plan);
        Map<FishId, Lesson> lessons = new LinkedHashMap<>();
        met.forEach((id, pairs) -> lessons.put(id, lesson(plan, id, pairs, tempers, lessons.size(), harm(id, harms))));
        return new Beliefs(
                Beliefs.VERSION,
                exposure.encounters().size(),
                exposure.hours(),
                Optional.of(tempers.scale()),
                !plan.observations().unlearned().contains(Observations.WHOLE_TANK),
                Collections.unmodifiableMap(lessons));
    }

    /** What all of it says together. */
    static TemperamentModel tempers(
            ResolvedPlan base, Map<FishId, Map<FishId, TemperamentModel.Met>> met, Answers answers) {
        Map<FishId, Double> spreads = base.withAbsent().residents().stream()
                .collect(Collectors.toMap(
                        Fish::id, fish -> fish.species().temper().apart()));
        return answers.to(new TemperamentModel.Asked(
                met.values().stream().map(pairs -> List.copyOf(pairs.values())).toList(),
                met.keySet().stream()
                        .map(id -> Objects.requireNonNull(spreads.get(id)))
                        .toList()));
    }

    /** What every fish did to each other in declared watches, and what was expected of it. */
    static Map<FishId, Map<FishId, TemperamentModel.Met>> met(ResolvedPlan base, Exposure exposure, Answers answers) {
        Map<Pair, Integer> seen = new HashMap<>();
        for (LogEntry entry : exposure.encounters()) {
            seen.merge(
                    new Pair(entry.aggressorId().orElseThrow(), entry.fishId().orElseThrow()), 1, Integer::sum);
        }
        Map<Pair, Double> expected = expected(base, exposure, answers);
        Map<FishId, Map<FishId, TemperamentModel.Met>> met = new LinkedHashMap<>();
        base.withAbsent().residents().forEach(fish -> met.put(fish.id(), new LinkedHashMap<>()));
        Stream.concat(seen.keySet().stream(), expected.keySet().stream())
                .distinct()
                .filter(pair -> met.containsKey(pair.by))
                .sorted(Comparator.comparing(Pair::by).thenComparing(Pair::on))
                .forEach(pair -> Objects.requireNonNull(met.get(pair.by))
                        .put(
                                pair.on,
                                new TemperamentModel.Met(
                                        seen.getOrDefault(pair, 0), expected.getOrDefault(pair, 0.0))));
        met.values().removeIf(Map::isEmpty);
        return met;
    }

    private static Lesson lesson(
            TankPlan plan,
            FishId id,
            Map<FishId, TemperamentModel.Met> pairs,
            TemperamentModel tempers,
            int place,
            Harm harm) {
        Map<FishId, Double> onPairs = new LinkedHashMap<>();
        pairs.forEach((victim, met) -> onPairs.put(victim, tempers.onPair(place, met)));
        return new Lesson(
                id,
                pairs.values().stream().mapToInt(TemperamentModel.Met::seen).sum(),
                pairs.values().stream()
                        .mapToDouble(TemperamentModel.Met::expected)
                        .sum(),
                tempers.fish().get(place),
                harm,
                Map.copyOf(onPairs),
                !plan.observations().unlearned().contains(id));
    }

    /**
     * What a plan's log says of the strengths of the pressure model: a report, which no plan is judged with.
     *
     * @param answers works out what is asked, or remembers it
     * @return one for each sort of pair of which something was seen or expected
     */
    public static List<SeenStrength> strengths(ResolvedPlan base, Answers answers) {
        Exposure exposure =
                Exposure.of(base.plan().log(), base.plan().observations().watches());
        Map<FishId, Fish> fish = new HashMap<>();
        base.timeline().stays().forEach(stay -> fish.put(stay.who().id(), stay.who()));
        Map<SeenStrength.Sort, List<List<TemperamentModel.Met>>> sorts = new EnumMap<>(SeenStrength.Sort.class);
        met(base, exposure, answers).forEach((by, pairs) -> {
            Map<SeenStrength.Sort, List<TemperamentModel.Met>> own = new EnumMap<>(SeenStrength.Sort.class);
            pairs.forEach((on, one) -> {
                if (fish.containsKey(by) && fish.containsKey(on)) {
                    own.computeIfAbsent(
                                    SeenStrength.Sort.of(
                                            Objects.requireNonNull(fish.get(by)), Objects.requireNonNull(fish.get(on))),
                                    any -> new ArrayList<>())
                            .add(one);
                }
            });
            own.forEach((sort, some) ->
                    sorts.computeIfAbsent(sort, any -> new ArrayList<>()).add(some));
        });
        return SeenStrength.of(sorts);
    }

    /** What was seen of each fish, whether while watching or not: that it happened is known of both. */
    private static Map<FishId, SeenHarm> harms(TankPlan plan) {
        Map<FishId, Map<Grade, Integer>> grades = new HashMap<>();
        Map<FishId, Set<LocalDate>> evenings = new HashMap<>();
        for (LogEntry entry : plan.log()) {
            Grade.of(entry).ifPresent(grade -> {
                FishId by = entry.aggressorId().orElseThrow();
                grades.computeIfAbsent(by, any -> new EnumMap<>(Grade.class)).merge(grade, 1, Integer::sum);
                evenings.computeIfAbsent(by, any -> new HashSet<>())
                        .add(entry.at().toLocalDate());
            });
        }
        Map<FishId, SeenHarm> harms = new HashMap<>();
        grades.forEach((id, seen) -> harms.put(
                id, new SeenHarm(seen, evenings.getOrDefault(id, Set.of()).size())));
        return harms;
    }

    private static Harm harm(FishId id, Map<FishId, SeenHarm> harms) {
        return Harm.of(
                harms.getOrDefault(id, SeenHarm.NOTHING),
                SeenHarm.sum(harms.entrySet().stream()
                        .filter(one -> !one.getKey().equals(id))
                        .map(Map.Entry::getValue)
                        .toList()),
                harms.size());
    }

    /** One fish on another. */
    private record Pair(FishId by, FishId on) {}

    /**
     * Encounters an hour that each fish is predicted to have with each other, as a question that can be remembered.
     *
     * @param present the fish of one day and no others
     */
    private record PerHour(ResolvedPlan present) implements Question<Map<Pair, Double>> {
        @Override
        public Map<Pair, Double> answer(Answers answers) {
            Map<Pair, Double> perHour = new LinkedHashMap<>();
            for (Pressure one : Encounters.of(present).amongResidents()) {
                perHour.merge(new Pair(one.aggressorId(), one.victimId()), one.perHour(), Double::sum);
            }
            return Collections.unmodifiableMap(perHour);
        }
    }

    /**
     * Encounters predicted of each fish on each other for the hours watched; weeks, and months of the more distant past, go together. A day on
     * which somebody was out of the display is judged by itself.
     */
    private static Map<Pair, Double> expected(ResolvedPlan base, Exposure exposure, Answers answers) {
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
            answers.to(new PerHour(base.only(timeline.presentOn(day), day)))
                    .forEach((pair, perHour) -> expected.merge(pair, perHour * hours, Double::sum));
        });
        return expected;
    }
}
