package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.junit.jupiter.api.Test;
import org.pelluna.core.learn.Beliefs;
import org.pelluna.core.learn.Learning;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.pressure.Encounters;
import org.pelluna.core.pressure.Pressure;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.statistics.CountLaw;
import org.pelluna.core.watch.Exposure;
import org.pelluna.core.watch.LogEntry;
import org.springframework.beans.factory.annotation.Autowired;

/**
 * The demo's last month held out: what was learned before foretells it better than the catalogue alone, and about as well as "as in the last fortnight" (some five hours were watched). Log score (Gneiting & Raftery 2007) of the
 * counts of every pair, all by one law of scatter.
 */
class HeldOutTest extends PageTest {
    private static final int DAYS = 30;
    private static final int FORTNIGHT = 14;

    /** What a keeper who has seen nothing of a pair would still allow for, an hour. */
    private static final double LEAST = 0.02;

    private static final CountLaw LAW = CountLaw.sized(1);

    @Autowired
    Catalogue catalogue;

    private static String pair(LogEntry entry) {
        return entry.aggressorId().orElseThrow().key() + ">"
                + entry.fishId().orElseThrow().key();
    }

    private static String pair(Pressure one) {
        return one.aggressorId().key() + ">" + one.victimId().key();
    }

    private static Map<String, Integer> counts(Exposure exposure, LocalDate from, LocalDate to) {
        Map<String, Integer> counts = new HashMap<>();
        exposure.encounters(from, to).forEach(entry -> counts.merge(pair(entry), 1, Integer::sum));
        return counts;
    }

    private static double hours(Exposure exposure, LocalDate from, LocalDate to) {
        return exposure.days().subMap(from, true, to, false).values().stream()
                .mapToDouble(Double::doubleValue)
                .sum();
    }

    private static double score(List<Pressure> pairs, Map<String, Integer> seen, Function<Pressure, Double> mean) {
        return pairs.stream()
                .mapToDouble(one ->
                        LAW.logChance(seen.getOrDefault(pair(one), 0), Math.log(Math.max(1e-9, mean.apply(one)))))
                .sum();
    }

    /** How often beside the catalogue: the fish's own multiple on this one. */
    private static double times(Beliefs beliefs, Pressure one) {
        return beliefs.of(one.aggressorId())
                .map(lesson -> lesson.onPairs()
                        .getOrDefault(one.victimId(), lesson.temper().middle()))
                .orElse(1.0);
    }

    @Test
    void whatWasLearnedForetellsTheMonthThatWasHeldOut() {
        TankPlan plan = demoPlan();
        LocalDate cut = plan.asOf().minusDays(DAYS);
        TankPlan before = plan.withAsOf(cut)
                .withLog(plan.log().stream()
                        .filter(entry -> entry.at().toLocalDate().isBefore(cut))
                        .toList())
                .withObservations(plan.observations()
                        .with(as -> as.watches(plan.observations().watches().stream()
                                .filter(one -> one.start().toLocalDate().isBefore(cut))
                                .toList())));
        ResolvedPlan base = ResolvedPlan.of(before, catalogue);
        Beliefs beliefs = Learning.of(base);
        double scale = beliefs.scale().orElseThrow().middle();
        Exposure all = Exposure.of(plan.log(), plan.observations().watches());
        Map<String, Integer> seen = counts(all, cut, plan.asOf().plusDays(1));
        double hours = hours(all, cut, plan.asOf().plusDays(1));
        assertThat(hours).as("watched in the month held out").isGreaterThan(1);
        Map<String, Integer> lately = counts(all, cut.minusDays(FORTNIGHT), cut);
        double then = hours(all, cut.minusDays(FORTNIGHT), cut);

        // By the model quarrels go on settling: the middle of the month is foretold.
        List<Pressure> catalogued = Encounters.of(ResolvedPlan.of(before.withAsOf(cut.plusDays(DAYS / 2)), catalogue))
                .amongResidents();
        double ours =
                score(catalogued, seen, one -> Math.max(LEAST, scale * one.perHour() * times(beliefs, one)) * hours);
        double alone = score(catalogued, seen, one -> Math.max(LEAST, one.perHour()) * hours);
        double fortnight = score(
                catalogued,
                seen,
                one -> Math.max(LEAST, lately.getOrDefault(pair(one), 0) / Math.max(0.1, then)) * hours);
        assertThat(ours).as("than the catalogue alone, %s", alone).isGreaterThan(alone);
        assertThat(ours)
                .as("about as well as the last fortnight, %s", fortnight)
                .isGreaterThan(fortnight - 2);
    }
}
