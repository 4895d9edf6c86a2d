package org.pelluna.core.learn;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.hipparchus.distribution.continuous.GammaDistribution;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.pelluna.core.learn.TemperamentModel.Met;
import org.pelluna.core.species.Temperament;
import org.pelluna.core.statistics.Interval;

/** What is learned of tanks and fish, against simulated ones drawn from the priors. */
class TemperamentModelTest {
    private static final double[] FISH = {1, 2, 2, 2, 4, 4, 4, 8};
    private static final double[] PAIRS = {0.15, 0.4, 0.4, 0.4, 1, 1, 1, 3};

    static double gamma(SplittableRandom random, double shape) {
        return Math.max(
                1e-8, new GammaDistribution(shape, 1 / shape).inverseCumulativeProbability(random.nextDouble(1e-9, 1)));
    }

    static int poisson(SplittableRandom random, double mean) {
        if (mean > 30) {
            return (int) Math.max(0, Math.round(mean + Math.sqrt(mean) * random.nextGaussian()));
        }
        double limit = Math.exp(-mean);
        double product = random.nextDouble();
        int count = 0;
        while (product > limit) {
            product *= random.nextDouble();
            count++;
        }
        return count;
    }

    /** Six fish; every pair expected a few encounters. */
    private record Tank(double scale, double[] fish, List<List<Met>> met) {
        static Tank of(SplittableRandom random) {
            double scale = Math.exp(0.7 * random.nextGaussian());
            double shape = FISH[random.nextInt(FISH.length)];
            double pair = PAIRS[random.nextInt(PAIRS.length)];
            double[] fish = new double[6];
            List<List<Met>> met = new ArrayList<>();
            for (int i = 0; i < fish.length; i++) {
                fish[i] = gamma(random, shape);
                List<Met> of = new ArrayList<>();
                for (int j = 0; j < 5; j++) {
                    double expected = Math.exp(1.5 * random.nextGaussian() + 1);
                    of.add(new Met(poisson(random, expected * scale * fish[i] * gamma(random, pair)), expected));
                }
                met.add(of);
            }
            return new Tank(scale, fish, met);
        }
    }

    /** Simulation-based calibration in short: intervals of 90 % hold nine tenths, and hardly a fish is wrongly said to differ. */
    @Test
    void theIntervalsHoldTheTruthAndHardlyAnyFishIsWronglyCalledDifferent() {
        SplittableRandom random = new SplittableRandom(14);
        int rounds = 150;
        int scales = 0;
        int fish = 0;
        int wrong = 0;
        for (int round = 0; round < rounds; round++) {
            Tank tank = Tank.of(random);
            TemperamentModel tempers = TemperamentModel.of(tank.met);
            scales += tempers.scale().interval(0.9).holds(tank.scale) ? 1 : 0;
            for (int i = 0; i < tank.fish.length; i++) {
                var interval = tempers.fish().get(i).interval(0.9);
                fish += interval.holds(tank.fish[i]) ? 1 : 0;
                wrong += interval.low() > 1 && tank.fish[i] < 1 || interval.high() < 1 && tank.fish[i] > 1 ? 1 : 0;
            }
        }
        // Bands of three standard errors about 90 %.
        assertThat(scales / (double) rounds).isBetween(0.825, 0.975);
        assertThat(fish / (6.0 * rounds)).isBetween(0.87, 0.93);
        assertThat(wrong / (6.0 * rounds)).isLessThan(0.03);
    }

    /** The tenth of what is believed in which a truth lies, 0 to 9. */
    private static int tenth(Multiple believed, double truth) {
        int tenth = 0;
        for (int k = 1; k <= 9; k++) {
            double level = Math.abs(1 - 0.2 * k);
            double edge = k <= 5
                    ? believed.interval(level).low()
                    : believed.interval(level).high();
            tenth += truth > edge ? 1 : 0;
        }
        return tenth;
    }

    private static double chiSquare(int[] counts) {
        double expected = java.util.Arrays.stream(counts).sum() / (double) counts.length;
        return java.util.Arrays.stream(counts)
                .mapToDouble(count -> (count - expected) * (count - expected) / expected)
                .sum();
    }

    /** Simulation-based calibration (Talts et al. 2018): truths drawn from the priors fall evenly into the tenths of what is believed; chi-square of 9 degrees at 5 %. */
    @Tag("long")
    @Test
    void truthsFallEvenlyIntoWhatIsBelieved() {
        SplittableRandom random = new SplittableRandom(2018);
        int[] scales = new int[10];
        int[] fish = new int[10];
        for (int round = 0; round < 400; round++) {
            Tank tank = Tank.of(random);
            TemperamentModel tempers = TemperamentModel.of(tank.met);
            scales[tenth(tempers.scale(), tank.scale)]++;
            fish[tenth(tempers.fish().get(0), tank.fish[0])]++;
        }
        assertThat(chiSquare(scales)).as("the tank's scale").isLessThan(16.9);
        assertThat(chiSquare(fish)).as("one fish of each tank").isLessThan(16.9);
    }

