package org.pelluna.app.portrait;

import java.util.ArrayList;
import java.util.List;
import org.pelluna.app.svg.Svg;
import org.pelluna.core.species.Accent;
import org.pelluna.core.species.Anatomy;
import org.pelluna.core.species.Appearance;
import org.pelluna.core.species.BodyPart;
import org.pelluna.core.species.MedianFin;

/** The fins around a body: a tinted membrane, and the rays on which it stands. */
final class Fins {
    /** Fins stay within the field of the symbol. */
    static final double HIGHEST = Portraits.FIELD_HEIGHT / 2 - 1.5;

    private final BodyOutline body;
    private final Anatomy anatomy;

    /** Drawing units of a height of 1 in the landmarks. */
    private final double scale;

    private final FinColours colours;
    private final FreeRays free;

    private final StringBuilder rays = new StringBuilder();

    Fins(Appearance look, BodyOutline body, FinColours colours) {
        this.colours = colours;
        this.body = body;
        this.anatomy = body.anatomy();
        this.scale = body.deep() * look.fins() / anatomy.fins();
        this.free = new FreeRays(body, scale);
    }

    /** Dorsal, anal and pelvic fins, drawn behind the body. */
    Svg behind() {
        rays.setLength(0);
        Svg.Builder svg = new Svg.Builder();
        if (anatomy.parts().contains(BodyPart.LION_RAYS)) {
            svg.add(free.spines(colours.of(Accent.Part.DORSAL)));
        }
        if (anatomy.parts().contains(BodyPart.BANNER)) {
            svg.add(free.banner(colours.of(Accent.Part.BANNER)));
        }
        anatomy.median()
                .forEach(fin -> svg.add(membrane(
                        median(fin),
                        fin.edge() == MedianFin.Edge.BACK
                                ? colours.of(Accent.Part.DORSAL)
                                : colours.of(Accent.Part.ANAL))));
        colours.spots().ifPresent(colour -> svg.add(spots(colour)));
        anatomy.pelvic().ifPresent(fin -> svg.add(membrane(pelvic(fin), colours.of(Accent.Part.PELVIC))));
        return svg.add(drawnRays()).build();
    }

    /** The pectoral fin, drawn over the body. */
    Svg before() {
        String colour = colours.of(Accent.Part.PECTORAL);
        if (anatomy.parts().contains(BodyPart.LION_RAYS)) {
            return free.fan(colour);
        }
        rays.setLength(0);
        Svg.Builder svg = new Svg.Builder();
        anatomy.pectoral().ifPresent(fin -> {
            double x = body.x(fin.at());
            double y = -body.deep() * fin.above();
            double long_ = fin.length() * BodyOutline.LENGTH;
            svg.add(
                    "<path d='{}' fill='{}' fill-opacity='.72' class='fin-line'/>",
                    pectoral(x, y, long_, anatomy.parts().contains(BodyPart.THICK_RAYS) ? 1.5 : 1),
                    colour);
        });
        return svg.add(drawnRays()).build();
    }

    /** An eyespot in the middle of each fin of the back. */
    private Svg spots(String colour) {
        return Svg.all(anatomy.median().stream()
                .filter(fin -> fin.edge() == MedianFin.Edge.BACK)
                .map(fin -> {
                    double[] at = tip(fin, 0.5, 0.5);
                    return Accents.eyespot(at[0], at[1], 2, colour);
                }));
    }

    private Svg membrane(String path, String colour) {
        return Svg.of(
                "<path d='{}' fill='{}' fill-opacity='.86' class='fin-line'/>{}", path, colour, colours.margin(path));
    }

    private Svg drawnRays() {
        return rays.isEmpty() ? Svg.NONE : Svg.of("<path d='{}' class='fin-ray'/>", rays.toString());
    }

    private String median(MedianFin fin) {
        return body.isBent() ? winding(fin) : straight(fin);
    }

    /** A seam along a body that winds. */
    private String winding(MedianFin fin) {
        List<double[]> edge = new ArrayList<>();
        int steps = (int) Math.max(4, (fin.end() - fin.start()) * 20);
        for (int i = 0; i <= steps; i++) {
            edge.add(tip(fin, (double) i / steps, 1));
            ray(fin, (double) i / steps, 1);
        }
        for (int i = steps; i >= 0; i--) {
            double t = fin.start() + (fin.end() - fin.start()) * i / steps;
            edge.add(body.point(t, 0));
        }
        return Paths.smooth(edge);
    }

