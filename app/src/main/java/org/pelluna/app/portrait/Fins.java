package org.pelluna.app.portrait;

import org.pelluna.app.svg.Svg;
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
    Svg behind(String colour) {
        Svg.Builder svg = new Svg.Builder();
        switch (look.plan()) {
            case GOBY, DRAGONET -> {
                svg.add(fin(colour, 0.26, 0.42, -1, height * 1.5, 0.1));
                svg.add(fin(colour, 0.46, 0.9, -1, height, 0.6));
                svg.add(fin(colour, 0.52, 0.9, 1, height * 0.9, 0.6));
            }
            case DART -> {
                svg.add(fin(colour, 0.27, 0.34, -1, height * 2.6, 0.1));
                svg.add(fin(colour, 0.46, 0.93, -1, height, 0.3));
                svg.add(fin(colour, 0.5, 0.93, 1, height * 0.9, 0.3));
            }
            case TALL -> {
                svg.add(fin(colour, 0.3, 0.92, -1, height * 1.5, 0.55));
                svg.add(fin(colour, 0.52, 0.92, 1, height * 1.2, 0.5));
                svg.add(fin(colour, 0.34, 0.42, 1, height * 0.8, 0.8));
            }
            case BOX, PUFFER -> {
                svg.add(fin(colour, 0.72, 0.88, -1, 6 + height, 0.5));
                svg.add(fin(colour, 0.74, 0.88, 1, 5 + height, 0.5));
            }
            case PIPE -> svg.add(fin(colour, 0.42, 0.58, -1, 3, 0.4));
            case ANGLER -> {
                svg.add(
                        "<path d='M9 {}Q4 {} -1 {}' fill='none' class='fish-line'/>",
                        body.back(0.1) - 1,
                        body.back(0.1) - 16,
                        body.back(0.1) - 10);
                svg.add(fin(colour, 0.24, 0.92, -1, height * 0.9, 0.3));
                svg.add(fin(colour, 0.34, 0.44, 1, 10, 0.2));
                svg.add(fin(colour, 0.6, 0.72, 1, 9, 0.2));
            }
            case TRIGGER -> {
                svg.add(fin(colour, 0.3, 0.4, -1, height * 1.3, 0.05));
                svg.add(fin(colour, 0.58, 0.92, -1, height * 1.2, 0.25));
                svg.add(fin(colour, 0.58, 0.92, 1, height * 1.2, 0.25));
            }
            case LION -> {
                svg.add(rays(colour));
                svg.add(fin(colour, 0.64, 0.92, -1, height * 0.6, 0.5));
                svg.add(fin(colour, 0.64, 0.92, 1, height * 0.6, 0.5));
            }
            case BLENNY, EEL -> {
                svg.add(fin(colour, 0.14, 0.96, -1, height, 0.15));
                svg.add(fin(colour, 0.45, 0.95, 1, height * 0.7, 0.2));
            }
            default -> {
                svg.add(fin(colour, 0.3, 0.94, -1, height, 0.7));
                svg.add(fin(colour, 0.55, 0.93, 1, height * 0.95, 0.6));
                svg.add(fin(colour, 0.34, 0.46, 1, height * 0.9, 0.8));
            }
        }
        return svg.add(tail(look.accents().stream()
                        .filter(accent -> accent.part() == Appearance.Accent.Part.TAIL)
                        .findFirst()
                        .map(accent -> accent.colour().hex())
                        .orElse(colour)))
                .build();
    }

    /** The pectoral fin, drawn on the body; a lionfish spreads it as long rays. */
    Svg before(String colour) {
        double x = body.x(0.33);
        double y = body.belly(0.3) * 0.25;
        if (look.plan() == Appearance.BodyPlan.LION) {
            Svg.Builder svg = new Svg.Builder();
            for (int i = 0; i < 7; i++) {
                double angle = Math.toRadians(-8 + i * 16);
                svg.add(ray(
                        Svg.path("M{} {}L{} {}", x, y + 4, x + 30 * Math.cos(angle), y + 4 + 26 * Math.sin(angle)),
                        colour));
            }
            return svg.build();
        }
        double length = 7 + 10 * look.depth();
        return Svg.of(
                "<path d='M{} {}q{} {} {} {}q{} {} {} {}z' fill='{}' fill-opacity='0.75' class='fish-line'/>",
                x,
                y,
                length * 0.7,
                -length * 0.35,
                length,
                length * 0.25,
                -length * 0.5,
                length * 0.35,
                -length,
                -length * 0.25,
                colour);
    }

    /**
     * A fin along the back (side −1) or the belly (side 1).
     *
     * @param peak where along it the fin is highest, 0 to 1
     */
    private Svg fin(String colour, double from, double to, int side, double high, double peak) {
        double middle = from + (to - from) * peak;
        double tipX = body.x(middle) + 4;
        double tipY = Math.max(-HIGHEST, Math.min(HIGHEST, edge(middle, side) + side * high));
        double endX = body.x(to) + high * 0.18;
        double endY = edge(to, side) + side * high * 0.45;
        String path = Svg.path(
                "M{} {}Q{} {} {} {}Q{} {} {} {}L{} {}L{} 0Z",
                body.x(from),
                edge(from, side),
                body.x(from) + 1,
                Math.max(-HIGHEST, Math.min(HIGHEST, edge(from, side) + side * high * 0.8)),
                tipX,
                tipY,
                endX,
                tipY - side * high * 0.05,
                endX,
                endY,
                body.x(to),
                edge(to, side) * 0.5,
                body.x(from));
        return Svg.of("<path d='{}' fill='{}' class='fish-line'/>", path, colour);
    }

    private double edge(double t, int side) {
        return side < 0 ? body.back(t) : body.belly(t);
    }

    private Svg rays(String colour) {
        Svg.Builder svg = new Svg.Builder();
        for (int i = 0; i < 11; i++) {
            double t = 0.2 + i * 0.04;
            svg.add(ray(
                    Svg.path(
                            "M{} {}L{} {}",
                            body.x(t),
                            body.back(t),
                            body.x(t) + 6 - i * 0.4,
                            body.back(t) - 20 + Math.abs(i - 5)),
                    colour));
        }
        return svg.build();
    }

    /** A free ray, edged so that a pale one shows on pale paper. */
    private static Svg ray(String path, String colour) {
        return Svg.of(
                "<path d='{}' stroke='#3a3430' stroke-width='2.9'/><path d='{}' stroke='{}' stroke-width='1.9'/>",
                path,
                path,
                colour);
    }

    private Svg tail(String colour) {
        double x = BodyOutline.LENGTH - 2;
        double root = Math.max(2.5, body.belly(0.98));
        double half = Math.max(root * 1.5, look.depth() * 26);
        String path = switch (look.tail()) {
            case FORKED -> Paths.polygon(x, -root, 99, -half, 91, 0, 99, half, x, root);
            case LYRE ->
                Svg.path(
                        "M{} {}Q88 {} 100 {}Q90 {} 90 0Q90 {} 100 {}Q88 {} {} {}Z",
                        x,
                        -root,
                        -half,
                        -half * 1.15,
                        -half * 0.3,
                        half * 0.3,
                        half * 1.15,
                        half,
                        x,
                        root);
            case STRAIGHT -> Paths.polygon(x, -root, 98, -half * 0.85, 97, 0, 98, half * 0.85, x, root);
            case ROUND ->
                Svg.path(
                        "M{} {}Q90 {} 96 {}Q100 0 96 {}Q90 {} {} {}Z",
                        x,
                        -root,
                        -half * 0.95,
                        -half * 0.6,
                        half * 0.6,
                        half * 0.95,
                        x,
                        root);
        };
        return Svg.of("<path d='{}' fill='{}' class='fish-line'/>", path, colour);
    }
}
