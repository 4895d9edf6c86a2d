package org.pelluna.core.patch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ContourTest {
    private static double area(List<double[]> loop) {
        double twice = 0;
        for (int i = 0; i < loop.size(); i++) {
            double[] one = loop.get(i);
            double[] next = loop.get((i + 1) % loop.size());
            twice += one[0] * next[1] - next[0] * one[1];
        }
        return twice / 2;
    }

    @Test
    void aConesContourIsACircle() {
        var loops = Contour.zero((i, j) -> 8 - Math.hypot(i - 12, j - 10), 24, 20);
        assertThat(loops).hasSize(1);
        loops.get(0)
                .forEach(point ->
                        assertThat(Math.hypot(point[0] - 12, point[1] - 10)).isCloseTo(8, within(0.05)));
        assertThat(Math.abs(area(loops.get(0)))).isCloseTo(Math.PI * 64, within(2.0));
    }

    @Test
    void twoHillsHaveTwoContoursAndAHoleHasItsOwn() {
        assertThat(Contour.zero((i, j) -> 3 - Math.min(Math.hypot(i - 6, j - 6), Math.hypot(i - 20, j - 6)), 26, 12))
                .hasSize(2);
        assertThat(Contour.zero((i, j) -> 2 - Math.abs(Math.hypot(i - 12, j - 12) - 7), 24, 24))
                .hasSize(2);
    }

    @Test
    void groundThatReachesTheEdgeClosesThere() {
        var loops = Contour.zero((i, j) -> 1, 5, 4);
        assertThat(loops).hasSize(1);
        assertThat(Math.abs(area(loops.get(0)))).isGreaterThan(20);
    }

    /** On any surface, saddles included, the signed areas add up to the high ground: no contour is lost or crossed. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void contoursEncloseExactlyTheHighGround(long seed) {
        Random random = new Random(seed);
        double[][] height = new double[16][16];
        int high = 0;
        for (double[] column : height) {
            for (int j = 0; j < column.length; j++) {
                column[j] = random.nextBoolean() ? 1 : -1;
                high += column[j] > 0 ? 1 : 0;
            }
        }
        var loops = Contour.zero((i, j) -> height[i][j], 15, 15);
        double sum = loops.stream().mapToDouble(ContourTest::area).sum();
        // Around a grid point that is high the half-way contour encloses between half a cell and one cell.
        assertThat(Math.abs(sum)).as("seed " + seed).isBetween(high * 0.5 - 1e-9, high * 1.0 + 1e-9);
    }
}
