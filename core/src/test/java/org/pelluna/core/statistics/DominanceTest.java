package org.pelluna.core.statistics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class DominanceTest {
    private static int[][] linear(int size) {
        int[][] wins = new int[size][size];
        for (int i = 0; i < size; i++) {
            for (int j = i + 1; j < size; j++) {
                wins[i][j] = 3;
            }
        }
        return wins;
    }

    /** By the definition in de Vries 1995 and Landau 1951: a perfectly linear order has h′ = 1. */
    @Test
    void aPerfectOrderIsPerfectlyLinear() {
        for (int size : new int[] {3, 5, 8}) {
            var linearity = new Dominance(linear(size)).linearity(500, 1);
            assertThat(linearity.h()).isCloseTo(1, within(1e-12));
            assertThat(linearity.unknown()).isZero();
        }
        assertThat(new Dominance(linear(8)).linearity(2000, 1).p()).isLessThan(0.01);
    }

    @Test
    void acircleOfThreeIsNotLinearAtAll() {
        int[][] circle = {{0, 2, 0}, {0, 0, 2}, {2, 0, 0}};
        assertThat(new Dominance(circle).linearity(200, 3).h()).isCloseTo(0, within(1e-12));
    }

    /** de Vries 1995: every unknown pair adds 6 / (N³ − N). With none known h′ is its mean over random orders, 3 / (N + 1). */
    @Test
    void whereNobodyMetLinearityIsThatOfChance() {
        for (int size : new int[] {3, 6, 10}) {
            var linearity = new Dominance(new int[size][size]).linearity(500, 5);
            assertThat(linearity.h()).isCloseTo(3.0 / (size + 1), within(1e-12));
            assertThat(linearity.p()).isGreaterThan(0.3);
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5})
    void davidsScoresOfAllAddUpToNothing(long seed) {
        Random random = new Random(seed);
        int[][] wins = new int[9][9];
        for (int i = 0; i < 9; i++) {
            for (int j = 0; j < 9; j++) {
                wins[i][j] = i == j ? 0 : random.nextInt(6);
            }
        }
        for (boolean corrected : new boolean[] {true, false}) {
            assertThat(Arrays.stream(new Dominance(wins).davidsScores(corrected))
                            .sum())
                    .as("seed " + seed)
                    .isCloseTo(0, within(1e-9));
        }
    }

    /** By hand from Gammell et al. 2003: of three in order, w = 2, 1, 0; w₂ = 1, 0, 0; l = 0, 1, 2; l₂ = 0, 0, 1. */
    @Test
    void davidsScoresOfAnOrderOfThree() {
        assertThat(new Dominance(linear(3)).davidsScores(false)).containsExactly(3, 0, -3);
    }

    /** de Vries et al. 2006: Dij = Pij − (Pij − 0.5) / (n + 1); three wins of three are 0.875. */
    @Test
    void sharesAreDrawnTowardEvenByFewEncounters() {
        Dominance dominance = new Dominance(linear(3));
        assertThat(dominance.share(0, 1, true)).isEqualTo(0.875);
        assertThat(dominance.share(1, 0, true)).isEqualTo(0.125);
        assertThat(new Dominance(new int[3][3]).share(0, 1, true)).isZero();
    }

    @Test
    void twoAnimalsHaveNoOrder() {
        assertThatThrownBy(() -> new Dominance(new int[2][2]).linearity(10, 1))
                .isInstanceOf(IllegalArgumentException.class);
    }

    /** Elo 1978: a gap of 200 is a chance of 0.76. */
    @Test
    void eloRatingsFollowWhatHappens() {
        assertThat(Elo.chance(1200, 1000)).isCloseTo(0.76, within(5e-3));
        Elo<String> elo = new Elo<>();
        elo.won("a", "b");
        assertThat(elo.rating("a")).isEqualTo(1050);
        assertThat(elo.rating("b")).isEqualTo(950);
        elo.won("b", "a");
        assertThat(elo.rating("b")).isGreaterThan(elo.rating("a"));
        assertThat(elo.rating("a") + elo.rating("b")).isCloseTo(2000, within(1e-9));
    }
}
