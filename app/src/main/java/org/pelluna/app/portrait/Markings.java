package org.pelluna.app.portrait;

import org.pelluna.app.svg.Svg;
import org.pelluna.core.species.Appearance;

/** The marking on a body, to be clipped by its outline. */
final class Markings {
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

    private Svg svg(Appearance.Pattern pattern) {
        return switch (pattern) {
            case PLAIN -> Svg.NONE;
            case BARS -> bars();
            case LINES -> lines();
            case SPOTS -> spots();
            case BICOLOUR -> bicolour();
            case SADDLE -> saddle();
            case MASK -> mask();
            case MAZE -> maze();
            case EYESPOT -> eyespot();
            case STRIPE -> stroke(Svg.path("M0 -1Q30 {} 101 0", body.back(0.4) * 0.3), colour, stripeWidth());
            case RINGS -> rings();
            case NET -> net();
            case CHEVRONS -> chevrons();
            case SADDLES -> saddles();
            case HEAD_BAND -> headBand();
            case TWO_TONE -> twoTone();
            case BELLY_SPOTS -> bellySpots();
            case DARK_REAR ->
                Svg.of(
                        "<path d='M36 {}Q50 {} 72 {}L74 {}Q48 {} 36 {}Z' fill='{}'/>",
                        body.back(0.4) * 0.2,
                        body.back(0.4) * 1.6,
                        body.back(0.8) * 1.3,
                        body.belly(0.8) * 1.3,
                        body.belly(0.4) * 1.6,
                        body.back(0.4) * 0.2,
                        colour);
        };
    }

    private Svg bars() {
        Svg.Builder svg = new Svg.Builder();
        for (double at : new double[] {0.24, 0.54, 0.86}) {
            double x = body.x(at);
            String path = Svg.path("M{} -45Q{} 0 {} 45", x, x + 5, x);
            svg.add(stroke(path, accent, 10.5)).add(stroke(path, colour, 8));
        }
        return svg.build();
    }

    private Svg lines() {
        Svg.Builder svg = new Svg.Builder();
        double half = look.depth() * BodyOutline.LENGTH / 2;
        for (int i = -2; i <= 2; i++) {
            double y = i * half * 0.36;
            svg.add(stroke(Svg.path("M4 {}Q40 {} 82 {}", y * 0.5, y * 1.25, y * 0.7), colour, half * 0.13));
        }
        return svg.build();
    }

    private Svg spots() {
        Svg.Builder svg = new Svg.Builder();
        double half = look.depth() * BodyOutline.LENGTH / 2;
        double size = half * 0.14;
        for (int row = -2; row <= 2; row++) {
            for (int i = 0; i < 8; i++) {
                double x = 18 + i * 8.5 + (row % 2 == 0 ? 0 : 4.2);
                svg.add(
                        "<circle cx='{}' cy='{}' r='{}' fill='{}'/>",
                        x,
                        row * half * 0.36,
                        size,
                        (i + row) % 3 == 0 ? accent : colour);
            }
        }
        return svg.build();
    }

    private Svg bicolour() {
        return Svg.of(
                "<path d='M46 -45Q40 0 50 45L110 45L110 -45Z' fill='{}'/><path d='M46 -45Q40 0 50 45' fill='none' stroke='{}' stroke-width='1.4' stroke-opacity='0.6'/>",
                colour,
                accent);
    }

    private Svg saddle() {
        double top = body.back(0.5);
        return Svg.of(
                "<path d='M20 {}Q30 {} 60 {}Q82 {} 84 0Q66 {} 60 {}Q44 {} 34 {}Q26 {} 20 {}Z' fill='{}'/>",
                top * 0.35,
                top * 1.1,
                top * 0.75,
                top * 0.4,
                -top * 0.2,
                top * 0.15,
                top * 0.6,
                top * 0.1,
                -top * 0.1,
                top * 0.35,
                colour);
    }

    private Svg mask() {
        double low = body.belly(0.4);
        return Svg.of(
                "<path d='M-2 -45L16 -45Q22 0 12 {}L-2 45Z' fill='{}'/>{}",
                low * 0.6,
                colour,
                stroke(Svg.path("M14 {}Q24 {} 28 {}", low * 0.75, low * 0.4, low * 1.05), colour, 3));
    }

