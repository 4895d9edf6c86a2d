package org.pelluna.app.portrait;

import static org.pelluna.app.portrait.Paths.n;

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

    String svg() {
        StringBuilder svg = new StringBuilder();
        look.accents().forEach(accent -> svg.append(svg(accent)));
        return svg.toString();
    }

    private String svg(Accent accent) {
        String colour = accent.colour().hex();
        double half = look.depth() * BodyOutline.LENGTH / 2;
        return switch (accent.part()) {
            case SNOUT -> filled("M-3 -45L" + n(eyeX * 0.62) + " -45L" + n(eyeX * 0.62) + " 45L-3 45Z", colour);
            case LIPS -> spot(1.5, 1, Math.max(2, half * 0.16), Math.max(1.6, half * 0.12), colour);
            case FACE ->
                filled("M-3 -45L" + n(eyeX + 7) + " -45Q" + n(eyeX + 13) + " 0 " + n(eyeX + 5) + " 45L-3 45Z", colour);
            case BROW -> spot(eyeX + 2, body.back(0.2) * 0.8, eye * 1.5, eye, colour);
            case EYE_BAND ->
                lined("M" + n(eyeX + 1) + " -45Q" + n(eyeX - 2) + " 0 " + n(eyeX + 2) + " 45", colour, eye * 1.7);
            case EYE_RING -> spot(eyeX, eyeY, eye * 1.6, eye * 1.6, colour);
            case CHEEK -> spot(eyeX + eye * 1.4, eyeY + eye * 2.4, eye * 1.9, eye * 1.3, colour);
            case GILL ->
                lined(
                        "M" + n(eyeX + 11) + " " + n(-half * 0.6) + "Q" + n(eyeX + 17) + " 0 " + n(eyeX + 10) + " "
                                + n(half * 0.7),
                        colour,
                        2.4);
            case SHOULDER -> spot(body.x(0.4), body.back(0.4) * 0.42, 9, Math.max(2.4, half * 0.16), colour);
            case BAR ->
                lined("M" + n(body.x(0.4)) + " -45Q" + n(body.x(0.4) + 4) + " 0 " + n(body.x(0.4)) + " 45", colour, 5);
            case PATCH -> spot(body.x(0.58), body.back(0.58) * 0.2, 9, Math.max(3, half * 0.3), colour);
            case BELLY ->
                filled(
                        "M4 45L4 " + n(half * 0.42) + "Q40 " + n(half * 0.62) + " 84 " + n(half * 0.18) + "L84 45Z",
                        colour);
            case BACK ->
                filled(
                        "M6 -45L10 " + n(-half * 0.42) + "Q44 " + n(-half * 0.62) + " 84 " + n(-half * 0.18)
                                + "L84 -45Z",
                        colour);
            case EYESPOT ->
                spot(body.x(0.8), body.back(0.8) * 0.45, eye * 1.5, eye * 1.5, "#f7f1dc")
                        + spot(body.x(0.8), body.back(0.8) * 0.45, eye * 1.1, eye * 1.1, colour);
            case ROOT -> spot(BodyOutline.LENGTH - 5, 0, 6, Math.max(2, half * 0.24), colour);
            case EDGE, TAIL -> "";
        };
    }

    private static String filled(String path, String colour) {
        return "<path d=\"" + path + "\" fill=\"" + colour + "\"/>";
    }

    private static String lined(String path, String colour, double width) {
        return "<path d=\"" + path + "\" fill=\"none\" stroke=\"" + colour + "\" stroke-width=\"" + n(width) + "\"/>";
    }

    private static String spot(double x, double y, double rx, double ry, String colour) {
        return "<ellipse cx=\"" + n(x) + "\" cy=\"" + n(y) + "\" rx=\"" + n(rx) + "\" ry=\"" + n(ry) + "\" fill=\""
                + colour + "\"/>";
    }
}
