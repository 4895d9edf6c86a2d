package org.pelluna.app.portrait;

import org.pelluna.app.svg.Svg;

/**
 * The engraver's tones on a body, to be clipped by its outline: close strokes under the back, crossed where it is darkest, single
 * ones over the belly, none between, where the light falls.
 */
final class Hatching {
    private final BodyOutline body;

    Hatching(BodyOutline body) {
        this.body = body;
    }

    /**
     * The strokes.
     *
     * @param onDark whether they lie on a dark ground, which they lighten rather than darken
     */
    Svg svg(boolean onDark) {
        StringBuilder strokes = new StringBuilder();
        double head = body.anatomy().gill() * 0.55;
        int along = 26;
        for (int i = 0; i < along; i++) {
            double t = head + (0.97 - head) * i / along;
            double deep = 0.5 + 0.16 * (i % 3);
            stroke(strokes, t, -1.02, Math.min(1, t + 0.045), -1 + deep);
            if (i % 2 == 0) {
                stroke(strokes, Math.min(1, t + 0.04), -1.02, t, -0.72);
            }
        }
        for (int i = 0; i < 15; i++) {
            double t = head + 0.08 + (0.84 - head) * i / 15;
            stroke(strokes, t, 1.02, Math.min(1, t + 0.03), 0.78 - 0.06 * (i % 2));
        }
        return Svg.of("<path d='{}' class='hatch{}'/>", strokes.toString(), onDark ? " hatch-light" : "");
    }

    private void stroke(StringBuilder path, double fromT, double from, double toT, double to) {
        double[] a = body.point(fromT, from);
        double[] b = body.point(toT, to);
        path.append(Svg.path("M{} {}l{} {}", a[0], a[1], b[0] - a[0], b[1] - a[1]));
    }
}
