package org.pelluna.app.portrait;

import java.util.List;
import org.pelluna.app.svg.Svg;

/** SVG path texts. */
final class Paths {
    private Paths() {}

    /** A closed smooth curve through the points. */
    static String smooth(List<double[]> points) {
        StringBuilder path = new StringBuilder(Svg.path("M{} {}", points.get(0)[0], points.get(0)[1]));
        int size = points.size();
        for (int i = 0; i < size; i++) {
            bend(
                    path,
                    points.get((i + size - 1) % size),
                    points.get(i),
                    points.get((i + 1) % size),
                    points.get((i + 2) % size));
        }
        return path.append("Z").toString();
    }

    /** A smooth curve on from the first of the points, where the pen is, through the others to the last. */
    static String through(List<double[]> points) {
        StringBuilder path = new StringBuilder();
        int last = points.size() - 1;
        for (int i = 0; i < last; i++) {
            bend(
                    path,
                    points.get(Math.max(0, i - 1)),
                    points.get(i),
                    points.get(i + 1),
                    points.get(Math.min(last, i + 2)));
        }
        return path.toString();
    }

    /**
     * One cubic Bézier of a Catmull–Rom curve. Its handles are a third of the way between its own ends, so that points near one
     * another beside points far apart make no loop.
     */
    private static void bend(StringBuilder path, double[] before, double[] from, double[] to, double[] after) {
        double third = Math.hypot(to[0] - from[0], to[1] - from[1]) / 3;
        double in = third / Math.max(1e-9, Math.hypot(to[0] - before[0], to[1] - before[1]));
        double out = third / Math.max(1e-9, Math.hypot(after[0] - from[0], after[1] - from[1]));
        path.append(Svg.path(
                "C{} {} {} {} {} {}",
                from[0] + (to[0] - before[0]) * in,
                from[1] + (to[1] - before[1]) * in,
                to[0] - (after[0] - from[0]) * out,
                to[1] - (after[1] - from[1]) * out,
                to[0],
                to[1]));
    }

    /** A closed path through the points, straight from each to the next. */
    static String rough(List<double[]> points) {
        StringBuilder path = new StringBuilder();
        for (double[] point : points) {
            path.append(path.length() == 0 ? "M" : "L")
                    .append(Svg.number(point[0]))
                    .append(" ")
                    .append(Svg.number(point[1]));
        }
        return path.append("Z").toString();
    }

    /** A closed straight-sided path. */
    static String polygon(double... xy) {
        StringBuilder path = new StringBuilder();
        for (int i = 0; i < xy.length; i += 2) {
            path.append(i == 0 ? "M" : "L")
                    .append(Svg.number(xy[i]))
                    .append(" ")
                    .append(Svg.number(xy[i + 1]));
        }
        return path.append("Z").toString();
    }
}
