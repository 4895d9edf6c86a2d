package org.pelluna.app.portrait;

import org.pelluna.app.svg.Svg;
import org.pelluna.core.species.Anatomy;
import org.pelluna.core.species.BodyPart;

/** What only some bodies have: blades, spines, barbels, a lure. */
final class SpecialParts {
    private static final String IVORY = "#f7f1dc";
    private static final String INK = "#16181c";

    private final BodyOutline body;
    private final Anatomy anatomy;
    private final double eyeX;
    private final double eyeY;
    private final double eye;

    SpecialParts(BodyOutline body) {
        this.body = body;
        this.anatomy = body.anatomy();
        this.eyeX = body.x(body.eyeAt());
        this.eyeY = body.eyeY();
        this.eye = body.eye();
    }

    /** What lies behind the body. */
    Svg behind(String colour) {
        Svg.Builder svg = new Svg.Builder();
        for (BodyPart part : anatomy.parts()) {
            svg.add(
                    switch (part) {
                        case CIRRI ->
                            filled(
                                    Svg.path(
                                            "M{} {}l-2.6 -6 2.4 3.4 .6 -4.6 1.2 5 2.6 -3.4 -1.6 5.8Z",
                                            eyeX,
                                            body.back(body.eyeAt()) + 1.5),
                                    colour);
                        case HORNS ->
                            filled(
                                    Svg.path(
                                            "M{} {}L{} {}L{} {}ZM{} {}L{} {}L{} {}Z",
                                            eyeX - 5,
                                            body.back(body.eyeAt() - 0.06) + 1,
                                            eyeX - 13,
                                            body.back(body.eyeAt()) - 6,
                                            eyeX + 1,
                                            body.back(body.eyeAt() + 0.01) + 1,
                                            body.x(0.76),
                                            body.belly(0.76) - 3,
                                            body.x(0.94),
                                            body.belly(0.7) + 2,
                                            body.x(0.7),
                                            body.belly(0.7) - 1),
                                    colour);
                        case LURE ->
                            Svg.of(
                                    "<path d='M{} {}q-6 -13 -11 -9' fill='none' class='fish-line'/><circle cx='{}' cy='{}' r='1.7' fill='{}' class='fin-line'/>",
                                    body.x(0.09),
                                    body.back(0.09),
                                    body.x(0.09) - 11,
                                    body.back(0.09) - 9,
                                    colour);
                        case SPINES -> spines();
                        case TUFTS -> tufts();
                        case BANNER,
                                BARBELS,
                                BLADE,
                                CHEEK_SPINE,
                                FROM_ABOVE,
                                GILL_HOLE,
                                GILL_SLIT,
                                GILL_SLITS,
                                LANTERN,
                                LEAF_NOSTRILS,
                                LION_RAYS,
                                NOSTRILS,
                                RINGS,
                                SCALES,
                                SUCKER,
                                THICK_RAYS,
                                WARTS -> Svg.NONE;
                    });
        }
        return svg.build();
    }

    /** What lies on the body. */
    Svg svg() {
        return Svg.all(anatomy.parts().stream().map(this::part));
    }

