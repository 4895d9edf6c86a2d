package org.pelluna.app.portrait;

import static org.pelluna.app.portrait.Paths.n;

import org.pelluna.core.species.Appearance;

/** The fins around a body. */
final class Fins {
    /** Fins stay within the field of the symbol. */
    private static final double HIGHEST = Portraits.FIELD_HEIGHT / 2 - 2;

    private final Appearance look;
    private final BodyOutline body;
    private final double height;

    Fins(Appearance look, BodyOutline body) {
        this.look = look;
        this.body = body;
        this.height = look.fins() * look.depth() * BodyOutline.LENGTH * 0.55;
    }

    /** Dorsal and anal fins, drawn behind the body. */
    String behind(String colour) {
        StringBuilder svg = new StringBuilder();
        switch (look.plan()) {
            case GOBY, DRAGONET -> {
                svg.append(fin(colour, 0.26, 0.42, -1, height * 1.5, 0.1));
                svg.append(fin(colour, 0.46, 0.9, -1, height, 0.6));
                svg.append(fin(colour, 0.52, 0.9, 1, height * 0.9, 0.6));
            }
            case DART -> {
                svg.append(fin(colour, 0.27, 0.34, -1, height * 2.6, 0.1));
                svg.append(fin(colour, 0.46, 0.93, -1, height, 0.3));
                svg.append(fin(colour, 0.5, 0.93, 1, height * 0.9, 0.3));
            }
            case TALL -> {
                svg.append(fin(colour, 0.3, 0.92, -1, height * 1.5, 0.55));
                svg.append(fin(colour, 0.52, 0.92, 1, height * 1.2, 0.5));
                svg.append(fin(colour, 0.34, 0.42, 1, height * 0.8, 0.8));
            }
            case BOX, PUFFER -> {
                svg.append(fin(colour, 0.72, 0.88, -1, 6 + height, 0.5));
                svg.append(fin(colour, 0.74, 0.88, 1, 5 + height, 0.5));
            }
            case PIPE -> svg.append(fin(colour, 0.42, 0.58, -1, 3, 0.4));
            case ANGLER -> {
                svg.append("<path d=\"M9 " + Paths.n(body.back(0.1) - 1) + "Q4 " + Paths.n(body.back(0.1) - 16) + " -1 "
                        + Paths.n(body.back(0.1) - 10) + "\" fill=\"none\" class=\"fish-line\"/>");
                svg.append(fin(colour, 0.24, 0.92, -1, height * 0.9, 0.3));
                svg.append(fin(colour, 0.34, 0.44, 1, 10, 0.2));
                svg.append(fin(colour, 0.6, 0.72, 1, 9, 0.2));
            }
            case TRIGGER -> {
                svg.append(fin(colour, 0.3, 0.4, -1, height * 1.3, 0.05));
                svg.append(fin(colour, 0.58, 0.92, -1, height * 1.2, 0.25));
                svg.append(fin(colour, 0.58, 0.92, 1, height * 1.2, 0.25));
            }
            case LION -> {
                svg.append(rays(colour));
                svg.append(fin(colour, 0.64, 0.92, -1, height * 0.6, 0.5));
                svg.append(fin(colour, 0.64, 0.92, 1, height * 0.6, 0.5));
            }
            case BLENNY, EEL -> {
                svg.append(fin(colour, 0.14, 0.96, -1, height, 0.15));
                svg.append(fin(colour, 0.45, 0.95, 1, height * 0.7, 0.2));
            }
            default -> {
                svg.append(fin(colour, 0.3, 0.94, -1, height, 0.7));
                svg.append(fin(colour, 0.55, 0.93, 1, height * 0.95, 0.6));
                svg.append(fin(colour, 0.34, 0.46, 1, height * 0.9, 0.8));
            }
        }
        return svg
                + tail(look.accents().stream()
                        .filter(accent -> accent.part() == Appearance.Accent.Part.TAIL)
                        .findFirst()
                        .map(accent -> accent.colour().hex())
                        .orElse(colour));
    }

