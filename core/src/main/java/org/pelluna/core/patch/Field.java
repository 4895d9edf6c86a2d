package org.pelluna.core.patch;

import java.util.List;

/** The holds of all fish over a grid of one view. */
final class Field {
    private static final int CELLS_LONG = 72;
    private static final int NOBODY = -1;

    private final Patches patches;
    private final int columns;
    private final int rows;
    private final double stepX;
    private final double stepY;
    private final double[][][] hold;
    private final boolean[][] inside;
    /** Above 0 where the ground is the holder's. */
    private final double[][][] ownership;

    /** The strongest hold at a point, the home it goes out from, and the strongest from any other home: companions are no rivals. */
    private final double[][] best;

    private final int[][] bestHome;
    private final double[][] second;
    private int insideCells;

    Field(Patches patches, Patches.View view) {
        this.patches = patches;
        double width = patches.width();
        double height = patches.height(view);
        double cell = Math.max(width, height) / CELLS_LONG;
        this.columns = Math.max(4, (int) Math.round(width / cell));
        this.rows = Math.max(4, (int) Math.round(height / cell));
        this.stepX = width / columns;
        this.stepY = height / rows;
        this.hold = new double[patches.holders()][columns + 1][rows + 1];
        this.inside = new boolean[columns + 1][rows + 1];
        this.ownership = new double[hold.length][columns + 1][rows + 1];
        this.best = new double[columns + 1][rows + 1];
        this.bestHome = new int[columns + 1][rows + 1];
        this.second = new double[columns + 1][rows + 1];
        for (int i = 0; i <= columns; i++) {
            for (int j = 0; j <= rows; j++) {
                inside[i][j] = patches.inside(view, i * stepX, j * stepY);
                insideCells += inside[i][j] ? 1 : 0;
                bestHome[i][j] = NOBODY;
            }
        }
        for (int one = 0; one < hold.length; one++) {
            fillHold(one, view);
        }
        for (int one = 0; one < hold.length; one++) {
            double edge = patches.edge(one);
            for (int i = 0; i <= columns; i++) {
                for (int j = 0; j <= rows; j++) {
                    ownership[one][i][j] = inside[i][j] ? hold[one][i][j] - Math.max(edge, rival(one, i, j)) : -1;
                }
            }
        }
    }

    private void fillHold(int one, Patches.View view) {
        int home = patches.home(one);
        double[] other = new double[rows + 1];
        for (int j = 0; j <= rows; j++) {
            other[j] = patches.otherBell(one, view, j * stepY);
        }
        for (int i = 0; i <= columns; i++) {
            double across = patches.acrossBell(one, i * stepX);
            for (int j = 0; j <= rows; j++) {
                if (inside[i][j]) {
                    hold[one][i][j] = patches.strength(one, view, i * stepX, j * stepY) * across * other[j];
                    rank(home, hold[one][i][j], i, j);
                }
            }
        }
    }

    private void rank(int home, double its, int i, int j) {
        if (bestHome[i][j] == home) {
            best[i][j] = Math.max(best[i][j], its);
        } else if (its > best[i][j]) {
            second[i][j] = best[i][j];
            best[i][j] = its;
            bestHome[i][j] = home;
        } else {
            second[i][j] = Math.max(second[i][j], its);
        }
    }

    /** The strongest hold of any who is no companion of the holder. */
    private double rival(int holder, int i, int j) {
        return bestHome[i][j] == patches.home(holder) ? second[i][j] : best[i][j];
    }

    /** Share of the inside that is the holder's. */
    double share(int holder) {
        return count(holder, false) / (double) Math.max(1, insideCells);
    }

    /** Share of the holder's ground that is contested. */
    double contested(int holder) {
        return count(holder, true) / (double) Math.max(1, count(holder, false));
    }

    private int count(int holder, boolean contestedOnly) {
        int count = 0;
        for (int i = 0; i <= columns; i++) {
            for (int j = 0; j <= rows; j++) {
                boolean owned = ownership[holder][i][j] > 0;
                count += owned && (!contestedOnly || quarrel(holder, i, j) > 0) ? 1 : 0;
            }
        }
        return count;
    }

    /** Above 0 where another's hold is strong enough to contest the ground. */
    private double quarrel(int holder, int i, int j) {
        double rival = rival(holder, i, j);
        return rival < patches.edge(holder) ? -1 : rival - Patches.CONTESTED * hold[holder][i][j];
    }

    List<List<double[]>> outline(int holder) {
        return outline((i, j) -> ownership[holder][i][j]);
    }

    List<List<double[]>> contestedOutline() {
        double[][] most = new double[columns + 1][rows + 1];
        for (int i = 0; i <= columns; i++) {
            for (int j = 0; j <= rows; j++) {
                most[i][j] = -1;
                for (int holder = 0; holder < hold.length; holder++) {
                    if (ownership[holder][i][j] > 0) {
                        most[i][j] = Math.max(most[i][j], quarrel(holder, i, j));
                    }
                }
            }
        }
        return outline((i, j) -> most[i][j]);
    }

    private List<List<double[]>> outline(Contour.Height height) {
        return Contour.zero(height, columns, rows).stream()
                .map(loop -> loop.stream()
                        .map(point -> new double[] {
                            Math.max(0, Math.min(columns, point[0])) * stepX,
                            Math.max(0, Math.min(rows, point[1])) * stepY
                        })
                        .toList())
                .toList();
    }
}
