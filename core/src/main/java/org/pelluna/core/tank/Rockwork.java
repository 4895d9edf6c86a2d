package org.pelluna.core.tank;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * What the rocks of a layout take up, and what they leave clear. Worked out on a grid of the floor, so that rocks which stand into
 * one another count once.
 *
 * <p>The clear swim is the length of the longest clear lane, straight along the front or straight to it: a lane is
 * {@value #LANE_HIGH} of the water's height high and {@value #LANE_WIDE} of the tank's depth wide. Our own definition.
 */
public final class Rockwork {
    /** Height of a lane as a share of the water above the sand. */
    static final double LANE_HIGH = 0.4;

    /** Width of a lane as a share of the tank's depth, front to back. */
    static final double LANE_WIDE = 0.3;

    private static final int MOST_CELLS = 20_000;
    private static final int LANES_UP = 16;

    private final double cell;
    private final int across;
    private final int along;
    private final double waterCm;
    private final boolean[][] inside;
    private final double[][][] filled;

    /**
     * The rockwork of a tank.
     *
     * @param shape inside of the glass
     * @param sandCm depth of the sand
     * @param belowRimCm distance of the water line from the rim
     * @param rocks the rocks
     */
    public Rockwork(TankShape shape, double sandCm, double belowRimCm, List<Layout.Rock> rocks) {
        this.cell = Math.max(
                Math.min(1, shape.frontToBackCm() / 40),
                Math.sqrt(shape.acrossCm() * shape.frontToBackCm() / MOST_CELLS));
        this.across = Math.max(1, (int) Math.round(shape.acrossCm() / cell));
        this.along = Math.max(1, (int) Math.round(shape.frontToBackCm() / cell));
        this.waterCm = Math.max(0, shape.heightCm() - belowRimCm - sandCm);
        this.inside = new boolean[across][along];
        this.filled = new double[across][along][];
        for (int i = 0; i < across; i++) {
            for (int j = 0; j < along; j++) {
                double x = (i + 0.5) * shape.acrossCm() / across;
                double y = (j + 0.5) * shape.frontToBackCm() / along;
                inside[i][j] = shape.holds(x, y);
                filled[i][j] = inside[i][j] ? spans(rocks, x, y) : new double[0];
            }
        }
    }

    /** The rock over a point as spans of height above the sand, lowest first, joined where they meet: low, high, low, high. */
    private double[] spans(List<Layout.Rock> rocks, double x, double y) {
        List<double[]> spans = new ArrayList<>();
        for (Layout.Rock rock : rocks) {
            rock.spanAt(x, y)
                    .filter(span -> span[0] < waterCm)
                    .ifPresent(span -> spans.add(new double[] {span[0], Math.min(span[1], waterCm)}));
        }
        spans.sort(Comparator.comparingDouble(span -> span[0]));
        double[] joined = new double[2 * spans.size()];
        int last = -2;
        for (double[] span : spans) {
            if (last >= 0 && span[0] <= joined[last + 1]) {
                joined[last + 1] = Math.max(joined[last + 1], span[1]);
            } else {
                last += 2;
                joined[last] = span[0];
                joined[last + 1] = span[1];
            }
        }
        return java.util.Arrays.copyOf(joined, last + 2);
    }

    /** The bulk of the rock under water, its pores included, L. */
    public double bulkLitres(TankShape shape) {
        double area = shape.acrossCm() / across * (shape.frontToBackCm() / along);
        double litres = 0;
        for (double[][] column : filled) {
            for (double[] spans : column) {
                for (int i = 0; i < spans.length; i += 2) {
                    litres += (spans[i + 1] - spans[i]) * area / 1000;
                }
            }
        }
        return litres;
    }

    /** The longest clear lane, cm; 0 if there is none. */
    public double clearSwimCm(TankShape shape) {
        double stepX = shape.acrossCm() / across;
        double stepY = shape.frontToBackCm() / along;
        double wide = LANE_WIDE * shape.frontToBackCm();
        double longest = 0;
        for (int lane = 0; lane < LANES_UP; lane++) {
            double low = waterCm * (1 - LANE_HIGH) * lane / (LANES_UP - 1);
            boolean[][] shut = shut(low, low + waterCm * LANE_HIGH);
            longest = Math.max(longest, stepX * longestRun(shut, Math.max(1, (int) Math.round(wide / stepY)), true));
            longest = Math.max(longest, stepY * longestRun(shut, Math.max(1, (int) Math.round(wide / stepX)), false));
        }
        return longest;
    }

    private boolean[][] shut(double low, double high) {
        boolean[][] shut = new boolean[across][along];
        for (int i = 0; i < across; i++) {
            for (int j = 0; j < along; j++) {
                boolean closed = !inside[i][j];
                double[] spans = filled[i][j];
                for (int k = 0; k < spans.length && !closed; k += 2) {
                    closed = spans[k] < high && spans[k + 1] > low;
                }
                shut[i][j] = closed;
            }
        }
        return shut;
    }

    /** The longest run of cells in which a band so many cells wide is open. */
    private int longestRun(boolean[][] shut, int band, boolean alongFront) {
        int length = alongFront ? across : along;
        int width = alongFront ? along : across;
        int longest = 0;
        for (int from = 0; from + band <= width; from++) {
            int run = 0;
            for (int i = 0; i < length; i++) {
                boolean open = true;
                for (int j = from; j < from + band && open; j++) {
                    open = !(alongFront ? shut[i][j] : shut[j][i]);
                }
                run = open ? run + 1 : 0;
                longest = Math.max(longest, run);
            }
        }
        return longest;
    }
}
