package org.pelluna.core.growth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** What measured lengths tell of one fish: against fish whose truth is drawn from what is believed before. */
class GrowthParametersTest {
    private static final LocalDate START = LocalDate.of(2026, 1, 1);
    private static final GrowthParameters KIND = new GrowthParameters(20, 0.4);

    private static double read(double truth, Random random) {
        return truth * (1 + 0.05 * random.nextGaussian());
    }

    @Test
    void aLengthReadTwiceOnOneDayTellsNothingOfItsGrowth() {
        GrowthParameters after = KIND.seen(6, 0, 6.2);
        assertThat(after.ratePerYear()).isCloseTo(0.4, within(0.001));
        assertThat(after.adultLengthCm()).isCloseTo(20, within(0.01));
        assertThat(after.rateSpread()).isCloseTo(0.3, within(0.01));
    }

    @Test
    void aFishThatHardlyGrowsIsBelievedToBeSlowAndOneThatShootsUpToBeFast() {
        assertThat(KIND.seen(6, 1, 7).ratePerYear()).isLessThan(0.33);
        assertThat(KIND.seen(6, 1, 13).ratePerYear()).isGreaterThan(0.45);
        assertThat(KIND.seen(6, 1, 10.6).rateSpread()).isLessThan(0.27);
    }

    @Test
    void whatIsLongerThanItsKindIsBelievedToGrowLonger() {
        assertThat(KIND.seen(18, 2, 24).adultLengthCm()).isGreaterThan(21);
    }

    @Test
    void aSlipOfTheKeyboardChangesNothing() {
        assertThat(KIND.seen(6, 0.5, 60)).isEqualTo(KIND);
    }

    /** Two lengths, half a year apart: the length two years after the first is predicted better, and the interval holds. */
    @Test
    void lengthsMeasuredPredictsLaterOnesBetterThanTheKindAlone() {
        Random random = new Random(7);
        int trials = 400;
        double byKind = 0;
        double byFish = 0;
        int held = 0;
        for (int i = 0; i < trials; i++) {
            double adult = 20 * Math.exp(Math.log(1.1) * random.nextGaussian());
            double rate = 0.4 * Math.exp(Math.log(1.3) * random.nextGaussian());
            GrowthCurve truth = new GrowthCurve(START, 6, adult, rate);
            GrowthCurve seen = new GrowthCurve(START, read(6, random), KIND);
            for (int days : new int[] {200, 400, 600}) {
                seen = seen.measured(START.plusDays(days), read(truth.lengthCmOn(START.plusDays(days)), random));
            }
            LocalDate later = START.plusDays(1500);
            double there = truth.lengthCmOn(later);
            byFish += Math.pow(seen.lengthCmOn(later) - there, 2);
            byKind +=
                    Math.pow(new GrowthCurve(seen.startsOn(), seen.startLengthCm(), KIND).lengthCmOn(later) - there, 2);
            double off = Math.log(rate / seen.ratePerYear())
                    / Math.log1p(seen.parameters().rateSpread());
            held += Math.abs(off) < 1 ? 1 : 0;
        }
        assertThat(Math.sqrt(byFish / trials)).isLessThan(0.95 * Math.sqrt(byKind / trials));
        assertThat((double) held / trials).isBetween(0.6, 0.76);
    }

    @Test
    void nonsenseIsRefused() {
        assertThatThrownBy(() -> new GrowthParameters(0, 0.4)).hasMessageContaining("above 0");
        assertThatThrownBy(() -> new GrowthParameters(20, 0.4, 0.1, 1)).hasMessageContaining("between 0 and 1");
    }
}