    /** Kinds whose individuals lie close together, and such as lie far apart, in one tank: intervals hold of both, and are wider of the latter. */
    @Test
    void ofKindsThatDifferMuchMoreIsHeldPossible() {
        SplittableRandom random = new SplittableRandom(63);
        double[] spreads = {0.4, 0.9};
        int[] held = new int[2];
        double[] width = new double[2];
        int rounds = 120;
        for (int round = 0; round < rounds; round++) {
            double scale = Math.exp(0.7 * random.nextGaussian());
            double usual = FISH[random.nextInt(FISH.length)];
            double pair = PAIRS[random.nextInt(PAIRS.length)];
            double[] truth = new double[6];
            List<List<Met>> met = new ArrayList<>();
            List<Double> apart = new ArrayList<>();
            for (int i = 0; i < truth.length; i++) {
                double narrower = Temperament.USUAL_SPREAD / spreads[i % 2];
                truth[i] = gamma(random, usual * narrower * narrower);
                List<Met> of = new ArrayList<>();
                for (int j = 0; j < 5; j++) {
                    double expected = Math.exp(1.5 * random.nextGaussian() + 1);
                    of.add(new Met(poisson(random, expected * scale * truth[i] * gamma(random, pair)), expected));
                }
                met.add(of);
                apart.add(spreads[i % 2]);
            }
            TemperamentModel tempers = TemperamentModel.of(met, apart);
            for (int i = 0; i < truth.length; i++) {
                Interval interval = tempers.fish().get(i).interval(0.9);
                held[i % 2] += interval.holds(truth[i]) ? 1 : 0;
                width[i % 2] += Math.log(interval.high() / interval.low());
            }
        }
        // Of 360 each; a fish that hardly ever attacks lies below the lowest step.
        assertThat(held[0] / (3.0 * rounds)).isBetween(0.85, 0.95);
        assertThat(held[1] / (3.0 * rounds)).isBetween(0.83, 0.95);
        assertThat(width[1]).isGreaterThan(1.5 * width[0]);
    }

    /** What a spread says of a fish nobody has watched. */
    @Test
    void aSpreadIsHeldPossibleBeforehand() {
        assertThat(TemperamentModel.anyFish(0.9).interval(0.9).high())
                .isGreaterThan(TemperamentModel.anyFish(0.4).interval(0.9).high() * 1.3);
        assertThat(TemperamentModel.anyFish(0.4).interval(0.9).low()).isGreaterThan(0.3);
    }

    /** Five years of a tank, the last month held out: the learned rates predict it better than the catalogue, and than the last two weeks (log score, one law of scatter for all). */
    @Test
    void whatWasLearnedPredictsWhatWasHeldOut() {
        SplittableRandom random = new SplittableRandom(2007);
        org.pelluna.core.statistics.CountLaw law = org.pelluna.core.statistics.CountLaw.sized(50);
        double years = 60;
        for (int tank = 0; tank < 3; tank++) {
            double scale = Math.exp(0.7 * random.nextGaussian());
            List<List<Met>> met = new ArrayList<>();
            List<List<Double>> monthly = new ArrayList<>();
            List<Integer> seen = new ArrayList<>();
            List<Integer> twoWeeks = new ArrayList<>();
            for (int i = 0; i < 6; i++) {
                double own = gamma(random, 2);
                List<Met> of = new ArrayList<>();
                List<Double> expected = new ArrayList<>();
                for (int j = 0; j < 5; j++) {
                    double month = Math.exp(random.nextGaussian());
                    double truth = month * scale * own * gamma(random, 1);
                    of.add(new Met(poisson(random, years * truth), years * month));
                    expected.add(month);
                    seen.add(poisson(random, truth));
                    twoWeeks.add(poisson(random, truth / 2));
                }
                met.add(of);
                monthly.add(expected);
            }
            TemperamentModel tempers = TemperamentModel.of(met);
            double learned = 0;
            double catalogue = 0;
            double lately = 0;
            for (int i = 0; i < 6; i++) {
                for (int j = 0; j < 5; j++) {
                    double month = monthly.get(i).get(j);
                    int count = seen.get(5 * i + j);
                    double times = tempers.scale().middle()
                            * tempers.onPair(i, met.get(i).get(j));
                    learned += law.logChance(count, Math.log(month * times));
                    catalogue += law.logChance(count, Math.log(month));
                    lately += law.logChance(count, Math.log(Math.max(0.1, 2.0 * twoWeeks.get(5 * i + j))));
                }
            }
            assertThat(learned).as("than the catalogue").isGreaterThan(catalogue);
            assertThat(learned).as("than as in the last two weeks").isGreaterThan(lately);
        }
    }

    /** A tank in which half as much is seen of everyone is such a tank, and no fish of it is meek. */
    @Test
    void whatHoldsForAllIsTheTanks() {
        List<List<Met>> met = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            met.add(List.of(new Met(10, 20), new Met(5, 10), new Met(4, 8), new Met(10, 20)));
        }
        TemperamentModel tempers = TemperamentModel.of(met);
        assertThat(tempers.scale().middle()).isCloseTo(0.5, within(0.15));
        assertThat(tempers.fish())
                .allSatisfy(one -> assertThat(one.interval(0.9).holds(1)).isTrue());
    }

    @Test
    void oneFishThatAttacksAllIsThatFish() {
        List<List<Met>> met = new ArrayList<>(
                List.of(List.of(new Met(60, 10), new Met(40, 8), new Met(50, 9), new Met(44, 9), new Met(60, 9))));
        for (int i = 0; i < 6; i++) {
            met.add(List.of(new Met(10, 10), new Met(8, 8), new Met(9, 9), new Met(9, 9), new Met(9, 9)));
        }
        TemperamentModel tempers = TemperamentModel.of(met);
        assertThat(tempers.fish().get(0).interval(0.9).low()).isGreaterThan(1);
        assertThat(tempers.fish().subList(1, 7))
                .allSatisfy(one -> assertThat(one.middle())
                        .isLessThan(tempers.fish().get(0).middle() / 3));
        assertThat(tempers.onPair(0, met.get(0).get(0))
                        / tempers.onPair(1, met.get(1).get(0)))
                .as("six times as much seen, about six times as much pressed")
                .isBetween(4.5, 7.0);
    }
}
