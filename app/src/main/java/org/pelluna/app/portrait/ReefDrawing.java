package org.pelluna.app.portrait;

import static org.pelluna.app.portrait.Paths.n;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.pelluna.app.web.Measures;
import org.pelluna.core.patch.Patches;
import org.pelluna.core.tank.Layout;
import org.pelluna.core.tank.Tank;
import org.pelluna.core.tank.TankShape;
import org.pelluna.core.units.LengthUnit;

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
    private final Layout layout;
    private final Measures measures;
    private final double across;
    private final double high;
    private final double deep;
    private final double floor;
    private final double surface;
    private final double topAt;
    private final double text;
    private final boolean withTop;

    /**
     * @param withTop whether the view from above is drawn too
     */
    public ReefDrawing(Tank tank, Measures measures, boolean withTop) {
        this.tank = tank;
        this.layout = tank.layout();
        this.measures = measures;
        this.withTop = withTop;
        this.across = tank.shape().acrossCm();
        this.high = tank.shape().heightCm();
        this.deep = tank.shape().frontToBackCm();
        this.floor = high - tank.sandDepthCm();
        this.surface = tank.water().belowRimCm();
        this.text = (across + high + (withTop ? deep : 0)) / (withTop ? 72 : 58);
        this.topAt = high + GAP + rulerHeight();
    }

    /** Width of a tank seen from the front, cm. */
    public static double frontCm(TankShape shape) {
        return shape.acrossCm();
    }

    /** What is drawn besides the tank itself. */
    public static final class Content {
        private final StringBuilder front = new StringBuilder();
        private final StringBuilder top = new StringBuilder();
        private final StringBuilder frontPatches = new StringBuilder();
        private final StringBuilder topPatches = new StringBuilder();

        void front(String svg) {
            front.append(svg);
        }

        void top(String svg) {
            top.append(svg);
        }
    }

    /** Draws patches, with the number of each in the list that goes with the drawing. */
    public void patches(Content content, List<Patches.Patch> patches, Patches all) {
        for (int i = 0; i < patches.size(); i++) {
            Patches.Patch patch = patches.get(i);
            String head = "<path class=\"patch\" data-patch=\""
                    + Markup.escape(patch.fish().id().key()) + "\" d=\"";
            String tail = "\"><title>Patch of " + Markup.escape(patch.fish().name()) + "</title></path>";
            content.frontPatches.append(head + path(patch.front(), true) + tail);
            content.topPatches.append(head + path(patch.top(), false) + tail);
        }
        content.frontPatches.append(
                "<path class=\"contested\" d=\"" + path(all.contested(Patches.View.FRONT), true) + "\"/>");
        content.topPatches.append(
                "<path class=\"contested\" d=\"" + path(all.contested(Patches.View.TOP), false) + "\"/>");
    }

    private String path(List<List<double[]>> loops, boolean front) {
        StringBuilder path = new StringBuilder();
        for (List<double[]> loop : loops) {
            for (int i = 0; i < loop.size(); i++) {
                double y = front ? high - loop.get(i)[1] : topAt + loop.get(i)[1];
                path.append(i == 0 ? "M" : "L")
                        .append(n(loop.get(i)[0]))
                        .append(' ')
                        .append(n(y));
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
    public String svg(Content content, double fieldCm, String label) {
        double refugium = tank.refugiumLitres() > 0 && withTop ? Math.cbrt(1000 * tank.refugiumLitres()) : 0;
        boolean beside = withTop && high + deep > NARROW * across;
        double views = beside ? 2 * across + GAP : across;
        double field = Math.max(fieldCm, views + (refugium > 0 ? refugium + GAP : 0));
        double bottom = withTop && !beside
                ? topAt + deep + MARGIN
                : Math.max(high + rulerHeight(), withTop ? Math.max(deep, refugium) + MARGIN : 0);
        StringBuilder svg = new StringBuilder("<svg class=\"tank-drawing" + (beside ? " beside" : "")
                + "\" xmlns=\"http://www.w3.org/2000/svg\" role=\""
                + (withTop ? "group" : "img") + "\" viewBox=\"" + n(-MARGIN - 4) + " " + n(-MARGIN) + " "
                + n(field + 2 * MARGIN + 4) + " " + n(bottom + MARGIN) + "\" data-cm=\"1\" data-high=\"" + n(high)
                + "\" data-top-at=\"" + n(topAt) + "\" data-sand=\"" + n(tank.sandDepthCm()) + "\" aria-label=\""
                + Markup.escape(label) + "\">");
        svg.append("<defs><pattern id=\"cross\" width=\"2\" height=\"2\" patternUnits=\"userSpaceOnUse\""
                + " patternTransform=\"rotate(45)\"><path d=\"M0 1H2\" class=\"cross-line\"/></pattern></defs>");
        svg.append("<g class=\"view-front\">" + frontView(content) + "</g>");
        svg.append(ruler());
        if (withTop) {
            String moved = beside ? " transform=\"translate(" + n(across + GAP) + " " + n(-topAt) + ")\"" : "";
            svg.append("<g class=\"view-top\"" + moved + ">" + topView(content)
                    + (refugium > 0 ? refugium(refugium) : "") + "</g>");
        }
        return svg.append("</svg>").toString();
    }

    private String frontView(Content content) {
        StringBuilder svg = new StringBuilder();
        double water = floor - surface;
        for (int i = 0; i < 3; i++) {
            svg.append("<rect x=\"0\" y=\"" + n(surface + water * i / 3) + "\" width=\"" + n(across) + "\" height=\""
                    + n(high - surface - water * i / 3) + "\" class=\"tint-" + (i + 1) + "\"/>");
        }
        svg.append("<path d=\"M0 " + n(surface) + "H" + n(across) + "\" class=\"water-line\"/>");
        layout.rocks().stream()
                .sorted(Comparator.comparingDouble(Layout.Rock::yCm))
                .forEach(rock -> svg.append(frontRock(rock)));
        svg.append(sand());
        layout.shelters().forEach(one -> svg.append(Shelters.front(one, frontY(one.zCm()), floor)));
        svg.append(content.frontPatches);
        layout.box().ifPresent(box -> svg.append(boxFront(box)));
        layout.feeding().forEach(one -> svg.append(feedingFront(one)));
        svg.append(content.front);
        return svg + "<rect x=\"0\" y=\"0\" width=\"" + n(across) + "\" height=\"" + n(high) + "\" class=\"glass\"/>"
                + cover();
    }

    private String frontRock(Layout.Rock rock) {
        double base = floor + (rock.liftCm() == 0 ? 0.6 : 0) - rock.liftCm();
        List<double[]> outline = RockOutline.front(rock).stream()
                .map(point -> new double[] {point[0], base - point[1]})
                .toList();
        return "<g class=\"rock-item\" data-item=\"" + Markup.escape(rock.id()) + "\"><title>"
                + Markup.escape(rock.name())
                + ", " + rock.form().words() + "</title><path class=\"rock"
                + (rock.yCm() < deep * 0.3 ? " rock-back" : "")
                + "\" d=\"" + Paths.rough(outline) + "\"/><path class=\"hachure\" d=\""
                + RockOutline.hachures(rock, base) + "\"/></g>";
    }

    private String sand() {
        if (tank.sandDepthCm() <= 0) {
            return "";
        }
        StringBuilder path = new StringBuilder("M0 " + n(high) + "V" + n(floor));
        int waves = Math.max(2, (int) (across / 18));
        double step = across / waves;
        double swell = Math.min(0.9, tank.sandDepthCm() / 6);
        for (int i = 0; i < waves; i++) {
            path.append("q" + n(step / 4) + " " + n(i % 2 == 0 ? -swell : swell * 0.8) + " " + n(step / 2) + " 0t"
                    + n(step / 2) + " 0");
        }
        return "<path d=\"" + path + "L" + n(across) + " " + n(floor) + "V" + n(high) + "Z\" class=\"sand\"/>";
    }

    private String cover() {
        String kind = switch (tank.cover().kind()) {
            case OPEN -> "";
            case MESH -> "mesh";
            case LID -> "lid";
        };
        if (kind.isEmpty()) {
            return "";
        }
        StringBuilder svg = new StringBuilder();
        double from = -1;
        List<Layout.Gap> gaps = new ArrayList<>(layout.gaps());
        gaps.sort(Comparator.comparingDouble(Layout.Gap::xCm));
        for (Layout.Gap gap : gaps) {
            double half = gap.widthMm() / 20;
            double left = Math.max(from, gap.xCm() - half);
            svg.append("<path d=\"M" + n(from) + " -1H" + n(left) + "\" class=\"" + kind + "\"/>"
                    + "<g class=\"gap\" data-item=\"" + Markup.escape(gap.id()) + "\"><title>"
                    + Markup.escape(gap.name())
                    + "</title><path class=\"gap-mark\" d=\"M" + n(gap.xCm()) + " -1.2l-1.2 -2.4h2.4Z\"/></g>");
            from = gap.xCm() + half;
        }
        return svg + "<path d=\"M" + n(from) + " -1H" + n(across + 1) + "\" class=\"" + kind + "\"/>";
    }

    private String boxFront(Layout.Box box) {
        return "<g data-item=\"box\"><title>Acclimation box</title><rect class=\"box-frame\" x=\""
                + n(box.xCm() - box.widthCm() / 2) + "\" y=\"" + n(surface - 1) + "\" width=\"" + n(box.widthCm())
                + "\" height=\"" + n(box.heightCm() + 1) + "\"/></g>";
    }

    private String feedingFront(Layout.Feeding one) {
        double size = Math.max(0.9, text * 0.55);
        String mark = one.kind() == Layout.Feeding.Kind.STATION
                ? "<path class=\"feeding\" d=\"M" + n(one.xCm()) + " " + n(surface - size * 2.2) + "v" + n(size * 1.4)
                        + "m" + n(-size) + " 0h" + n(2 * size) + "l" + n(-size) + " " + n(size) + "Z\"/>"
                : "<path class=\"clip\" d=\"M" + n(one.xCm()) + " " + n(surface - size) + "v" + n(size * 2.4) + "q"
                        + n(size * 1.4) + " " + n(size) + " 0 " + n(size * 2) + "t0 " + n(size * 2) + "\"/>";
        return "<g data-item=\"" + Markup.escape(one.id()) + "\"><title>" + Markup.escape(one.name()) + ", "
                + one.kind().words() + "</title>" + mark + "</g>";
    }

    private String topView(Content content) {
        String glass = glassFromAbove();
        StringBuilder svg = new StringBuilder(
                "<clipPath id=\"inside-top\"><path d=\"" + glass + "\"/></clipPath><path d=\"" + glass + "\" class=\""
                        + (tank.sandDepthCm() > 0 ? "sand-top" : "tint-2") + "\"/><g clip-path=\"url(#inside-top)\">");
        layout.rocks().stream()
                .sorted(Comparator.comparingDouble(rock -> rock.liftCm() + rock.heightCm()))
                .forEach(rock -> svg.append(topRock(rock)));
        svg.append("</g>");
        layout.shelters().forEach(one -> svg.append(Shelters.top(one, topY(one.yCm()))));
        svg.append(content.topPatches);
        layout.box()
                .ifPresent(box ->
                        svg.append("<g data-item=\"box\"><title>Acclimation box</title><rect class=\"box-frame\" x=\""
                                + n(box.xCm() - box.widthCm() / 2) + "\" y=\"" + n(topY(box.yCm() - box.depthCm() / 2))
                                + "\" width=\"" + n(box.widthCm()) + "\" height=\"" + n(box.depthCm()) + "\"/></g>"));
        double size = Math.max(0.8, text * 0.5);
        layout.feeding()
                .forEach(one -> svg.append("<g data-item=\"" + Markup.escape(one.id()) + "\"><title>"
                        + Markup.escape(one.name()) + "</title><circle class=\"feeding-top\" cx=\"" + n(one.xCm())
                        + "\" cy=\""
                        + n(topY(one.yCm())) + "\" r=\"" + n(size) + "\"/></g>"));
        layout.gaps()
                .forEach(one -> svg.append("<g data-item=\"" + Markup.escape(one.id()) + "\"><title>"
                        + Markup.escape(one.name()) + "</title><path class=\"gap-mark\" d=\"M" + n(one.xCm()) + " "
                        + n(topY(one.yCm()) - 1.2) + "l1.2 1.2l-1.2 1.2l-1.2 -1.2Z\"/></g>"));
        svg.append(content.top);
        return svg + "<path d=\"" + glass + "\" class=\"glass\"/><text class=\"chart-text sounding-text\" x=\"0\" y=\""
                + n(topAt - text * 0.5) + "\" font-size=\"" + n(text) + "\">from above; the front is below</text>";
    }

    private String topRock(Layout.Rock rock) {
        StringBuilder svg = new StringBuilder("<g class=\"rock-item\" data-item=\"" + Markup.escape(rock.id())
                + "\"><title>" + Markup.escape(rock.name()) + "</title>");
        double[] rings = rock.form() == Layout.Rock.Form.MOUND ? new double[] {1, 0.72, 0.4} : new double[] {1};
        for (double ring : rings) {
            svg.append("<path class=\"" + (ring == 1 ? "rock" : "rock-ring") + "\" d=\""
                    + Paths.rough(RockOutline.top(rock, ring).stream()
                            .map(point -> new double[] {point[0], topY(point[1])})
                            .toList())
                    + "\"/>");
        }
        return svg.append("</g>").toString();
    }

    private String glassFromAbove() {
        if (tank.shape() instanceof TankShape.Cylinder round) {
            double radius = round.diameterCm() / 2;
            return "M0 " + n(topY(radius)) + "a" + n(radius) + " " + n(radius) + " 0 1 1 " + n(2 * radius) + " 0a"
                    + n(radius) + " " + n(radius) + " 0 1 1 " + n(-2 * radius) + " 0Z";
        }
        if (tank.shape() instanceof TankShape.BowFront bow) {
            return "M0 " + n(topAt) + "H" + n(across) + "V" + n(topY(bow.sideWidthCm())) + "A" + n(bow.radiusCm()) + " "
                    + n(bow.radiusCm()) + " 0 0 1 0 " + n(topY(bow.sideWidthCm())) + "Z";
        }
        return "M0 " + n(topAt) + "H" + n(across) + "V" + n(topY(deep)) + "H0Z";
    }

    private String refugium(double edge) {
        double x = across + GAP;
        return "<g class=\"refugium\"><rect x=\"" + n(x) + "\" y=\"" + n(topAt) + "\" width=\"" + n(edge)
                + "\" height=\""
                + n(edge) + "\" class=\"tint-1\"/><path class=\"weed\" d=\"M" + n(x + edge * 0.2) + " "
                + n(topAt + edge)
                + "q" + n(edge * 0.12) + " " + n(-edge * 0.3) + " 0 " + n(-edge * 0.6) + "m" + n(edge * 0.3) + " "
                + n(edge * 0.6) + "q" + n(-edge * 0.12) + " " + n(-edge * 0.4) + " 0 " + n(-edge * 0.75) + "m"
                + n(edge * 0.28) + " " + n(edge * 0.75) + "q" + n(edge * 0.1) + " " + n(-edge * 0.2) + " 0 "
                + n(-edge * 0.5) + "\"/><rect x=\"" + n(x) + "\" y=\"" + n(topAt) + "\" width=\"" + n(edge)
                + "\" height=\"" + n(edge) + "\" class=\"glass-thin\"/><text class=\"chart-text sounding-text\" x=\""
                + n(x)
                + "\" y=\"" + n(topAt - text * 0.5) + "\" font-size=\"" + n(text * 0.9) + "\">refugium "
                + measures.volumeOf(tank.refugiumLitres()) + "</text></g>";
    }

    private double rulerHeight() {
        return 3.4 + text * 1.6;
    }

    /** A chart's border bar along the bottom: alternately filled. */
    private String ruler() {
        boolean inches = measures.length() == LengthUnit.INCH;
        double rough = across / 8;
        double unit = inches ? 2.54 : 1;
        double step = unit;
        for (double one : new double[] {1, 2, 5, 10, 20, 50, 100, 200}) {
            step = one * unit;
            if (step >= rough) {
                break;
            }
        }
        StringBuilder svg = new StringBuilder("<g class=\"tank-ruler\">");
        double thick = (across + high) / 160;
        for (int i = 0; i * step < across; i++) {
            double wide = Math.min(step, across - i * step);
            svg.append("<rect x=\"" + n(i * step) + "\" y=\"" + n(high + 1.8) + "\" width=\"" + n(wide) + "\" height=\""
                    + n(thick) + "\" class=\"" + (i % 2 == 0 ? "bar-full" : "bar-empty") + "\"/>");
            if (i > 0 && across - i * step > text * 3.2) {
                svg.append(label(i * step, org.pelluna.core.units.Numbers.plain(i * step / unit), "middle"));
            }
        }
        return svg + label(0, "0", "start") + label(across, measures.lengthOf(across), "end") + "</g>";
    }

    private String label(double x, String words, String anchor) {
        return "<text x=\"" + n(x) + "\" y=\"" + n(high + 3 + text * 1.1) + "\" font-size=\"" + n(text)
                + "\" text-anchor=\"" + anchor + "\" class=\"chart-text\">" + words + "</text>";
    }
}
