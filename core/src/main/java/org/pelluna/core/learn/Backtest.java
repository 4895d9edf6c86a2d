package org.pelluna.core.learn;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.question.Answers;
import org.pelluna.core.statistics.Interval;
import org.pelluna.core.watch.Exposure;

/**
 * What would have been predicted some weeks ago of the hours watched since, by what had been seen until then, beside what was seen: whether what Pelluna learns of a tank can be believed, by
 * the tank's own record.
 *
 * @param since the first day that is predicted
 * @param before hours watched until then
 * @param hours hours watched since
 * @param pairs of each that met while it was watched since, most predicted or seen first
 */
public record Backtest(LocalDate since, double before, double hours, List<OnPair> pairs) {
    /** How far back it looks, in days. */
    public static final int DAYS = 30;

    /** The chance with which what is predicted holds. */
    public static final double LEVEL = 0.9;

    /** With less watched before or since nothing is predicted, h. */
    private static final double LEAST_HOURS = 1;

    /**
     * What one fish was to do to another.
     *
     * @param by the aggressor
     * @param on the other
     * @param catalogue encounters expected by the catalogue alone
     * @param predicted what was to be expected
     * @param seen what came
     */
    public record OnPair(FishId by, FishId on, double catalogue, CountPrediction predicted, int seen) {
        /** Between which counts it was to lie. */
        public Interval interval() {
            return predicted.interval(LEVEL);
        }

        /** Whether it came so. */
        public boolean holds() {
            return interval().holds(seen);
        }
    }

    /**
     * The last weeks of a plan's record, predicted by all before.
     *
     * @return empty where too little was watched before or since
     */
    public static Optional<Backtest> of(ResolvedPlan base) {
        return of(base, Answers.WORKED_OUT);
    }

    /**
     * The same where some of it may be known.
     *
     * @param answers works out what is asked, or remembers it
     */
    public static Optional<Backtest> of(ResolvedPlan base, Answers answers) {
        LocalDate since = base.plan().asOf().minusDays(DAYS);
        Exposure all = Exposure.of(base.plan().log(), base.plan().observations().watches());
        Exposure before = all.between(LocalDate.MIN, since);
        Exposure after = all.between(since, LocalDate.MAX);
        if (before.hours() < LEAST_HOURS || after.hours() < LEAST_HOURS) {
            return Optional.empty();
        }
        Map<FishId, Map<FishId, TemperamentModel.Met>> met = Learning.met(base, before, answers);
        List<FishId> known = List.copyOf(met.keySet());
        TemperamentModel tempers = Learning.tempers(base, met, answers);
        Map<FishId, Fish> fish = base.withAbsent().residents().stream().collect(Collectors.toMap(Fish::id, one -> one));
        List<OnPair> pairs = new ArrayList<>();
        Learning.met(base, after, answers)
                .forEach((by, others) -> others.forEach((on, next) -> {
                    int place = known.indexOf(by);
                    Multiple temper = place < 0
                            ? Beliefs.any(Objects.requireNonNull(fish.get(by)).species())
                            : tempers.fish().get(place);
                    TemperamentModel.Met until =
                            met.getOrDefault(by, Map.of()).getOrDefault(on, TemperamentModel.NEVER);
                    pairs.add(new OnPair(
                            by, on, next.expected(), tempers.predicted(temper, until, next.expected()), next.seen()));
                }));
        pairs.sort(Comparator.comparingDouble(
                        (OnPair one) -> -Math.max(one.seen(), one.predicted().mean()))
                .thenComparing(OnPair::by)
                .thenComparing(OnPair::on));
        return Optional.of(new Backtest(since, before.hours(), after.hours(), List.copyOf(pairs)));
    }

    /** How many pairs did what was predicted. */
    public long held() {
        return pairs.stream().filter(OnPair::holds).count();
    }
}
