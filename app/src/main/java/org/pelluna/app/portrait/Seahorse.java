package org.pelluna.app.portrait;

import java.util.ArrayList;
import java.util.List;
import org.pelluna.app.svg.Svg;
import org.pelluna.core.species.Appearance;
import org.pelluna.core.species.Pattern;

/**
 * A seahorse, which no outline along a level axis can draw: landmarks along its backbone, each with the thickness of the body there.
 * It stands upright in the middle of the field; its length is that of the body stretched out, so that with the tail rolled up it
 * stands about three quarters as high.
 */
final class Seahorse {
    /** x, y and half the thickness, from the nape to the tip of the tail. */
    private static final double[][] BACKBONE = {
        {51, -27, 4.2}, {54.5, -20, 3.7}, {57.5, -13, 4.8}, {59, -5, 6.6}, {58.4, 3, 6.9}, {55.6, 11, 5},
        {53, 18, 3.5}, {51.6, 25, 2.8}, {52.6, 31.6, 2.3}, {56.6, 35.4, 1.9}, {61, 34.2, 1.6}, {62.4, 30.4, 1.3},
        {60, 28.2, 1.1}, {57.6, 29.6, 0.8}
    };

    private static final String HEAD =
            "M55 -33Q51 -37.5 46.6 -34.6Q44.6 -32.6 43.6 -30.2L33 -27.6Q31 -27 31.4 -24.8Q32 -23 34 -23.4L43.6 -24.4Q46.6 -20.6 51.6 -21.6Q58.6 -26 55 -33Z";

    private Seahorse() {}

    /** The inside of a symbol. */
    static Svg svg(Appearance look, String clip, String ground, String marking, String accent) {
        String body = body();
        boolean thorny = look.fins() > 0.4;
        return Svg.of(
                "<clipPath id='{}'><path d='{}'/><path d='{}'/></clipPath><path d='M64 -7Q74 -9 73.4 2Q69.6 8 64.6 7.4Z' fill='{}' fill-opacity='.86' class='fin-line'/><path d='M66 -5L72.6 -4M66.4 -1H73.2M66 3L72 4.6' class='fin-ray'/><path d='M49.6 -34.6L49 -40.4L51.6 -37.6L53.4 -41.4L54.8 -37.4L58 -39L56 -33Z' fill='{}' class='fin-line'/>{}<path d='{}' class='body-shadow'/><path d='{}' fill='{}'/><path d='{}' fill='{}'/><g clip-path='url(#{})'>{}{}</g><path d='{}' fill='none' class='fish-line'/><path d='{}' fill='none' class='fish-line'/><path d='M55.4 -25q4.4 .6 3 4.6q-2.8 .4 -3.8 -1.4Z' fill='{}' class='fin-line'/><circle cx='48.4' cy='-30' r='2.1' fill='#f7f1dc' class='fin-line'/><circle cx='48.4' cy='-30' r='1.3' fill='#16181c'/><path d='M31.6 -25.4l2.4 .6' class='head-line'/>",
                clip,
                body,
                HEAD,
                accent,
                ground,
                thorny ? thorns() : Svg.NONE,
                body,
                body,
                ground,
                HEAD,
                ground,
                clip,
                marks(look, marking),
                rings(),
                body,
                HEAD,
                accent);
    }

    private static String body() {
        List<double[]> outline = new ArrayList<>();
        for (int i = 0; i < BACKBONE.length; i++) {
            outline.add(side(i, 1));
        }
        for (int i = BACKBONE.length - 1; i >= 0; i--) {
            outline.add(side(i, -1));
        }
        return Paths.smooth(outline);
    }

    /** The edge beside a landmark: 1 the back, −1 the belly. */
    private static double[] side(int at, double share) {
        double[] here = BACKBONE[at];
        double[] before = BACKBONE[Math.max(0, at - 1)];
        double[] after = BACKBONE[Math.min(BACKBONE.length - 1, at + 1)];
        double along = Math.hypot(after[0] - before[0], after[1] - before[1]);
        return new double[] {
            here[0] + share * here[2] * (after[1] - before[1]) / along,
            here[1] - share * here[2] * (after[0] - before[0]) / along
        };
    }

    /** The plates that ring it, with the shadow under each. */
    private static Svg rings() {
        StringBuilder path = new StringBuilder();
        for (int i = 1; i < BACKBONE.length - 1; i++) {
            double[] back = side(i, 1);
            double[] belly = side(i, -1);
            path.append(Svg.path(
                    "M{} {}Q{} {} {} {}", back[0], back[1], BACKBONE[i][0], BACKBONE[i][1] + 1.6, belly[0], belly[1]));
            double[] nearBack = side(i, 0.55);
            path.append(Svg.path("M{} {}l-1.4 2.6M{} {}l-1.6 1.6", back[0], back[1], nearBack[0], nearBack[1]));
        }
        return Svg.of("<path d='{}' class='hatch'/>", path.toString());
    }

    private static Svg thorns() {
        StringBuilder path = new StringBuilder();
        for (int i = 1; i < 10; i++) {
            double[] back = side(i, 1);
            double[] tip = side(i, 1.5);
            path.append(Svg.path("M{} {}L{} {}", back[0], back[1], tip[0], tip[1]));
        }
        return Svg.of("<path d='{}' class='head-line'/>", path.toString());
    }

    private static Svg marks(Appearance look, String colour) {
        Svg.Builder mark = new Svg.Builder();
        for (int i = 1; i < BACKBONE.length - 1; i++) {
            double[] back = side(i, 1.1);
            double[] belly = side(i, -1.1);
            switch (look.pattern()) {
                case PLAIN -> mark.add(Svg.NONE);
                case SPOTS -> {
                    double[] spot = side(i, i % 2 == 0 ? 0.4 : -0.3);
                    mark.add("<circle cx='{}' cy='{}' r='1.2' fill='{}'/>", spot[0], spot[1], colour);
                }
                case BARS,
                        LINES,
                        BICOLOUR,
                        SADDLE,
                        MASK,
                        MAZE,
                        EYESPOT,
                        STRIPE,
                        RINGS,
                        NET,
                        CHEVRONS,
                        SADDLES,
                        HEAD_BAND,
                        TWO_TONE,
                        BELLY_SPOTS,
                        DARK_REAR ->
                    mark.add(
                            "<path d='{}' fill='none' stroke='{}' stroke-width='{}'/>",
                            Svg.path("M{} {}L{} {}", back[0], back[1], belly[0], belly[1]),
                            colour,
                            look.pattern() == Pattern.LINES || i % 3 == 0 ? 2.2 : 1.0);
            }
        }
        return mark.build();
    }
}
