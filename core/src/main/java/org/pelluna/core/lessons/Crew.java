package org.pelluna.core.lessons;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.pelluna.core.finding.Explained;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.species.ReefStance;
import org.pelluna.core.statistics.Interval;
import org.pelluna.core.statistics.PoissonRate;
import org.pelluna.core.tank.AnimalGroup;
import org.pelluna.core.units.Numbers;
import org.pelluna.core.watch.CrewCount;

/**
 * Clean-up crew and other invertebrates: how fast they dwindle against what those who live here lead one to expect, and when to
 * restock. A clean-up crew is consumed; it is restocked at night, with animals too big to swallow (common practice).
 *
 * @param group which animals
 * @param name what the keeper calls them
 * @param about how many there should be now, by the last count and the rate since
 * @param most the most there were
 * @param lost animals lost between counts
 * @param animalWeeks animals times weeks between counts
 * @param perWeek share lost a week; meaningless while nothing was counted twice
 * @param interval its interval at 95 %
 * @param predicted share a week that would be expected here
 * @param eaters who lives here and takes them, or tests them
 * @param safeCm size from which those who take them no longer can; empty if size does not save them, or nobody does
 * @param taken who was seen to take them, and how many
 * @param restockOn the day by which two thirds will be left of the most there were
 */
public record Crew(
        AnimalGroup group,
        String name,
        double about,
        int most,
        int lost,
        double animalWeeks,
        double perWeek,
        Interval interval,
        double predicted,
        List<String> eaters,
        Optional<Double> safeCm,
        Map<String, Integer> taken,
        LocalDate restockOn) {

    /** How many to buy to be back at the most there were. */
    public int toBuy() {
        return (int) Math.max(0, Math.round(most - about));
    }

    /** Where the expectation comes from. */
    public static final Provenance SOURCE =
            Provenance.own("2 % a week die anyway; each fish that picks at them adds 1 %, each that eats them 5 %");

    /** How the share that is expected to be lost comes about. */
    public Explained how() {
        double by = predicted - OF_THEMSELVES;
        return new Explained(
                "Some die anyway; every fish here that tests or eats them takes its share.",
                Numbers.plain(100 * OF_THEMSELVES, 0) + " % die anyway + " + Numbers.plain(100 * by, 0)
                        + " % by those who live here = " + Numbers.plain(100 * predicted, 0) + " % a week",
                eaters.isEmpty() ? List.of("no fish here is known to eat them") : List.of(String.join(", ", eaters)),
                SOURCE);
    }

    private static final double OF_THEMSELVES = 0.02;
    private static final double TESTED = 0.01;
    private static final double TAKEN = 0.05;
    private static final double RESTOCK_AT = 2 / 3.0;
    private static final double DAYS_A_WEEK = 7;
    private static final int FAR = 3650;

    /** Every kind that was counted or added, in the order in which it first came. */
    public static List<Crew> of(ResolvedPlan stock) {
        Map<String, List<CrewCount>> kinds = new LinkedHashMap<>();
        stock.plan().observations().crew().stream()
                .filter(one -> !one.on().isAfter(stock.plan().asOf()))
                .sorted(Comparator.comparing(CrewCount::on).thenComparing(CrewCount::kind))
                .forEach(one -> kinds.computeIfAbsent(one.group() + " " + one.name(), key -> new ArrayList<>())
                        .add(one));
        return kinds.values().stream().map(counts -> of(stock, counts)).toList();
    }

    private static Crew of(ResolvedPlan stock, List<CrewCount> counts) {
        CrewCount first = counts.get(0);
        double smallest =
                counts.stream().mapToDouble(CrewCount::smallestCm).min().orElse(1);
        List<String> eaters = new ArrayList<>();
        Optional<Double> safe = Optional.empty();
        double predicted = OF_THEMSELVES;
        boolean sizeSaves = true;
        for (Fish fish : stock.residents()) {
            ReefStance severity = fish.species().reef().get(first.group());
            if (severity == null
                    || severity.conduct() == ReefStance.Conduct.LEAVES_ALONE
                    || severity.belowCm().filter(cm -> smallest >= cm).isPresent()) {
                continue;
            }
            eaters.add(fish.name());
            predicted += severity.conduct() == ReefStance.Conduct.TAKES ? TAKEN : TESTED;
            sizeSaves = sizeSaves && severity.belowCm().isPresent();
            safe = Optional.of(Math.max(safe.orElse(0.0), severity.belowCm().orElse(0.0)));
        }
        Tally tally = Tally.of(counts);
        double rate = tally.animalWeeks > 0 ? tally.lost / tally.animalWeeks : predicted;
        double weeks = ChronoUnit.DAYS.between(tally.since, stock.plan().asOf()) / DAYS_A_WEEK;
        double about = tally.now * Math.exp(-rate * weeks);
        double left = rate > 0 && about > RESTOCK_AT * tally.most
                ? Math.log(about / (RESTOCK_AT * tally.most)) / rate * DAYS_A_WEEK
                : rate > 0 ? 0 : FAR;
        return new Crew(
                first.group(),
                first.name(),
                about,
                tally.most,
                tally.lost,
                tally.animalWeeks,
                rate,
                tally.animalWeeks > 0 ? PoissonRate.interval(tally.lost, tally.animalWeeks, 0.95) : new Interval(0, 1),
                predicted,
                List.copyOf(eaters),
                sizeSaves ? safe.filter(cm -> cm > 0) : Optional.empty(),
                taken(counts),
                stock.plan().asOf().plusDays((long) Math.min(FAR, Math.ceil(left))));
    }

    private static Map<String, Integer> taken(List<CrewCount> counts) {
        Map<String, Integer> taken = new LinkedHashMap<>();
        counts.forEach(one -> one.by().ifPresent(who -> taken.merge(who, one.count(), Integer::sum)));
        return taken;
    }

    /** What the counts add up to. */
    private static final class Tally {
        private int now;
        private int most;
        private int lost;
        private double animalWeeks;
        private LocalDate since = LocalDate.MIN;

        static Tally of(List<CrewCount> counts) {
            Tally tally = new Tally();
            for (CrewCount one : counts) {
                if (one.kind() == CrewCount.Kind.ADDED) {
                    tally.pass(one.on());
                    tally.now += one.count();
                } else if (one.kind() == CrewCount.Kind.LOST) {
                    tally.pass(one.on());
                    int gone = Math.min(tally.now, one.count());
                    tally.now -= gone;
                    tally.lost += gone;
                } else {
                    int gone = Math.max(0, tally.now - one.count());
                    double average = (tally.now + Math.min(tally.now, one.count())) / 2.0;
                    if (tally.now > 0) {
                        tally.animalWeeks += average * tally.weeksTo(one.on());
                        tally.lost += gone;
                    }
                    tally.now = one.count();
                    tally.since = one.on();
                }
                tally.most = Math.max(tally.most, tally.now);
            }
            return tally;
        }

        /** Time passes without a count: those there are followed until now. */
        private void pass(LocalDate on) {
            if (now > 0) {
                animalWeeks += now * weeksTo(on);
            }
            since = on;
        }

        private double weeksTo(LocalDate on) {
            return ChronoUnit.DAYS.between(since, on) / DAYS_A_WEEK;
        }
    }
}
