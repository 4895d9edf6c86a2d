package org.pelluna.app.portrait;

import org.pelluna.app.svg.Svg;
import org.pelluna.core.species.Anatomy;
import org.pelluna.core.species.BodyPart;

/** Eye, mouth and gill cover. */
final class Head {
    private static final String IVORY = "#f7f1dc";
    private static final String INK = "#16181c";

    private final BodyOutline body;
    private final Anatomy anatomy;
    private final double eyeX;
    private final double eyeY;
    private final double eye;

    Head(BodyOutline body) {
        this.body = body;
        this.anatomy = body.anatomy();
        this.eyeX = body.x(body.eyeAt());
        this.eyeY = body.eyeY();
        this.eye = body.eye();
    }

    /** What lies on the body. */
    Svg svg() {
        Svg eyes = anatomy.parts().contains(BodyPart.FROM_ABOVE)
                ? Svg.of("{}{}", eye(eyeX, eyeY), eye(eyeX, -eyeY))
                : eye(eyeX, eyeY);
        return Svg.of("{}{}{}", gill(), mouth(), eyes);
    }

    private Svg eye(double x, double y) {
        return Svg.of(
                "<circle cx='{}' cy='{}' r='{}' fill='{}' class='fin-line'/><circle cx='{}' cy='{}' r='{}' fill='{}'/><circle cx='{}' cy='{}' r='{}' fill='{}'/>",
                x,
                y,
                eye,
                IVORY,
                x,
                y,
                eye * 0.64,
                INK,
                x - eye * 0.2,
                y - eye * 0.24,
                eye * 0.22,
                IVORY);
    }

    private Svg gill() {
        if (anatomy.parts().contains(BodyPart.GILL_SLITS)
                || anatomy.parts().contains(BodyPart.FROM_ABOVE)
                || anatomy.parts().contains(BodyPart.GILL_HOLE)
                || anatomy.parts().contains(BodyPart.GILL_SLIT)) {
            return Svg.NONE;
        }
        double t = anatomy.gill();
        return line(Svg.path(
                "M{} {}Q{} {} {} {}",
                body.x(t - 0.035),
                body.y(t - 0.035, -0.52),
                body.x(t) + 2.2,
                body.y(t, 0.1),
                body.x(t - 0.06),
                body.y(t - 0.06, 0.78)));
    }

    private Svg mouth() {
        double tip = body.tip();
        double head = body.x(anatomy.gill());
        return switch (anatomy.mouth()) {
            case SMALL -> line(Svg.path("M.3 {}q2 .2 3.2 1.3", tip + 0.8));
            case WIDE -> line(Svg.path("M.2 {}Q{} {} {} {}", tip + 0.6, head * 0.2, tip + 1, head * 0.34, tip + 3));
            case LARGE ->
                line(Svg.path("M.2 {}Q{} {} {} {}l-.6 2.4", tip + 0.6, head * 0.28, tip + 1.4, head * 0.5, tip + 5));
            case LIPS ->
                Svg.of(
                        "<ellipse cx='.9' cy='{}' rx='1.5' ry='.9' fill='#c98d86' class='fin-line'/><ellipse cx='1.1' cy='{}' rx='1.4' ry='.8' fill='#c98d86' class='fin-line'/>",
                        tip + 0.3,
                        tip + 1.7);
            case LOW -> line(Svg.path("M{} {}q2 -1.6 4.4 -.8", 0.7, body.belly(0.04) - 0.6));
            case UP -> line(Svg.path("M.2 {}q2.4 1.6 3 {}", tip + 0.6, head * 0.16));
            case TEETH ->
                Svg.of(
                        "<path d='M.2 {}l2.4 -.5v1.6l-2 .3ZM.4 {}l2 .1 -.2 1.4 -1.6 -.2Z' fill='{}' class='fin-line'/>",
                        tip,
                        tip + 1.7,
                        IVORY);
            case BEAK -> Svg.of("<path d='M-.2 {}l2.6 -1v3.4l-2.2 -.6Z' fill='{}' class='fin-line'/>", tip, IVORY);
            case GAPE ->
                Svg.of(
                        "<path d='M-.4 {}L{} {}L.4 {}Z' fill='#8f3a34' class='fin-line'/>",
                        tip - 0.4,
                        head * 0.42,
                        tip + 0.6,
                        tip + 2.6);
            case UNDER -> line(Svg.path("M{} {}q2.6 -1.6 4.6 .2", body.x(0.045), body.belly(0.05) - 0.8));
            case TUBE, NONE -> Svg.NONE;
        };
    }

    private static Svg line(String path) {
        return Svg.of("<path d='{}' class='head-line'/>", path);
    }
}
