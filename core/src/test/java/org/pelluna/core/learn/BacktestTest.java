package org.pelluna.core.learn;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.pelluna.core.Fixtures;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.tension.Logs;

class BacktestTest {
    private static Logs tank() {
        return new Logs(7).resident("gale", "chrysiptera-parasema", 200, 7).resident("plum", "gramma-loreto", 180, 6);
    }

    private static Backtest foresight(Logs logs) {
        return Backtest.of(ResolvedPlan.of(logs.plan(), Fixtures.CATALOGUE)).orElseThrow();
    }

    private static Backtest.OnPair galeOnPlum(Backtest foresight) {
        return foresight.pairs().stream()
                .filter(one -> one.by().key().equals("gale") && one.on().key().equals("plum"))
                .findFirst()
                .orElseThrow();
    }

    /** Two an hour until a month ago and since: it comes as predicted, whatever the catalogue expected. */
    @Test
    void whatGoesOnAsItWasIsPredicted() {
        Backtest foresight = foresight(tank().watched(100, 0, 60).encounters("gale", "plum", 100, 0, ago -> 2));
        Backtest.OnPair pair = galeOnPlum(foresight);
        assertThat(pair.holds()).isTrue();
        assertThat(pair.predicted().mean() / foresight.hours()).isBetween(1.5, 2.5);
        assertThat(foresight.before()).isGreaterThan(foresight.hours());
    }

    /** Nothing of what came later is known beforehand: a quarrel that begins within the month is not predicted. */
    @Test
    void whatBeginsLaterIsNotPredicted() {
        Backtest foresight = foresight(tank().watched(100, 0, 60).encounters("gale", "plum", 28, 0, ago -> 6));
        assertThat(galeOnPlum(foresight).holds()).isFalse();
        assertThat(foresight.held()).isLessThan(foresight.pairs().size());
        assertThat(foresight.pairs().get(0)).as("first what was seen most").isEqualTo(galeOnPlum(foresight));
    }

    @Test
    void withoutAnHourOnEitherSideNothingIsPredicted() {
        assertThat(Backtest.of(ResolvedPlan.of(tank().watched(20, 0, 60).plan(), Fixtures.CATALOGUE)))
                .isEmpty();
        assertThat(Backtest.of(ResolvedPlan.of(tank().watched(100, 60, 60).plan(), Fixtures.CATALOGUE)))
                .isEmpty();
    }
}
