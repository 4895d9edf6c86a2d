package org.pelluna.app.portrait;

import org.pelluna.app.svg.Svg;
import org.pelluna.core.species.Appearance;
import org.pelluna.core.species.Appearance.Accent;

/** Parts that stand out in a colour of their own, to be clipped by the outline. The tail and the edge are fins' work. */
final class Accents {
    private final Appearance look;
    private final BodyOutline body;
    private final double eyeX;
    private final double eyeY;
    private final double eye;

    Accents(Appearance look, BodyOutline body, double eyeX, double eyeY, double eye) {
        this.look = look;
        this.body = body;
        this.eyeX = eyeX;
        this.eyeY = eyeY;
        this.eye = eye;
    }

    Svg svg() {
        Svg.Builder svg = new Svg.Builder();
        look.accents().forEach(accent -> svg.add(svg(accent)));
        return svg.build();
    }

    private Svg svg(Accent accent) {
        String colour = accent.colour().hex();
        double half = look.depth() * BodyOutline.LENGTH / 2;
        return switch (accent.part()) {
            case SNOUT -> filled(Svg.path("M-3 -45L{} -45L{} 45L-3 45Z", eyeX * 0.62, eyeX * 0.62), colour);
            case LIPS -> spot(1.5, 1, Math.max(2, half * 0.16), Math.max(1.6, half * 0.12), colour);
            case FACE -> filled(Svg.path("M-3 -45L{} -45Q{} 0 {} 45L-3 45Z", eyeX + 7, eyeX + 13, eyeX + 5), colour);
            case BROW -> spot(eyeX + 2, body.back(0.2) * 0.8, eye * 1.5, eye, colour);
            case EYE_BAND -> lined(Svg.path("M{} -45Q{} 0 {} 45", eyeX + 1, eyeX - 2, eyeX + 2), colour, eye * 1.7);
            case EYE_RING -> spot(eyeX, eyeY, eye * 1.6, eye * 1.6, colour);
            case CHEEK -> spot(eyeX + eye * 1.4, eyeY + eye * 2.4, eye * 1.9, eye * 1.3, colour);
            case GILL ->
                lined(
                        Svg.path("M{} {}Q{} 0 {} {}", eyeX + 11, -half * 0.6, eyeX + 17, eyeX + 10, half * 0.7),
                        colour,
                        2.4);
            case SHOULDER -> spot(body.x(0.4), body.back(0.4) * 0.42, 9, Math.max(2.4, half * 0.16), colour);
            case BAR -> lined(Svg.path("M{} -45Q{} 0 {} 45", body.x(0.4), body.x(0.4) + 4, body.x(0.4)), colour, 5);
            case PATCH -> spot(body.x(0.58), body.back(0.58) * 0.2, 9, Math.max(3, half * 0.3), colour);
            case BELLY ->
                filled(Svg.path("M4 45L4 {}Q40 {} 84 {}L84 45Z", half * 0.42, half * 0.62, half * 0.18), colour);
            case BACK ->
                filled(Svg.path("M6 -45L10 {}Q44 {} 84 {}L84 -45Z", -half * 0.42, -half * 0.62, -half * 0.18), colour);
            case EYESPOT ->
                Svg.of(
                        "{}{}",
                        spot(body.x(0.8), body.back(0.8) * 0.45, eye * 1.5, eye * 1.5, "#f7f1dc"),
                        spot(body.x(0.8), body.back(0.8) * 0.45, eye * 1.1, eye * 1.1, colour));
            case ROOT -> spot(BodyOutline.LENGTH - 5, 0, 6, Math.max(2, half * 0.24), colour);
            case EDGE, TAIL -> Svg.NONE;
        };
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
