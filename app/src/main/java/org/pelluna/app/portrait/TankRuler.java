package org.pelluna.app.portrait;

import org.pelluna.app.svg.Shapes;
import org.pelluna.app.svg.Svg;
import org.pelluna.app.web.Measures;
import org.pelluna.core.tank.TankShape;
import org.pelluna.core.units.LengthUnit;
import org.pelluna.core.units.Numbers;

/** A chart's border bar along the bottom of a tank, alternately filled, in the keeper's unit of length. */
record TankRuler(TankShape shape, Measures measures, double text) {
    private static final double[] STEPS = {1, 2, 5, 10, 20, 50, 100, 200};
    private static final double CM_PER_INCH = 2.54;

    /** How much lower than the tank it reaches, cm. */
    double height() {
        return 3.4 + text * 1.6;
    }

    Svg svg() {
        double across = shape.acrossCm();
        double unit = measures.length() == LengthUnit.INCH ? CM_PER_INCH : 1;
        double step = step(across / 8, unit);
        double thick = (across + shape.heightCm()) / 160;
        Svg.Builder svg = new Svg.Builder().add("<g class='tank-ruler'>");
        for (int i = 0; i * step < across; i++) {
            double x = i * step;
            String css = i % 2 == 0 ? "bar-full" : "bar-empty";
            svg.add(Shapes.rect(css, x, shape.heightCm() + 1.8, Math.min(step, across - x), thick));
            if (i > 0 && across - x > text * 3.2) {
                svg.add(label(x, Numbers.plain(x / unit), "middle"));
            }
        }
        return svg.add(label(0, "0", "start"))
                .add(label(across, measures.lengthOf(across), "end"))
                .add("</g>")
                .build();
    }

    private static double step(double rough, double unit) {
        double step = unit;
        for (double one : STEPS) {
            step = one * unit;
            if (step >= rough) {
                break;
            }
        }
        return step;
    }

    private Svg label(double x, String words, String anchor) {
        double y = shape.heightCm() + 3 + text * 1.1;
        String label = "<text class='chart-text' x='{}' y='{}' font-size='{}' text-anchor='{}'>{}</text>";
        return Svg.of(label, x, y, text, anchor, words);
    }
}
