package org.pelluna.core.statistics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.pelluna.core.statistics.Survival.FollowUp;

/** Freireich et al. 1963, remission times as in Gehan 1965; curve and errors by r-cran-survival. */
class SurvivalTest {
    private static final List<FollowUp> TREATED =
            lives("6 6 6 6+ 7 9+ 10 10+ 11+ 13 16 17+ 19+ 20+ 22 23 25+ 32+ 32+ 34+ 35+");
    private static final List<FollowUp> PLACEBO = lives("1 1 2 2 3 4 4 5 5 8 8 8 8 11 11 12 12 15 17 22 23");

    private static List<FollowUp> lives(String times) {
        List<FollowUp> lives = new ArrayList<>();
        for (String one : times.split(" ")) {
            lives.add(new FollowUp(Double.parseDouble(one.replace("+", "")), !one.endsWith("+")));
        }
        return lives;
    }

    @Test
    void theCurveIsThePublishedOne() {
        var curve = Survival.curve(TREATED);
        assertThat(curve).extracting(Survival.Step::time).containsExactly(6.0, 7.0, 10.0, 13.0, 16.0, 22.0, 23.0);
        double[] published = {0.857, 0.807, 0.753, 0.690, 0.627, 0.538, 0.448};
        for (int i = 0; i < published.length; i++) {
            assertThat(curve.get(i).survival()).isCloseTo(published[i], within(5e-4));
        }
        assertThat(curve.get(0).error()).isCloseTo(0.0764, within(5e-5));
        assertThat(curve.get(6).error()).isCloseTo(0.1346, within(5e-5));
        assertThat(curve.get(0).atRisk()).isEqualTo(21);
    }

    @Test
    void theLogRankTestIsThePublishedOne() {
        var test = Survival.logRank(TREATED, PLACEBO);
        assertThat(test.chiSquared()).isCloseTo(16.8, within(0.05));
        assertThat(test.p()).isLessThan(1e-4);
    }

    @Test
    void whereEveryLifeEndedTheCurveIsTheShareAlive() {
        var curve = Survival.curve(PLACEBO);
        assertThat(curve.get(curve.size() - 1).survival()).isZero();
        assertThat(curve.get(0).survival()).isCloseTo(19 / 21.0, within(1e-12));
    }

    @Test
    void nobodyLostIsNoCurveAndNoTest() {
        assertThat(Survival.curve(lives("5+ 9+"))).isEmpty();
        assertThatThrownBy(() -> Survival.logRank(lives("5+"), lives("7+")))
                .isInstanceOf(IllegalArgumentException.class);
    }

    /** Clopper & Pearson 1934 for 19 of 21, base R 4.2.2: {@code binom.test(19, 21)$conf.int}; for 8 of 8 {@code binom.test(8, 8)$conf.int}. */
    @Test
    void withoutCensoringTheIntervalIsThatOfTheShare() {
        var first = Survival.curve(PLACEBO).get(0).interval();
        assertThat(first.low()).isCloseTo(0.6962, within(5e-4));
        assertThat(first.high()).isCloseTo(0.9883, within(5e-4));
        var unbroken = Survival.unbroken(lives("9+ 9+ 9+ 9+ 9+ 9+ 9+ 9+"), 9);
        assertThat(unbroken.low()).isCloseTo(0.6306, within(5e-4));
        assertThat(unbroken.high()).isEqualTo(1);
        assertThat(Survival.unbroken(lives("3+ 9+"), 6).low())
                .isLessThan(Survival.unbroken(lives("9+ 9+"), 6).low());
    }

    /** Lives of which half are lost by day 100, and some leave the record before: the interval at 95 % holds the truth as often as it says, for few lives too. */
    @Tag("long")
    @Test
    void theIntervalHoldsTheTruthForFewLivesToo() {
        java.util.SplittableRandom random = new java.util.SplittableRandom(3);
        for (int size : new int[] {5, 10, 20, 40}) {
            int held = 0;
            int rounds = 400;
            for (int round = 0; round < rounds; round++) {
                List<FollowUp> lives = new ArrayList<>();
                for (int i = 0; i < size; i++) {
                    double end = -100 * Math.log(1 - random.nextDouble()) / Math.log(2);
                    double left = 250 * random.nextDouble();
                    lives.add(new FollowUp(Math.min(end, left), end <= left));
                }
                double day = 60;
                double truth = Math.pow(0.5, day / 100);
                held += Survival.curve(lives).stream()
                                .filter(step -> step.time() <= day)
                                .reduce((one, other) -> other)
                                .map(Survival.Step::interval)
                                .orElseGet(() -> Survival.unbroken(lives, day))
                                .holds(truth)
                        ? 1
                        : 0;
            }
            // Three standard errors below 95 %.
            assertThat(held / (double) rounds).as(size + " lives").isGreaterThan(0.917);
        }
    }
}
