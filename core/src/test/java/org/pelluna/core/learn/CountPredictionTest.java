package org.pelluna.core.learn;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.pelluna.core.learn.TemperamentModel.Met;
import org.pelluna.core.statistics.CountLaw;

/** What is predicted of the hours to come, against simulated tanks of which as little was watched as keepers do. */
class CountPredictionTest {
    /** Nobody knows the fish, the tank as estimated: the mean is what the catalogue expects. */
    @Test
    void ofAPairNeverSeenTheCatalogueIsTheMean() {
        CountPrediction any = CountPrediction.of(
                1, TemperamentModel.anyFish(0.5), new double[] {1}, List.of(1.0), TemperamentModel.NEVER, 4);
        assertThat(any.mean()).isCloseTo(4, within(0.1));
    }

    /** By hand: a fish surely as its kind, a pair surely of shape 2, of which 6 were seen where 2 were expected: (2 + 6) ÷ (2 + 2) times as much, and the gamma-Poisson law without bouts at nought. */
    @Test
    void ofAPairThatWasSeenItIsTheGammaPoissonLaw() {
        Multiple kind = new Multiple(0, 0.1, new double[] {1});
        CountPrediction it = CountPrediction.of(1, kind, new double[] {2}, List.of(1.0), new Met(6, 2), 3);
        assertThat(it.mean()).isCloseTo(6, within(0.01));
        double without = Math.pow(8 / (8 + 6.0), 8);
        assertThat(Math.exp(it.logChance(0)))
                .as("bouts leave it quiet more often")
                .isBetween(without, 0.15);
        assertThat(it.interval(0.9).holds(6)).isTrue();
        assertThat(it.interval(0.5).low()).isGreaterThan(it.interval(0.9).low());
        assertThat(it.logChance(5000)).as("what cannot be").isLessThan(-15);
    }

    /** One pair's counts in so many watches, in bouts: a negative binomial law with variance 1 + θ times the mean. */
    private static int watched(SplittableRandom random, double mean, double theta) {
        return theta == 0
                ? TemperamentModelTest.poisson(random, mean)
                : TemperamentModelTest.poisson(random, mean * TemperamentModelTest.gamma(random, mean / theta));
    }

    /** Intervals of nine tenths hold at least nearly so often, with and without bouts; and the forecast beats both the catalogue alone and the weeks before. */
    @Test
    void itHoldsAsOftenAsItSaysAndPredictsBetterThanTheWeeksBefore() {
        SplittableRandom random = new SplittableRandom(41);
        CountLaw law = CountLaw.sized(1);
        for (double theta : new double[] {0, 1.5, 3.5}) {
            int held = 0;
            int pairs = 0;
            double ours = 0;
            double catalogue = 0;
            double lately = 0;
            int better = 0;
            int tanks = 60;
            for (int tank = 0; tank < tanks; tank++) {
                double scale = Math.exp(0.7 * random.nextGaussian());
                List<List<Met>> met = new ArrayList<>();
                List<List<Double>> truths = new ArrayList<>();
                for (int i = 0; i < 6; i++) {
                    double own = TemperamentModelTest.gamma(random, 2);
                    List<Met> of = new ArrayList<>();
                    List<Double> truth = new ArrayList<>();
                    for (int j = 0; j < 5; j++) {
                        double expected = Math.exp(random.nextGaussian());
                        double mean = expected * scale * own * TemperamentModelTest.gamma(random, 1);
                        of.add(new Met(watched(random, mean, theta), expected));
                        truth.add(mean);
                    }
                    met.add(of);
                    truths.add(truth);
                }
                TemperamentModel tempers = TemperamentModel.of(met);
                double[] score = new double[2];
                for (int i = 0; i < 6; i++) {
                    for (int j = 0; j < 5; j++) {
                        Met one = met.get(i).get(j);
                        int count = watched(random, truths.get(i).get(j), theta);
                        CountPrediction it = tempers.predicted(tempers.fish().get(i), one, one.expected());
                        held += it.interval(0.9).holds(count) ? 1 : 0;
                        pairs++;
                        score[0] += it.logChance(count);
                        score[1] += law.logChance(count, Math.log(Math.max(0.1, one.seen())));
                        catalogue += law.logChance(count, Math.log(one.expected()));
                    }
                }
                ours += score[0];
                lately += score[1];
                better += score[0] > score[1] ? 1 : 0;
            }
            assertThat(held / (double) pairs).as("bouts %s", theta).isBetween(0.88, 0.99);
            assertThat(ours).isGreaterThan(catalogue).isGreaterThan(lately);
            assertThat(better / (double) tanks).as("tanks").isGreaterThan(0.8);
        }
    }
}
