package org.pelluna.app.portrait;

import java.util.List;
import org.pelluna.app.svg.Svg;

/** SVG path texts. */
final class Paths {
    private Paths() {}

    /** A closed smooth curve through the points (Catmull-Rom as cubic Béziers). */
    static String smooth(List<double[]> points) {
        int size = points.size();
        StringBuilder path = new StringBuilder(Svg.path("M{} {}", points.get(0)[0], points.get(0)[1]));
        for (int i = 0; i < size; i++) {
            double[] before = points.get((i + size - 1) % size);
            double[] from = points.get(i);
            double[] to = points.get((i + 1) % size);
            double[] after = points.get((i + 2) % size);
            path.append("C")
                    .append(Svg.number(from[0] + (to[0] - before[0]) / 6))
                    .append(" ")
                    .append(Svg.number(from[1] + (to[1] - before[1]) / 6))
                    .append(" ")
                    .append(Svg.number(to[0] - (after[0] - from[0]) / 6))
                    .append(" ")
                    .append(Svg.number(to[1] - (after[1] - from[1]) / 6))
                    .append(" ")
                    .append(Svg.number(to[0]))
                    .append(" ")
                    .append(Svg.number(to[1]));
        }
        return path.append("Z").toString();
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
