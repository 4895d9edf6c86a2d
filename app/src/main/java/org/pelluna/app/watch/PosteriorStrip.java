package org.pelluna.app.watch;

import org.pelluna.app.svg.Svg;
import org.pelluna.core.learn.Multiple;
import org.pelluna.core.statistics.Interval;

/** What is believed of a multiple, as a hill on a scale of doublings; beside it, thin, what was held possible beforehand. */
final class PosteriorStrip {
    private static final int POINTS = 61;
    private static final double DOUBLINGS = 3;
    private static final double WIDTH = 300;
    private static final double BASE = 34;
    private static final double HEIGHT = 30;
    private static final double MARGIN = 6;

    private PosteriorStrip() {}

    /** The strip; the words beside it say the same. */
    static Svg of(Multiple believed, Multiple before) {
        Interval interval = believed.interval(0.9);
        Svg.Builder svg = new Svg.Builder()
                .add("<svg viewBox='0 0 {} 46' class='lesson' aria-hidden='true'>", WIDTH)
                .add("<path d='{}Z' class='lesson-hill'/>", hill(believed))
                .add("<path d='{}' class='thin lesson-prior'/>", hill(before))
                .add("<path d='M0 {}H{}' class='thin'/>", BASE, WIDTH);
        for (int doubling = -2; doubling <= 2; doubling++) {
            svg.add(
                    "<path d='M{} {}V{}' class='thin'/>",
                    at(doubling * Math.log(2)),
                    BASE - (doubling == 0 ? HEIGHT : 4),
                    BASE + 4);
        }
        return svg.add(
                        "<path d='M{} {}H{}' class='lesson-interval'/>",
                        at(Math.log(interval.low())),
                        BASE + 7,
                        at(Math.log(interval.high())))
                .add(
                        "<circle cx='{}' cy='{}' r='4' class='lesson-mean'/></svg>",
                        at(Math.log(believed.middle())),
                        BASE + 7)
                .build();
    }

    private static String hill(Multiple multiple) {
        double first = -DOUBLINGS * Math.log(2);
        double step = -2 * first / (POINTS - 1);
        double[] heights = multiple.heights(first, step, POINTS);
        StringBuilder path = new StringBuilder("M0 " + BASE);
        for (int i = 0; i < POINTS; i++) {
            path.append(String.format(
                    java.util.Locale.ROOT, "L%.1f %.1f", i * WIDTH / (POINTS - 1), BASE - HEIGHT * heights[i]));
        }
        return path.append("L").append(WIDTH).append(" ").append(BASE).toString();
    }

    /** Where the logarithm of a multiple stands, kept within the strip. */
    private static double at(double log) {
        double x = WIDTH / 2 * (1 + log / (DOUBLINGS * Math.log(2)));
        return Math.max(MARGIN, Math.min(WIDTH - MARGIN, x));
    }
}
