package org.pelluna.app.portrait;

import java.util.List;
import org.pelluna.app.svg.Svg;
import org.pelluna.app.web.Measures;
import org.pelluna.core.patch.Patches;
import org.pelluna.core.tank.Tank;
import org.pelluna.core.tank.TankShape;

/**
 * A tank from the front and, below it or, where it is narrow, beside it, from above, both to one scale: one drawing unit is one
 * centimetre, for glass, water, sand, rock and fish alike. Rock outlines are roughened within the measures they have.
 */
public final class ReefDrawing {
    static final double MARGIN = 6;
    private static final double GAP = 7;

    /** A tank whose height and depth come to more of its width than this has its view from above beside the front. */
    private static final double NARROW = 1.5;

    private final Tank tank;
    private final Measures measures;
    private final double across;
    private final double high;
    private final double deep;
    private final double floor;
    private final double surface;
    private final double topAt;
    private final double text;
    private final TankRuler ruler;
    private final boolean withTop;

    /**
     * @param withTop whether the view from above is drawn too
     */
    public ReefDrawing(Tank tank, Measures measures, boolean withTop) {
        this.tank = tank;
        this.measures = measures;
        this.withTop = withTop;
        this.across = tank.shape().acrossCm();
        this.high = tank.shape().heightCm();
        this.deep = tank.shape().frontToBackCm();
        this.floor = high - tank.sandDepthCm();
        this.surface = tank.water().belowRimCm();
        this.text = (across + high + (withTop ? deep : 0)) / (withTop ? 72 : 58);
        this.ruler = new TankRuler(tank.shape(), measures, text);
        this.topAt = high + GAP + ruler.height();
    }

    /** Width of a tank seen from the front, cm. */
    public static double frontCm(TankShape shape) {
        return shape.acrossCm();
    }

    /** What is drawn besides the tank itself. */
    public static final class Content {
        private final Svg.Builder front = new Svg.Builder();
        private final Svg.Builder top = new Svg.Builder();
        private final Svg.Builder frontPatches = new Svg.Builder();
        private final Svg.Builder topPatches = new Svg.Builder();

        void front(Svg svg) {
            front.add(svg);
        }

        void top(Svg svg) {
            top.add(svg);
        }
    }

    /** Draws patches, with the number of each in the list that goes with the drawing. */
    public void patches(Content content, List<Patches.Patch> patches, Patches all) {
        for (int i = 0; i < patches.size(); i++) {
            Patches.Patch patch = patches.get(i);
            content.frontPatches.add(patch(patch, path(patch.front(), true)));
            content.topPatches.add(patch(patch, path(patch.top(), false)));
        }
        content.frontPatches.add("<path class='contested' d='{}'/>", path(all.contested(Patches.View.FRONT), true));
        content.topPatches.add("<path class='contested' d='{}'/>", path(all.contested(Patches.View.TOP), false));
    }

    private static Svg patch(Patches.Patch patch, String outline) {
        return Svg.of(
                "<path class='patch' data-patch='{}' d='{}'><title>Patch of {}</title></path>",
                patch.fish().id(),
                outline,
                patch.fish().name());
    }

    private String path(List<List<double[]>> loops, boolean front) {
        StringBuilder path = new StringBuilder();
        for (List<double[]> loop : loops) {
            for (int i = 0; i < loop.size(); i++) {
                double y = front ? high - loop.get(i)[1] : topAt + loop.get(i)[1];
                path.append(i == 0 ? "M" : "L")
                        .append(Svg.number(loop.get(i)[0]))
                        .append(' ')
                        .append(Svg.number(y));
            }
            path.append('Z');
        }
        return path.toString();
    }

    /** y in the front view of a height above the floor of the glass. */
    double frontY(double zCm) {
        return high - zCm;
    }

    /** y in the view from above of a distance from the back. */
    double topY(double yCm) {
        return topAt + yCm;
    }

    boolean hasTop() {
        return withTop;
    }

    double floor() {
        return floor;
    }

    double surface() {
        return surface;
    }

    double text() {
        return text;
    }

    /**
     * The drawing.
     *
     * @param content fish, patches and whatever else is drawn in it
     * @param fieldCm width of the field at least, so that tanks on fields of one width are to one scale
     * @param label what a reader who does not see it is told
     */
    public Svg svg(Content content, double fieldCm, String label) {
        double refugium = tank.refugiumLitres() > 0 && withTop ? Math.cbrt(1000 * tank.refugiumLitres()) : 0;
        boolean beside = withTop && high + deep > NARROW * across;
        double views = beside ? 2 * across + GAP : across;
        double field = Math.max(fieldCm, views + (refugium > 0 ? refugium + GAP : 0));
        double bottom = withTop && !beside
                ? topAt + deep + MARGIN
                : Math.max(high + ruler.height(), withTop ? Math.max(deep, refugium) + MARGIN : 0);
        Svg.Builder svg = new Svg.Builder()
                .add(
                        "<svg class='tank-drawing{}' xmlns='http://www.w3.org/2000/svg' role='{}' viewBox='{} {} {} {}' data-cm='1' data-high='{}' data-top-at='{}' data-sand='{}' aria-label='{}'>",
                        beside ? " beside" : "",
                        withTop ? "group" : "img",
                        -MARGIN - 4,
                        -MARGIN,
                        field + 2 * MARGIN + 4,
                        bottom + MARGIN,
                        high,
                        topAt,
                        tank.sandDepthCm(),
                        label);
        svg.add(
                "<defs><pattern id='cross' width='2' height='2' patternUnits='userSpaceOnUse' patternTransform='rotate(45)'><path d='M0 1H2' class='cross-line'/></pattern></defs>");
        Svg front = new FrontView(this, tank).svg(content.frontPatches.build(), content.front.build());
        svg.add("<g class='view-front'>{}</g>", front).add(ruler.svg());
        if (withTop) {
            Svg moved = beside ? Svg.of(" transform='translate({} {})'", across + GAP, -topAt) : Svg.NONE;
            TopView top = new TopView(this, tank);
            svg.add("<g class='view-top'{}>{}", moved, top.svg(content.topPatches.build(), content.top.build()));
            if (refugium > 0) {
                svg.add(top.refugium(across + GAP, refugium, measures.volumeOf(tank.refugiumLitres())));
            }
            svg.add("</g>");
        }
        return svg.add("</svg>").build();
    }
}