    private String straight(MedianFin fin) {
        boolean back = fin.edge() == MedianFin.Edge.BACK;
        double start = fin.start();
        double end = fin.end();
        StringBuilder path = new StringBuilder(Svg.path("M{} {}", body.x(start), inside(start, back)));
        int spines = (int) Math.round((end - start) * fin.spiny() * 26);
        for (int i = 0; i <= spines && spines > 0; i++) {
            double along = fin.spiny() * i / spines;
            double[] tip = tip(fin, along, 1);
            if (i > 0) {
                double[] dip = tip(fin, fin.spiny() * (i - 0.45) / spines, 0.8);
                path.append(Svg.path("L{} {}", dip[0], dip[1]));
            }
            path.append(Svg.path("L{} {}", tip[0], tip[1]));
            ray(fin, along, 1);
        }
        List<double[]> soft = new ArrayList<>();
        soft.add(tip(fin, spines > 0 ? fin.spiny() : 0, 1));
        fin.tips().stream()
                .filter(one -> one.at() > (spines > 0 ? fin.spiny() + 0.02 : 0))
                .forEach(one -> soft.add(tip(fin, one.at(), 1)));
        if (spines == 0) {
            path.append(Svg.path("L{} {}", soft.get(0)[0], soft.get(0)[1]));
        }
        path.append(Paths.through(soft));
        double softFrom = spines > 0 ? fin.spiny() : 0;
        int softRays = (int) Math.round((end - start) * (1 - softFrom) * 24);
        for (int i = 1; i < softRays; i++) {
            ray(fin, softFrom + (1 - softFrom) * i / softRays, 0.93);
        }
        return path.append(Svg.path("L{} {}Z", body.x(end), inside(end, back))).toString();
    }

    private void ray(MedianFin fin, double along, double share) {
        double base = fin.start() + (fin.end() - fin.start()) * along;
        double y = fin.edge() == MedianFin.Edge.BACK ? body.back(base) : body.belly(base);
        double[] tip = tip(fin, along, share);
        rays.append(Svg.path("M{} {}L{} {}", body.x(base), y, tip[0], tip[1]));
    }

    private double[] tip(MedianFin fin, double along, double share) {
        double base = fin.start() + (fin.end() - fin.start()) * along;
        double high = BodyOutline.between(fin.tips(), along) * scale * share;
        double y = fin.edge() == MedianFin.Edge.BACK ? body.back(base) - high : body.belly(base) + high;
        double lean = fin.lean() * BodyOutline.LENGTH * (0.35 + 0.65 * along) * share;
        return new double[] {body.x(base) + lean, Math.max(-HIGHEST, Math.min(HIGHEST, y))};
    }

    /** Fins reach a little into the body, whose edge is drawn over them. */
    private double inside(double t, boolean back) {
        return body.y(t, back ? -0.8 : 0.8);
    }

    private String pelvic(Anatomy.PelvicFin fin) {
        double x = body.x(fin.at());
        double y = body.belly(fin.at());
        double down = Math.min(HIGHEST - y, fin.length() * scale * 0.8);
        double lean = fin.lean() * BodyOutline.LENGTH;
        for (int i = 0; i < 4; i++) {
            rays.append(
                    Svg.path("M{} {}l{} {}", x + i * 1.1, y - 0.4, lean * (0.9 + 0.22 * i), down * (0.92 - 0.17 * i)));
        }
        return Svg.path(
                "M{} {}Q{} {} {} {}Q{} {} {} {}Z",
                x - 0.5,
                y - 1.5,
                x + lean * 0.2,
                y + down * 0.6,
                x + lean,
                y + down,
                x + lean + 3,
                y + down * 0.35,
                x + 5,
                y - 1.5);
    }

    private String pectoral(double x, double y, double length, double low) {
        for (int i = 0; i < 5; i++) {
            rays.append(Svg.path("M{} {}l{} {}", x, y, length * (0.86 + 0.04 * i), length * (-0.26 + 0.16 * low * i)));
        }
        List<double[]> fan = List.of(
                new double[] {x, y - length * 0.09},
                new double[] {x + length * 0.45, y - length * 0.33},
                new double[] {x + length * 0.88, y - length * 0.3},
                new double[] {x + length, y + length * 0.05},
                new double[] {x + length * 0.84, y + length * 0.36 * low},
                new double[] {x + length * 0.4, y + length * 0.3 * low},
                new double[] {x, y + length * 0.1});
        return Paths.smooth(fan);
    }
}