    /** The pectoral fin, drawn on the body; a lionfish spreads it as long rays. */
    String before(String colour) {
        double x = body.x(0.33);
        double y = body.belly(0.3) * 0.25;
        if (look.plan() == Appearance.BodyPlan.LION) {
            StringBuilder svg = new StringBuilder();
            for (int i = 0; i < 7; i++) {
                double angle = Math.toRadians(-8 + i * 16);
                svg.append(ray(
                        "M" + n(x) + " " + n(y + 4) + "L" + n(x + 30 * Math.cos(angle)) + " "
                                + n(y + 4 + 26 * Math.sin(angle)),
                        colour));
            }
            return svg.toString();
        }
        double length = 7 + 10 * look.depth();
        return "<path d=\"M" + n(x) + " " + n(y) + "q" + n(length * 0.7) + " " + n(-length * 0.35) + " " + n(length)
                + " "
                + n(length * 0.25) + "q" + n(-length * 0.5) + " " + n(length * 0.35) + " " + n(-length) + " "
                + n(-length * 0.25) + "z\" fill=\"" + colour + "\" fill-opacity=\"0.75\" class=\"fish-line\"/>";
    }

    /**
     * A fin along the back (side −1) or the belly (side 1).
     *
     * @param peak where along it the fin is highest, 0 to 1
     */
    private String fin(String colour, double from, double to, int side, double high, double peak) {
        double middle = from + (to - from) * peak;
        double tipX = body.x(middle) + 4;
        double tipY = Math.max(-HIGHEST, Math.min(HIGHEST, edge(middle, side) + side * high));
        double endX = body.x(to) + high * 0.18;
        double endY = edge(to, side) + side * high * 0.45;
        String path = "M" + n(body.x(from)) + " " + n(edge(from, side)) + "Q" + n(body.x(from) + 1) + " "
                + n(Math.max(-HIGHEST, Math.min(HIGHEST, edge(from, side) + side * high * 0.8))) + " " + n(tipX) + " "
                + n(tipY) + "Q" + n(endX) + " "
                + n(tipY - side * high * 0.05) + " " + n(endX) + " " + n(endY) + "L" + n(body.x(to)) + " "
                + n(edge(to, side) * 0.5) + "L" + n(body.x(from)) + " 0Z";
        return "<path d=\"" + path + "\" fill=\"" + colour + "\" class=\"fish-line\"/>";
    }

    private double edge(double t, int side) {
        return side < 0 ? body.back(t) : body.belly(t);
    }

    private String rays(String colour) {
        StringBuilder svg = new StringBuilder();
        for (int i = 0; i < 11; i++) {
            double t = 0.2 + i * 0.04;
            svg.append(ray(
                    "M" + n(body.x(t)) + " " + n(body.back(t)) + "L" + n(body.x(t) + 6 - i * 0.4) + " "
                            + n(body.back(t) - 20 + Math.abs(i - 5)),
                    colour));
        }
        return svg.toString();
    }

    /** A free ray, edged so that a pale one shows on pale paper. */
    private static String ray(String path, String colour) {
        return "<path d=\"" + path + "\" stroke=\"#3a3430\" stroke-width=\"2.9\"/><path d=\"" + path + "\" stroke=\""
                + colour + "\" stroke-width=\"1.9\"/>";
    }

    private String tail(String colour) {
        double x = BodyOutline.LENGTH - 2;
        double root = Math.max(2.5, body.belly(0.98));
        double half = Math.max(root * 1.5, look.depth() * 26);
        String path = switch (look.tail()) {
            case FORKED -> Paths.polygon(x, -root, 99, -half, 91, 0, 99, half, x, root);
            case LYRE ->
                "M" + n(x) + " " + n(-root) + "Q88 " + n(-half) + " 100 " + n(-half * 1.15) + "Q90 "
                        + n(-half * 0.3) + " 90 0Q90 " + n(half * 0.3) + " 100 " + n(half * 1.15) + "Q88 " + n(half)
                        + " " + n(x) + " " + n(root) + "Z";
            case STRAIGHT -> Paths.polygon(x, -root, 98, -half * 0.85, 97, 0, 98, half * 0.85, x, root);
            case ROUND ->
                "M" + n(x) + " " + n(-root) + "Q90 " + n(-half * 0.95) + " 96 " + n(-half * 0.6) + "Q100 0 96 "
                        + n(half * 0.6) + "Q90 " + n(half * 0.95) + " " + n(x) + " " + n(root) + "Z";
        };
        return "<path d=\"" + path + "\" fill=\"" + colour + "\" class=\"fish-line\"/>";
    }
}
