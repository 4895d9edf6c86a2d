package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.pelluna.core.learn.Backtest;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.statistics.CountLaw;
import org.pelluna.core.watch.Exposure;
import org.springframework.beans.factory.annotation.Autowired;

/**
 * The demo's last month held out: what was learned before predicts every pair's count better than the catalogue alone and than "as in the last two weeks", whichever law of scatter these are given. Log score (Gneiting &
 * Raftery 2007).
 */
class HeldOutTest extends PageTest {
    private static final int FORTNIGHT = 14;

    /** What a keeper who has seen nothing of a pair would still allow for, an hour. */
    private static final double LEAST = 0.02;

    @Autowired
    Catalogue catalogue;

    @Test
    void whatWasLearnedPredictsTheMonthThatWasHeldOut() {
        TankPlan plan = demoPlan();
        Backtest foresight = Backtest.of(ResolvedPlan.of(plan, catalogue)).orElseThrow();
        assertThat(foresight.hours()).as("watched in the month held out").isGreaterThan(1);
        Exposure twoWeeks = Exposure.of(plan.log(), plan.observations().watches())
                .between(foresight.since().minusDays(FORTNIGHT), foresight.since());
        Map<String, Long> lately = twoWeeks.encounters().stream()
                .collect(Collectors.groupingBy(
                        entry -> entry.aggressorId().orElseThrow() + ">"
                                + entry.fishId().orElseThrow(),
                        Collectors.counting()));

        double ours = foresight.pairs().stream()
                .mapToDouble(one -> one.predicted().logChance(one.seen()))
                .sum();
        for (CountLaw law : CountLaw.POSSIBLE) {
            assertThat(ours).as("than the catalogue").isGreaterThan(score(foresight, law, Backtest.OnPair::catalogue));
            assertThat(ours)
                    .as("than as in the last two weeks")
                    .isGreaterThan(score(
                            foresight,
                            law,
                            one -> lately.getOrDefault(one.by() + ">" + one.on(), 0L)
                                    / twoWeeks.hours()
                                    * foresight.hours()));
        }
        assertThat(foresight.held() / (double) foresight.pairs().size()).isGreaterThan(0.85);
    }

    private static double score(Backtest foresight, CountLaw law, ToDoubleFunction<Backtest.OnPair> mean) {
        return foresight.pairs().stream()
                .mapToDouble(one -> law.logChance(
                        one.seen(), Math.log(Math.max(LEAST * foresight.hours(), mean.applyAsDouble(one)))))
                .sum();
    }
}
