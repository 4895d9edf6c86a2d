package org.pelluna.app.portrait;

import static org.pelluna.app.portrait.Paths.n;

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

    String svg() {
        return svg(look.pattern()) + look.second().map(this::svg).orElse("");
    }

    private String svg(Appearance.Pattern pattern) {
        return switch (pattern) {
            case PLAIN -> "";
            case BARS -> bars();
            case LINES -> lines();
            case SPOTS -> spots();
            case BICOLOUR -> bicolour();
            case SADDLE -> saddle();
            case MASK -> mask();
            case MAZE -> maze();
            case EYESPOT -> eyespot();
            case STRIPE -> stroke("M0 -1Q30 " + n(body.back(0.4) * 0.3) + " 101 0", colour, stripeWidth());
            case RINGS -> rings();
            case NET -> net();
            case CHEVRONS -> chevrons();
            case SADDLES -> saddles();
            case HEAD_BAND -> headBand();
            case TWO_TONE -> twoTone();
            case BELLY_SPOTS -> bellySpots();
            case DARK_REAR ->
                "<path d=\"M36 " + n(body.back(0.4) * 0.2) + "Q50 " + n(body.back(0.4) * 1.6) + " 72 "
                        + n(body.back(0.8) * 1.3) + "L74 " + n(body.belly(0.8) * 1.3) + "Q48 "
                        + n(body.belly(0.4) * 1.6)
                        + " 36 " + n(body.back(0.4) * 0.2) + "Z\" fill=\"" + colour + "\"/>";
        };
    }

    private String bars() {
        StringBuilder svg = new StringBuilder();
        for (double at : new double[] {0.24, 0.54, 0.86}) {
            double x = body.x(at);
            String path = "M" + n(x) + " -45Q" + n(x + 5) + " 0 " + n(x) + " 45";
            svg.append(stroke(path, accent, 10.5)).append(stroke(path, colour, 8));
        }
        return svg.toString();
    }

    private String lines() {
        StringBuilder svg = new StringBuilder();
        double half = look.depth() * BodyOutline.LENGTH / 2;
        for (int i = -2; i <= 2; i++) {
            double y = i * half * 0.36;
            svg.append(stroke("M4 " + n(y * 0.5) + "Q40 " + n(y * 1.25) + " 82 " + n(y * 0.7), colour, half * 0.13));
        }
        return svg.toString();
    }

    private String spots() {
        StringBuilder svg = new StringBuilder();
        double half = look.depth() * BodyOutline.LENGTH / 2;
        double size = half * 0.14;
        for (int row = -2; row <= 2; row++) {
            for (int i = 0; i < 8; i++) {
                double x = 18 + i * 8.5 + (row % 2 == 0 ? 0 : 4.2);
                svg.append("<circle cx=\"" + n(x) + "\" cy=\"" + n(row * half * 0.36) + "\" r=\"" + n(size)
                        + "\" fill=\"" + ((i + row) % 3 == 0 ? accent : colour) + "\"/>");
            }
        }
        return svg.toString();
    }

    private String bicolour() {
        return "<path d=\"M46 -45Q40 0 50 45L110 45L110 -45Z\" fill=\"" + colour + "\"/>"
                + "<path d=\"M46 -45Q40 0 50 45\"" + " fill=\"none\" stroke=\"" + accent
                + "\" stroke-width=\"1.4\" stroke-opacity=\"0.6\"/>";
    }

    private String saddle() {
        double top = body.back(0.5);
        return "<path d=\"M20 " + n(top * 0.35) + "Q30 " + n(top * 1.1) + " 60 " + n(top * 0.75) + "Q82 " + n(top * 0.4)
                + " 84 0Q66 " + n(-top * 0.2) + " 60 " + n(top * 0.15) + "Q44 " + n(top * 0.6) + " 34 " + n(top * 0.1)
                + "Q26 " + n(-top * 0.1) + " 20 " + n(top * 0.35) + "Z\" fill=\"" + colour + "\"/>";
    }

    private String mask() {
        double low = body.belly(0.4);
        return "<path d=\"M-2 -45L16 -45Q22 0 12 " + n(low * 0.6) + "L-2 45Z\" fill=\"" + colour + "\"/>"
                + stroke("M14 " + n(low * 0.75) + "Q24 " + n(low * 0.4) + " 28 " + n(low * 1.05), colour, 3);
    }

    private String maze() {
        StringBuilder svg = new StringBuilder();
        double half = look.depth() * BodyOutline.LENGTH / 2;
        for (int row = -2; row <= 2; row++) {
            StringBuilder path = new StringBuilder("M6 " + n(row * half * 0.4));
            for (int i = 0; i < 6; i++) {
                path.append("q3.2 " + n(half * 0.34) + " 6.4 0q3.2 " + n(-half * 0.34) + " 6.4 0");
            }
            svg.append(stroke(path.toString(), row % 2 == 0 ? colour : accent, half * 0.15));
        }
        return svg.toString();
    }

    private String eyespot() {
        double top = body.back(0.78);
        return stroke("M15 -40Q12 0 15 40", accent, 4.5)
                + stroke("M30 -40L60 30M40 -40L70 30M30 34L58 -6", colour, 1.3)
                + "<circle cx=\"" + n(body.x(0.82)) + "\" cy=\"" + n(top * 0.75) + "\" r=\"4\" fill=\"" + accent
                + "\"/>";
    }

    private double stripeWidth() {
        return Math.max(2.2, look.depth() * BodyOutline.LENGTH * 0.24);
    }

    private String rings() {
        StringBuilder svg = new StringBuilder();
        double half = look.depth() * BodyOutline.LENGTH / 2;
        for (int i = 1; i <= 6; i++) {
            svg.append("<ellipse cx=\"66\" cy=\"0\" rx=\"" + n(i * 10.5) + "\" ry=\"" + n(i * half * 0.3)
                    + "\" fill=\"none\" stroke=\"" + (i % 2 == 0 ? accent : colour) + "\" stroke-width=\"2.6\"/>");
        }
        return svg.toString();
    }

    private String net() {
        StringBuilder svg = new StringBuilder();
        for (int i = 0; i < 15; i++) {
            int x = i * 7 - 6;
            svg.append(
                    stroke("M" + x + " -46L" + (x + 46) + " 46M" + (x + 20) + " -46L" + (x - 26) + " 46", colour, 1.2));
        }
        return svg.toString();
    }

    private String chevrons() {
        StringBuilder svg = new StringBuilder();
        double half = look.depth() * BodyOutline.LENGTH / 2;
        for (int x = 24; x <= 80; x += 13) {
            svg.append(stroke(
                    "M" + (x + 9) + " " + n(-half * 1.2) + "L" + x + " 0L" + (x + 9) + " " + n(half * 1.2),
                    colour,
                    3.4));
        }
        return svg.toString();
    }

    private String saddles() {
        StringBuilder svg = new StringBuilder();
        for (double at : new double[] {0.34, 0.66}) {
            double x = body.x(at);
            svg.append("<path d=\"M" + n(x - 9) + " -45L" + n(x + 9) + " -45L" + n(x + 3) + " "
                    + n(body.belly(at) * 0.35) + "L" + n(x - 3) + " " + n(body.belly(at) * 0.35) + "Z\" fill=\""
                    + colour
                    + "\"/>");
        }
        return svg.toString();
    }

    private String headBand() {
        double x = body.x(0.27);
        String path = "M" + n(x) + " -45Q" + n(x + 4) + " 0 " + n(x) + " 45";
        return stroke(path, "#16181c", 8) + stroke(path, colour, 6);
    }

    private String twoTone() {
        return "<path d=\"M0 " + n(body.belly(0.3) * 0.15) + "Q36 " + n(body.belly(0.4) * 0.7) + " 66 "
                + n(body.back(0.7) * 0.2) + "L84 -6L110 -45L110 45L0 45Z\" fill=\"" + colour + "\"/>";
    }

    private String bellySpots() {
        StringBuilder svg = new StringBuilder();
        double half = look.depth() * BodyOutline.LENGTH / 2;
        for (int row = 0; row <= 2; row++) {
            for (int i = 0; i < 6; i++) {
                svg.append("<circle cx=\"" + n(18 + i * 10.5 + (row % 2) * 5) + "\" cy=\""
                        + n(half * (0.12 + row * 0.36)) + "\" r=\"" + n(half * 0.15) + "\" fill=\"" + colour + "\"/>");
            }
        }
        return svg.toString();
    }

    private static String stroke(String path, String colour, double width) {
        return "<path d=\"" + path + "\" fill=\"none\" stroke=\"" + colour + "\" stroke-width=\"" + n(width) + "\"/>";
    }
}
