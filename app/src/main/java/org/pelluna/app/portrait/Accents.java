package org.pelluna.app.portrait;

import org.pelluna.app.svg.Svg;
import org.pelluna.core.species.Accent;
import org.pelluna.core.species.Appearance;

/** Parts that stand out in a colour of their own, to be clipped by the outline. The tail and the edge are drawn with the fins. */
final class Accents {
    private final Appearance look;
    private final BodyOutline body;
    private final double eyeX;
    private final double eyeY;
    private final double eye;
    private final double half;

    Accents(Appearance look, BodyOutline body) {
        this.look = look;
        this.body = body;
        this.eyeX = body.x(body.eyeAt());
        this.eyeY = body.eyeY();
        this.eye = body.eye();
        this.half = body.deep() / 2;
    }

    Svg svg() {
        Svg.Builder svg = new Svg.Builder();
        look.accents().forEach(accent -> svg.add(svg(accent)));
        return svg.build();
    }

    private Svg svg(Accent accent) {
        String colour = accent.colour().hex();
        return switch (accent.part()) {
            case SNOUT -> filled(Svg.path("M-3 -45L{} -45L{} 45L-3 45Z", eyeX * 0.6, eyeX * 0.6), colour);
            case LIPS -> spot(1.2, body.tip() + 1, Math.max(1.8, half * 0.14), Math.max(1.5, half * 0.1), colour);
            case FACE -> filled(Svg.path("M-3 -45L{} -45Q{} 0 {} 45L-3 45Z", eyeX + 7, eyeX + 13, eyeX + 5), colour);
            case BROW -> spot(eyeX + 1, eyeY - eye * 1.5, eye * 1.8, eye * 0.8, colour);
            case EYE_BAND -> lined(Svg.path("M{} -45Q{} 0 {} 45", eyeX + 1, eyeX - 2, eyeX + 2), colour, eye * 1.7);
            case EYE_RING -> spot(eyeX, eyeY, eye * 1.55, eye * 1.55, colour);
            case CHEEK -> spot(eyeX + eye, eyeY + eye * 2.3, eye * 1.9, eye * 1.2, colour);
            case GILL -> {
                double t = body.anatomy().gill();
                yield lined(
                        Svg.path(
                                "M{} {}Q{} {} {} {}",
                                body.x(t),
                                body.y(t, -0.6),
                                body.x(t) + 4,
                                body.y(t, 0.1),
                                body.x(t - 0.03),
                                body.y(t, 0.75)),
                        colour,
                        Math.max(1.4, half * 0.1));
            }
            case SHOULDER -> spot(body.x(0.42), body.y(0.42, -0.35), 9, Math.max(1.8, half * 0.15), colour);
            case BAR ->
                lined(Svg.path("M{} -45Q{} 0 {} 45", body.x(0.42), body.x(0.42) + 4, body.x(0.42)), colour, 4.4);
            case PATCH -> spot(body.x(0.6), body.y(0.6, -0.15), 9, Math.max(2.4, half * 0.28), colour);
            case BELLY -> band(0.55, 1.3, colour);
            case BACK -> band(-1.3, -0.5, colour);
            case EYESPOT -> {
                double x = body.x(0.82);
                double y = body.y(0.82, -0.55);
                yield eyespot(x, y, Math.max(1.4, half * 0.13), colour);
            }
            case ROOT ->
                spot(body.x(0.95), body.y(0.95, 0), 5.4, Math.max(1.8, (body.belly(1) - body.back(1)) * 0.42), colour);
            case EDGE, TAIL, DORSAL, FIN_SPOTS, ANAL, PECTORAL, PELVIC, BANNER, MARGIN -> Svg.NONE;
        };
    }

    /** A spot within a pale ring. */
    static Svg eyespot(double x, double y, double size, String colour) {
        return Svg.of("{}{}", spot(x, y, size * 1.4, size * 1.4, "#f7f1dc"), spot(x, y, size, size, colour));
    }

    private Svg band(double from, double to, String colour) {
        StringBuilder path = new StringBuilder();
        double[] steps = {0.04, 0.3, 0.6, 1};
        for (int i = 0; i < steps.length; i++) {
            path.append(Svg.path("{}{} {}", i == 0 ? "M" : "L", body.x(steps[i]), body.y(steps[i], from)));
        }
        for (int i = steps.length - 1; i >= 0; i--) {
            path.append(Svg.path("L{} {}", body.x(steps[i]), body.y(steps[i], to)));
        }
        return filled(path.append("Z").toString(), colour);
    }

    private static Svg filled(String path, String colour) {
        return Svg.of("<path d='{}' fill='{}'/>", path, colour);
    }

    private static Svg lined(String path, String colour, double width) {
        return Svg.of("<path d='{}' fill='none' stroke='{}' stroke-width='{}'/>", path, colour, width);
    }

    private static Svg spot(double x, double y, double rx, double ry, String colour) {
        return Svg.of("<ellipse cx='{}' cy='{}' rx='{}' ry='{}' fill='{}'/>", x, y, rx, ry, colour);
    }
}
