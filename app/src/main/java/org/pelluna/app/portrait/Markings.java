package org.pelluna.app.portrait;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.pelluna.app.svg.Svg;
import org.pelluna.core.species.Appearance;
import org.pelluna.core.species.BodyPlan;
import org.pelluna.core.species.Pattern;

/** The marking on a body, in the body's own coordinates so that it bends with it; to be clipped by the outline. */
final class Markings {
    private static final double[] CLOWNFISH = {0.25, 0.56, 0.93};

    private final Appearance look;
    private final BodyOutline body;
    private final String colour;
    private final String accent;

    Markings(Appearance look, BodyOutline body, String colour, String accent) {
        this.look = look;
        this.body = body;
        this.colour = colour;
        this.accent = accent;
    }

    Svg svg() {
        return Svg.of("{}{}", svg(look.pattern()), look.second().map(this::svg).orElse(Svg.NONE));
    }

    private Svg svg(Pattern pattern) {
        return switch (pattern) {
            case PLAIN -> Svg.NONE;
            case BARS -> bars();
            case LINES -> lines();
            case SPOTS -> spots(0.2, 0.94, -0.75, 0.75);
            case BICOLOUR -> bicolour();
            case SADDLE -> filled(area(0.2, 0.86, -1.15, 0.1, -0.62), colour);
            case MASK -> mask();
            case MAZE -> maze();
            case EYESPOT -> eyespot();
            case STRIPE -> stroke(along(-0.08, -0.02, 1.1), colour, Math.max(2, body.deep() * 0.22));
            case RINGS -> rings();
            case NET -> net();
            case CHEVRONS -> chevrons();
            case SADDLES -> saddles();
            case HEAD_BAND -> banded(0.27, 0.03, Math.max(4, body.deep() * 0.2), "#16181c");
            case TWO_TONE -> filled(area(-0.02, 1.02, 0.2, 1.2, 1.2), colour);
            case BELLY_SPOTS -> spots(0.18, 0.86, 0.05, 0.8);
            case DARK_REAR -> darkRear();
        };
    }

    /** Where bars stand: evenly from behind the eye; a clownfish has its own three, of which it may lack the hindmost. */
    private double[] barPlaces() {
        if (look.plan() == BodyPlan.CLOWNFISH) {
            return Arrays.copyOf(CLOWNFISH, look.count().orElse(CLOWNFISH.length));
        }
        return evenly(look.count().orElse(body.deep() < 30 ? 6 : 4));
    }

    private static double[] evenly(int count) {
        double first = count < 3 ? 0.3 : 0.2;
        double last = count < 3 ? 0.72 : 0.9;
        return IntStream.range(0, count)
                .mapToDouble(i -> count == 1 ? 0.5 : first + (last - first) * i / (count - 1))
                .toArray();
    }

    private Svg bars() {
        Svg.Builder svg = new Svg.Builder();
        double[] places = barPlaces();
        double width = look.plan() == BodyPlan.CLOWNFISH ? 7 : Math.min(8, 30.0 / places.length);
        for (double at : places) {
            svg.add(banded(at, 0.03, width * (at > 0.85 ? 0.7 : 1), accent));
        }
        return svg.build();
    }

    /** A bar edged with another colour. */
    private Svg banded(double at, double bend, double width, String edge) {
        String path = across(at, bend);
        return Svg.of("{}{}", stroke(path, edge, width + 2), stroke(path, colour, width));
    }

    private Svg lines() {
        Svg.Builder svg = new Svg.Builder();
        int count = look.count().orElse(5);
        for (int i = 0; i < count; i++) {
            double v = -0.72 + 1.44 * (i + 0.5) / count;
            svg.add(stroke(along(v, 0.03, 1), colour, Math.max(0.7, body.deep() * 0.32 / count)));
        }
        return svg.build();
    }

    private Svg spots(double from, double to, double top, double low) {
        Svg.Builder svg = new Svg.Builder();
        int rows = look.count().orElse(body.deep() > 20 ? 5 : 3);
        double size = Math.max(0.7, body.deep() * (low - top) / 2 / rows * 0.27);
        int along = (int) Math.max(6, Math.min(10, 52 / (size * 3)));
        for (int row = 0; row < rows; row++) {
            double v = top + (low - top) * (row + 0.5) / rows;
            for (int i = 0; i < along; i++) {
                double t = from + (to - from) * (i + (row % 2 == 0 ? 0.25 : 0.75)) / along;
                svg.add(
                        "<circle cx='{}' cy='{}' r='{}' fill='{}'/>",
                        body.x(t),
                        body.y(t, v),
                        size * (1 - 0.35 * Math.abs(v)),
                        (i + row) % 3 == 0 ? accent : colour);
            }
        }
        return svg.build();
    }

    private Svg bicolour() {
        String edge = across(0.5, 0.03);
        return Svg.of("<path d='{}L110 60L110 -60Z' fill='{}'/>{}", edge, colour, stroke(edge, accent, 1.2));
    }

    private Svg mask() {
        double t = body.anatomy().gill() * 0.72;
        return Svg.of(
                "<path d='{}L-9 60L-9 -60Z' fill='{}'/>{}",
                across(t, 0.04),
                colour,
                stroke(across(body.anatomy().gill(), 0.05), colour, Math.max(1.4, body.deep() * 0.07)));
    }

