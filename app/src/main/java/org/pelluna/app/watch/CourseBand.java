package org.pelluna.app.watch;

import org.pelluna.app.svg.Svg;
import org.pelluna.core.course.Course;
import org.pelluna.core.statistics.Interval;
import org.pelluna.core.tension.Settling;

/**
 * The expected course of a quarrel with its interval, as a band on a chart.
 *
 * @param course what the watches say
 * @param days days shown, from the first of the quarrel
 * @param dayWidth width of a day
 * @param scale height of one encounter an hour
 * @param height of the chart; what is higher is cut
 */
record CourseBand(Course course, long days, double dayWidth, double scale, double height) {
    private static final int STEP = 2;

    /** The band as a closed path: along its upper edge, and back along the lower. */
    String path() {
        StringBuilder upper = new StringBuilder();
        StringBuilder lower = new StringBuilder();
        for (long step = 0; step < days + STEP; step += STEP) {
            long day = Math.min(step, days);
            Interval rate = course.rate(day, Settling.LEVEL);
            upper.append(upper.length() == 0 ? "M" : "L").append(point(day * dayWidth, rate.high() * scale));
            lower.insert(0, "L" + point(day * dayWidth, rate.low() * scale));
        }
        return upper.append(lower).append('Z').toString();
    }

    private String point(double x, double up) {
        return Svg.number(x) + " " + Svg.number(height - Math.min(height, up));
    }
}