    private Svg part(BodyPart part) {
        double gill = body.x(anatomy.gill());
        double deep = body.deep();
        return switch (part) {
            case BLADE ->
                Svg.of("<path d='M{} {}q4 -2.4 7 0q-3 1.8 -7 0Z' fill='{}' class='fin-line'/>", 70.5, 0.0, IVORY);
            case CHEEK_SPINE ->
                Svg.of(
                        "<path d='M{} {}l7 2.4 -7.4 .4Z' fill='{}' class='fin-line'/>",
                        gill - 5,
                        body.y(anatomy.gill(), 0.46),
                        IVORY);
            case BARBELS ->
                line(Svg.path(
                        "M2.6 {}q1.4 4.6 7.4 6M3.6 {}q2.6 3.2 8.6 3.2",
                        body.belly(0.04) - 0.4,
                        body.belly(0.05) - 0.3));
            case GILL_HOLE ->
                Svg.of("<ellipse cx='{}' cy='{}' rx='1.1' ry='.7' fill='{}'/>", gill, body.y(anatomy.gill(), 0), INK);
            case GILL_SLIT -> line(Svg.path("M{} {}l-2.4 5.4", gill - 1, -deep * 0.06));
            case GILL_SLITS -> {
                StringBuilder slits = new StringBuilder();
                for (int i = 0; i < 5; i++) {
                    double t = anatomy.gill() - 0.06 + 0.017 * i;
                    slits.append(Svg.path("M{} {}V{}", body.x(t), body.y(t, -0.3), body.y(t, 0.35)));
                }
                yield line(slits.toString());
            }
            case LANTERN ->
                Svg.of(
                        "<ellipse cx='{}' cy='{}' rx='4' ry='1.9' fill='#cfeee6' class='fin-line'/>",
                        eyeX + 0.6,
                        eyeY + eye + 2);
            case NOSTRILS -> line(Svg.path("M1.4 {}l-2 -2.4M4.8 {}l-.4 -2.2", body.back(0.02), body.back(0.06)));
            case LEAF_NOSTRILS ->
                Svg.of(
                        "<path d='M.6 {}q-3.4 -1 -3.4 -4.4q3.2 .6 4 3.6Z' fill='#f0c02c' class='fin-line'/>",
                        body.tip());
            case RINGS -> across(0.14, 0.96, 26);
            case SCALES -> scales();
            case SUCKER -> sucker();
            case WARTS -> warts();
            case FROM_ABOVE -> Svg.of("<path d='M26 0H78' class='fin-ray'/>");
            case BANNER, CIRRI, HORNS, LION_RAYS, LURE, SPINES, THICK_RAYS, TUFTS -> Svg.NONE;
        };
    }

    private Svg across(double from, double to, int count) {
        StringBuilder path = new StringBuilder();
        for (int i = 0; i <= count; i++) {
            double t = from + (to - from) * i / count;
            path.append(Svg.path("M{} {}V{}", body.x(t), body.back(t), body.belly(t)));
        }
        return Svg.of("<path d='{}' class='fin-ray'/>", path.toString());
    }

    private Svg scales() {
        StringBuilder path = new StringBuilder();
        for (double t = anatomy.gill(); t < 0.9; t += 0.075) {
            for (double v = -0.8; v < 0.9; v += 0.4) {
                path.append(Svg.path("M{} {}l3 3.6 3 -3.6", body.x(t), body.y(t, v)));
            }
        }
        return Svg.of("<path d='{}' class='fin-ray'/>", path.toString());
    }

    private Svg spines() {
        StringBuilder path = new StringBuilder();
        for (double t = 0.14; t < 0.9; t += 0.05) {
            path.append(Svg.path("M{} {}l4.6 -3.4", body.x(t), body.back(t) + 0.6));
            path.append(Svg.path("M{} {}l4.6 3.4", body.x(t), body.belly(t) - 0.6));
        }
        return line(path.toString());
    }

    private Svg tufts() {
        StringBuilder path = new StringBuilder();
        for (double t = 0.31; t < 0.58; t += 0.055) {
            double y = body.back(t) - body.deep() * 0.25;
            path.append(Svg.path("M{} {}l1.4 -2.6M{} {}l3 -1.6", body.x(t) + 2, y, body.x(t) + 2, y));
        }
        return line(path.toString());
    }

    private Svg sucker() {
        StringBuilder path = new StringBuilder();
        for (double t = 0.03; t < 0.21; t += 0.018) {
            path.append(Svg.path("M{} {}l1 2.2", body.x(t), body.back(t) + 0.3));
        }
        return Svg.of("<path d='{}' class='fish-line'/>", path.toString());
    }

    private Svg warts() {
        StringBuilder path = new StringBuilder();
        for (double t = 0.24; t < 0.86; t += 0.09) {
            path.append(Svg.path("M{} {}q1.2 -1.8 2.4 0", body.x(t), body.y(t, -0.45)));
            path.append(Svg.path("M{} {}q1.2 -1.8 2.4 0", body.x(t + 0.04), body.y(t, 0.3)));
        }
        return line(path.toString());
    }

    private static Svg line(String path) {
        return Svg.of("<path d='{}' class='head-line'/>", path);
    }

    private static Svg filled(String path, String colour) {
        return Svg.of("<path d='{}' fill='{}' class='fin-line'/>", path, colour);
    }
}
