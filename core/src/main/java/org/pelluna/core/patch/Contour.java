package org.pelluna.core.patch;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Contours of a surface given on a grid, by marching squares with straight interpolation (Lorensen & Cline 1987 in the plane).
 * Beyond the grid the surface lies below zero, so that every contour closes.
 */
final class Contour {
    private static final double BEYOND = -1;

    private final Height height;
    private final int columns;
    private final int rows;
    private final Map<Long, double[]> ends = new HashMap<>();
    private final Map<Long, Long> next = new HashMap<>();

    private Contour(Height height, int columns, int rows) {
        this.height = height;
        this.columns = columns;
        this.rows = rows;
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

    private double at(int i, int j) {
        return i < 0 || j < 0 || i > columns || j > rows ? BEYOND : height.at(i, j);
    }

    private void cell(int i, int j) {
        double[] corner = {at(i, j), at(i + 1, j), at(i + 1, j + 1), at(i, j + 1)};
        int high = 0;
        for (int c = 0; c < 4; c++) {
            high |= corner[c] > 0 ? 1 << c : 0;
        }
        if (high == 0 || high == 15) {
            return;
        }
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
