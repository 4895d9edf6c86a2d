package org.pelluna.core.learn;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.assertj.core.data.Offset;
import org.hipparchus.distribution.continuous.GammaDistribution;
import org.junit.jupiter.api.Test;
import org.pelluna.core.watch.Grade;

/** The pieces of learning by hand: multiples in steps, what is held possible before anything is seen, and harm. */
class MultipleTest {
    private static final Offset<Double> EXACT = within(1e-9);
    private static final double DOUBLING = Math.log(2);

    /** A half, one and two; one twice as likely as each other. */
    private final Multiple multiple = new Multiple(-DOUBLING, DOUBLING, new double[] {1, 2, 1});

    @Test
    void aStepStandsForAllBetweenTheMiddlesToItsNeighbours() {
        assertThat(multiple.middle()).isCloseTo(1, EXACT);
        assertThat(multiple.interval(0.5).low()).isCloseTo(Math.sqrt(0.5), EXACT);
        assertThat(multiple.interval(0.5).high()).isCloseTo(Math.sqrt(2), EXACT);
        assertThat(multiple.interval(1).low()).isCloseTo(Math.pow(2, -1.5), EXACT);
        assertThat(multiple.interval(1).high()).isCloseTo(Math.pow(2, 1.5), EXACT);
    }

    @Test
    void itsHeightsAreReadBetweenTheSteps() {
        assertThat(multiple.heights(-DOUBLING, DOUBLING, 3)).containsExactly(new double[] {0.5, 1, 0.5}, EXACT);
        assertThat(multiple.heights(-1.5 * DOUBLING, DOUBLING, 2)).containsExactly(new double[] {1 / 3.0, 1}, EXACT);
        assertThat(multiple.heights(-0.75 * DOUBLING, 1.5 * DOUBLING, 2))
                .containsExactly(new double[] {0.3125 / 0.3125, 0.3125 / 0.3125}, EXACT);
        assertThat(multiple.heights(DOUBLING, 0.5 * DOUBLING, 3)).containsExactly(new double[] {1, 0.5, 0}, EXACT);
        assertThat(multiple.heights(10, 1, 2)).containsExactly(0, 0);
    }

    /** Half, one, two over the same: quarter to four, with 1, 4, 6, 4, 1 sixteenths. */
    @Test
    void oneOverAnotherIsTheirRatio() {
        Multiple ratio = multiple.over(multiple);
        assertThat(ratio.heights(-2 * DOUBLING, DOUBLING, 5))
                .containsExactly(new double[] {1 / 6.0, 4 / 6.0, 1, 4 / 6.0, 1 / 6.0}, EXACT);
        Multiple high = new Multiple(DOUBLING, DOUBLING, new double[] {1, 1});
        assertThat(high.over(multiple).middle())
                .as("two or four over about one")
                .isCloseTo(Math.pow(2, 1.5), EXACT);
    }

    @Test
    void beforeAnythingIsSeenATankIsAboutAsPredictedAndAFishAboutAsItsKind() {
        assertThat(TemperamentModel.anyTank().middle()).isCloseTo(1, within(1e-6));
        double low = TemperamentModel.anyTank().interval(0.9).low();
        assertThat(TemperamentModel.anyTank().interval(0.9).high()).isCloseTo(1 / low, within(1e-6));
        assertThat(low).isCloseTo(Math.exp(-1.6448536 * 0.7), within(0.003));
        double below = 0;
        double[] shapes = {1, 2, 4, 8};
        double[] likely = {0.2, 0.3, 0.3, 0.2};
        double middle = TemperamentModel.anyFish(0.63).middle();
        double high = TemperamentModel.anyFish(0.63).interval(0.9).high();
        double belowHigh = 0;
        for (int i = 0; i < shapes.length; i++) {
            GammaDistribution gamma = new GammaDistribution(shapes[i], 1 / shapes[i]);
            below += likely[i] * gamma.cumulativeProbability(middle);
            belowHigh += likely[i] * gamma.cumulativeProbability(high);
        }
        assertThat(below).isCloseTo(0.5, within(0.01));
        assertThat(belowHigh).isCloseTo(0.95, within(0.01));
        TemperamentModel unseen = TemperamentModel.of(List.of(List.of(new TemperamentModel.Met(0, 0))));
        assertThat(unseen.scale().interval(0.9).low()).isCloseTo(low, within(1e-3));
        assertThat(unseen.fish().get(0).middle()).isCloseTo(middle, within(1e-3));
    }

    /**
     * Three chases and a pin among ten displays of others. Shares of the tank: usual ones weigh twenty, so that displays are 16 of 30, chases 10, nips 2.6, pins 1, wounds 0.4; of the fish: eight
     * times those, and its own four.
     */
    @Test
    void harmIsTheMeanHarmOfItsGradesByTheTanks() {
        Harm harm = Harm.of(
                new SeenHarm(Map.of(Grade.CHASE, 3, Grade.PIN, 1), 4), new SeenHarm(Map.of(Grade.DISPLAY, 10), 10), 2);
        double[] tank = {16 / 30.0, 10 / 30.0, 2.6 / 30, 1 / 30.0, 0.4 / 30};
        double[] own = {0, 3, 0, 1, 0};
        double[] harms = {0, 0.05, 0.3, 0.6, 1};
        double usual = 0;
        double mean = 0;
        double square = 0;
        for (int i = 0; i < tank.length; i++) {
            double share = (8 * tank[i] + own[i]) / 12;
            usual += tank[i] * harms[i];
            mean += share * harms[i];
            square += share * harms[i] * harms[i];
        }
        double logVariance = Math.log(1 + (square - mean * mean) / 13 / (mean * mean));
        assertThat(harm.middle()).isCloseTo(mean / usual * Math.exp(-logVariance / 2), EXACT);
        assertThat(Math.log(harm.interval(0.9).high() / harm.middle()))
                .isCloseTo(1.6448536 * Math.sqrt(logVariance), within(1e-6));
        assertThat(Math.log(harm.middle() / harm.interval(0.9).low()))
                .isCloseTo(1.6448536 * Math.sqrt(logVariance), within(1e-6));
        assertThat(harm.seen()).isEqualTo(4);
        assertThat(harm.hard()).isEqualTo(1);
        SeenHarm sum = SeenHarm.sum(List.of(
                new SeenHarm(Map.of(Grade.CHASE, 3), 1), new SeenHarm(Map.of(Grade.CHASE, 2, Grade.NIP, 1), 2)));
        assertThat(sum).isEqualTo(new SeenHarm(Map.of(Grade.CHASE, 5, Grade.NIP, 1), 3));
        assertThat(sum.weight(Grade.CHASE)).as("six attacks in three fights").isEqualTo(2.5);
    }

    @Test
    void whatIsWorseIsSaidInWords() {
        assertThat(TemperamentVerdict.values())
                .filteredOn(TemperamentVerdict::isWorse)
                .containsExactly(
                        TemperamentVerdict.FIERCER, TemperamentVerdict.HARDER, TemperamentVerdict.RARELY_BUT_HARD);
        assertThat(TemperamentVerdict.values())
                .extracting(TemperamentVerdict::words)
                .doesNotHaveDuplicates()
                .noneMatch(String::isBlank);
    }
}