    private Svg maze() {
        Svg.Builder svg = new Svg.Builder();
        for (int row = 0; row < 6; row++) {
            List<double[]> points = new ArrayList<>();
            for (int i = 0; i <= 14; i++) {
                double t = 0.04 + i * 0.068;
                points.add(body.point(t, -0.8 + row * 0.32 + (i % 2 == 0 ? 0.13 : -0.13)));
            }
            svg.add(stroke(
                    Svg.path("M{} {}", points.get(0)[0], points.get(0)[1]) + Paths.through(points),
                    row % 2 == 0 ? colour : accent,
                    Math.max(0.8, body.deep() * 0.062)));
        }
        return svg.build();
    }

    private Svg eyespot() {
        return Svg.of(
                "{}<circle cx='{}' cy='{}' r='{}' fill='{}'/>",
                chevrons(),
                body.x(0.84),
                body.y(0.84, -0.5),
                Math.max(2, body.deep() * 0.09),
                accent);
    }

    private Svg rings() {
        Svg.Builder svg = new Svg.Builder();
        for (int i = 1; i <= 6; i++) {
            svg.add(
                    "<ellipse cx='66' cy='0' rx='{}' ry='{}' fill='none' stroke='{}' stroke-width='2.2'/>",
                    i * 10.5,
                    i * body.deep() * 0.15,
                    i % 2 == 0 ? accent : colour);
        }
        return svg.build();
    }

    private Svg net() {
        StringBuilder path = new StringBuilder();
        double lean = Math.min(0.24, body.deep() / BodyOutline.LENGTH * 0.6);
        for (double t = -0.05; t < 1; t += lean / 2.6) {
            double[] top = body.point(t, -1.1);
            double[] low = body.point(t + lean, 1.1);
            double[] back = body.point(t + lean, -1.1);
            double[] down = body.point(t, 1.1);
            path.append(Svg.path("M{} {}L{} {}", top[0], top[1], low[0], low[1]))
                    .append(Svg.path("M{} {}L{} {}", back[0], back[1], down[0], down[1]));
        }
        return stroke(path.toString(), colour, Math.min(0.9, body.deep() * 0.08));
    }

    private Svg chevrons() {
        StringBuilder path = new StringBuilder();
        int count = look.count().orElse(6);
        for (int i = 0; i < count; i++) {
            double t = 0.28 + 0.62 * i / count;
            double[] top = body.point(t + 0.1, -1.1);
            double[] middle = body.point(t, 0);
            double[] low = body.point(t + 0.1, 1.1);
            path.append(Svg.path("M{} {}L{} {}L{} {}", top[0], top[1], middle[0], middle[1], low[0], low[1]));
        }
        return stroke(path.toString(), colour, Math.min(2.6, 15.0 / count));
    }

    private Svg saddles() {
        Svg.Builder svg = new Svg.Builder();
        for (double at : evenly(look.count().orElse(2))) {
            double t = 0.12 + at * 0.86;
            svg.add(filled(area(t - 0.1, t + 0.1, -1.2, 0.25, -0.4), colour));
        }
        return svg.build();
    }

    private Svg darkRear() {
        double[] a = body.point(0.48, -0.15);
        double[] b = body.point(0.66, -1.2);
        double[] c = body.point(0.98, -1.2);
        double[] d = body.point(0.98, 1.2);
        double[] e = body.point(0.66, 1.2);
        return filled(
                Svg.path(
                        "M{} {}Q{} {} {} {}L{} {}Q{} {} {} {}Z",
                        a[0],
                        a[1],
                        b[0],
                        b[1],
                        c[0],
                        c[1],
                        d[0],
                        d[1],
                        e[0],
                        e[1],
                        a[0],
                        a[1]),
                colour);
    }

    /** A field between two heights, whose lower edge at its ends is another. */
    private String area(double from, double to, double top, double low, double lowAtEnds) {
        List<double[]> edge = new ArrayList<>();
        for (int i = 0; i <= 4; i++) {
            double share = i / 4.0;
            double bow = 1 - Math.abs(2 * share - 1);
            edge.add(body.point(to - (to - from) * share, lowAtEnds + (low - lowAtEnds) * Math.sqrt(bow)));
        }
        double[] start = body.point(from, top);
        double[] middle = body.point((from + to) / 2, top);
        double[] end = body.point(to, top);
        return Svg.path(
                        "M{} {}L{} {}L{} {}L{} {}",
                        start[0],
                        start[1],
                        middle[0],
                        middle[1],
                        end[0],
                        end[1],
                        edge.get(0)[0],
                        edge.get(0)[1])
                + Paths.through(edge) + "Z";
    }

    /** A line from above the back to below the belly. */
    private String across(double at, double bend) {
        double[] top = body.point(at, -1.3);
        double[] middle = body.point(at + bend * 2, 0);
        double[] low = body.point(at, 1.3);
        return Svg.path("M{} {}Q{} {} {} {}", top[0], top[1], middle[0], middle[1], low[0], low[1]);
    }

    /** A line along the body, always as far between back and belly. */
    private String along(double v, double from, double to) {
        List<double[]> points = new ArrayList<>();
        for (int i = 0; i <= 5; i++) {
            points.add(body.point(from + (to - from) * i / 5, v));
        }
        return Svg.path("M{} {}", points.get(0)[0], points.get(0)[1]) + Paths.through(points);
    }

    private static Svg filled(String path, String colour) {
        return Svg.of("<path d='{}' fill='{}'/>", path, colour);
    }

    private static Svg stroke(String path, String colour, double width) {
        return Svg.of("<path d='{}' fill='none' stroke='{}' stroke-width='{}'/>", path, colour, width);
    }
}