    private Svg maze() {
        Svg.Builder svg = new Svg.Builder();
        double half = look.depth() * BodyOutline.LENGTH / 2;
        for (int row = -2; row <= 2; row++) {
            StringBuilder path = new StringBuilder(Svg.path("M6 {}", row * half * 0.4));
            for (int i = 0; i < 6; i++) {
                path.append(Svg.path("q3.2 {} 6.4 0q3.2 {} 6.4 0", half * 0.34, -half * 0.34));
            }
            svg.add(stroke(path.toString(), row % 2 == 0 ? colour : accent, half * 0.15));
        }
        return svg.build();
    }

    private Svg eyespot() {
        double top = body.back(0.78);
        return Svg.of(
                "{}{}<circle cx='{}' cy='{}' r='4' fill='{}'/>",
                stroke("M15 -40Q12 0 15 40", accent, 4.5),
                stroke("M30 -40L60 30M40 -40L70 30M30 34L58 -6", colour, 1.3),
                body.x(0.82),
                top * 0.75,
                accent);
    }

    private double stripeWidth() {
        return Math.max(2.2, look.depth() * BodyOutline.LENGTH * 0.24);
    }

    private Svg rings() {
        Svg.Builder svg = new Svg.Builder();
        double half = look.depth() * BodyOutline.LENGTH / 2;
        for (int i = 1; i <= 6; i++) {
            svg.add(
                    "<ellipse cx='66' cy='0' rx='{}' ry='{}' fill='none' stroke='{}' stroke-width='2.6'/>",
                    i * 10.5,
                    i * half * 0.3,
                    i % 2 == 0 ? accent : colour);
        }
        return svg.build();
    }

    private Svg net() {
        Svg.Builder svg = new Svg.Builder();
        for (int i = 0; i < 15; i++) {
            int x = i * 7 - 6;
            svg.add(stroke("M" + x + " -46L" + (x + 46) + " 46M" + (x + 20) + " -46L" + (x - 26) + " 46", colour, 1.2));
        }
        return svg.build();
    }

    private Svg chevrons() {
        Svg.Builder svg = new Svg.Builder();
        double half = look.depth() * BodyOutline.LENGTH / 2;
        for (int x = 24; x <= 80; x += 13) {
            svg.add(stroke(Svg.path("M{} {}L{} 0L{} {}", (x + 9), -half * 1.2, x, (x + 9), half * 1.2), colour, 3.4));
        }
        return svg.build();
    }

    private Svg saddles() {
        Svg.Builder svg = new Svg.Builder();
        for (double at : new double[] {0.34, 0.66}) {
            double x = body.x(at);
            svg.add(
                    "<path d='M{} -45L{} -45L{} {}L{} {}Z' fill='{}'/>",
                    x - 9,
                    x + 9,
                    x + 3,
                    body.belly(at) * 0.35,
                    x - 3,
                    body.belly(at) * 0.35,
                    colour);
        }
        return svg.build();
    }

    private Svg headBand() {
        double x = body.x(0.27);
        String path = Svg.path("M{} -45Q{} 0 {} 45", x, x + 4, x);
        return Svg.of("{}{}", stroke(path, "#16181c", 8), stroke(path, colour, 6));
    }

    private Svg twoTone() {
        return Svg.of(
                "<path d='M0 {}Q36 {} 66 {}L84 -6L110 -45L110 45L0 45Z' fill='{}'/>",
                body.belly(0.3) * 0.15,
                body.belly(0.4) * 0.7,
                body.back(0.7) * 0.2,
                colour);
    }

    private Svg bellySpots() {
        Svg.Builder svg = new Svg.Builder();
        double half = look.depth() * BodyOutline.LENGTH / 2;
        for (int row = 0; row <= 2; row++) {
            for (int i = 0; i < 6; i++) {
                svg.add(
                        "<circle cx='{}' cy='{}' r='{}' fill='{}'/>",
                        18 + i * 10.5 + (row % 2) * 5,
                        half * (0.12 + row * 0.36),
                        half * 0.15,
                        colour);
            }
        }
        return svg.build();
    }

    private static Svg stroke(String path, String colour, double width) {
        return Svg.of("<path d='{}' fill='none' stroke='{}' stroke-width='{}'/>", path, colour, width);
    }
}
