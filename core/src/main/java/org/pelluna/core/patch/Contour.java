package org.pelluna.core.patch;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Contours of a surface given on a grid, by marching squares with straight interpolation (Lorensen & Cline 1987 in the plane).
 * Beyond the grid the surface lies below zero, so that every contour closes.
 */
final class Contour {
    private static final double BEYOND = -1;

    /** The heights with a border beyond the grid on each side. */
    private final double[][] heights;

    private final int rows;
    private final Map<Long, double[]> ends = new HashMap<>();
    private final Map<Long, Long> next = new HashMap<>();

    private Contour(Height height, int columns, int rows) {
        this.rows = rows;
        this.heights = new double[columns + 3][rows + 3];
        for (double[] column : heights) {
            Arrays.fill(column, BEYOND);
        }
        for (int i = 0; i <= columns; i++) {
            for (int j = 0; j <= rows; j++) {
                heights[i + 1][j + 1] = height.at(i, j);
            }
        }
    }

    /** A surface over grid points. */
    interface Height {
        double at(int column, int row);
    }

    /** The closed contours at zero, in grid units; each runs with the higher ground on its left. */
    static List<List<double[]>> zero(Height height, int columns, int rows) {
        Contour contour = new Contour(height, columns, rows);
        for (int i = -1; i <= columns; i++) {
            for (int j = -1; j <= rows; j++) {
                contour.cell(i, j);
            }
        }
        return contour.loops();
    }

    private void cell(int i, int j) {
        double[] left = heights[i + 1];
        double[] right = heights[i + 2];
        int high = (left[j + 1] > 0 ? 1 : 0)
                | (right[j + 1] > 0 ? 2 : 0)
                | (right[j + 2] > 0 ? 4 : 0)
                | (left[j + 2] > 0 ? 8 : 0);
        if (high == 0 || high == 15) {
            return;
        }
        double[] corner = {left[j + 1], right[j + 1], right[j + 2], left[j + 2]};
        long[] edge = {key(i, j, 0), key(i + 1, j, 1), key(i, j + 1, 0), key(i, j, 1)};
        boolean saddle = high == 5 || high == 10;
        // Two opposite corners are high: the middle decides whether they are joined.
        boolean joined = corner[0] + corner[1] + corner[2] + corner[3] > 0;
        for (int from = 0; from < 4; from++) {
            if (corner[from] > 0 && corner[(from + 1) % 4] <= 0) {
                int to = (from + (joined ? 1 : 3)) % 4;
                for (int e = 0; e < 4 && !saddle; e++) {
                    to = corner[e] <= 0 && corner[(e + 1) % 4] > 0 ? e : to;
                }
                segment(edge, corner, i, j, from, to);
            }
        }
    }

    private void segment(long[] edge, double[] corner, int i, int j, int from, int to) {
        ends.computeIfAbsent(edge[from], key -> point(corner, i, j, from));
        ends.computeIfAbsent(edge[to], key -> point(corner, i, j, to));
        next.put(edge[from], edge[to]);
    }

    private static double[] point(double[] corner, int i, int j, int edge) {
        double here = corner[edge];
        double there = corner[(edge + 1) % 4];
        double share = here == there ? 0.5 : here / (here - there);
        return switch (edge) {
            case 0 -> new double[] {i + share, j};
            case 1 -> new double[] {i + 1, j + share};
            case 2 -> new double[] {i + 1 - share, j + 1};
            default -> new double[] {i, j + 1 - share};
        };
    }

    private long key(int i, int j, int direction) {
        return ((long) (i + 1) * (rows + 3) + j + 1) * 2 + direction;
    }

    private List<List<double[]>> loops() {
        List<List<double[]>> loops = new ArrayList<>();
        while (!next.isEmpty()) {
            List<double[]> loop = new ArrayList<>();
            Long at = next.keySet().iterator().next();
            while (at != null && next.containsKey(at)) {
                loop.add(ends.get(at));
                at = next.remove(at);
            }
            if (loop.size() > 2) {
                loops.add(loop);
            }
        }
        return loops;
    }
}
