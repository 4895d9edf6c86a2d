package org.pelluna.app.portrait;

import static org.pelluna.app.portrait.Paths.n;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.pelluna.app.web.Measures;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.Stock;
import org.pelluna.core.species.Species;
import org.pelluna.core.tank.Tank;
import org.pelluna.core.tank.TankShape;
import org.pelluna.core.units.LengthUnit;

/**
 * The front of a tank to scale: one drawing unit is one centimetre, for glass, water, sand and fish alike. Rock is a
 * sketch, its bulk to scale; where each fish hovers in its zone is a sketch too.
 */
public final class TankDrawing {
    private static final double MARGIN = 6;

    /** Outlines as shares of span and rise, from left to right; the mean height of each is given first. */
    private static final double[][] RIDGE = {
        {0.52},
        {0, 0},
        {0.02, 0.22},
        {0.09, 0.34},
        {0.13, 0.6},
        {0.2, 0.72},
        {0.27, 0.66},
        {0.33, 0.93},
        {0.4, 1},
        {0.47, 0.84},
        {0.5, 0.6},
        {0.57, 0.5},
        {0.66, 0.58},
        {0.73, 0.52},
        {0.78, 0.32},
        {0.87, 0.36},
        {0.94, 0.24},
        {1, 0}
    };

    private static final double[][] OUTLIER = {
        {0.55},
        {0, 0},
        {0.05, 0.36},
        {0.2, 0.5},
        {0.3, 0.86},
        {0.46, 1},
        {0.6, 0.8},
        {0.72, 0.76},
        {0.82, 0.4},
        {0.96, 0.3},
        {1, 0}
    };

    private final Tank tank;
    private final double field;
    private final double width;
    private final double height;
    private final double floor;
    private final double surface;

    private TankDrawing(Tank tank, double fieldCm) {
        this.tank = tank;
        this.field = Math.max(fieldCm, frontCm(tank.shape()));
        this.width = frontCm(tank.shape());
        this.height = tank.shape().heightCm();
        this.floor = height - tank.sandDepthCm();
        this.surface = tank.water().belowRimCm();
    }

    /** The drawing of a tank with its residents at their length on the day of the plan. */
    public static String of(Stock stock, Measures measures) {
        return of(stock, measures, 0);
    }

    /**
     * The same on a field at least so wide, so that tanks drawn on fields of one width are to one scale.
     *
     * @param fieldCm width of the field, cm
     */
    public static String of(Stock stock, Measures measures, double fieldCm) {
        TankDrawing drawing = new TankDrawing(stock.plan().tank(), fieldCm);
        return drawing.svg(stock.residents(), stock.plan().asOf(), measures);
    }

    /** Width of a tank seen from the front, cm. */
    public static double frontCm(TankShape shape) {
        if (shape instanceof TankShape.Box box) {
            return box.lengthCm();
        }
        if (shape instanceof TankShape.BowFront bow) {
            return bow.lengthCm();
        }
        return shape.longestTravelCm();
    }

    private String svg(List<Fish> fish, LocalDate on, Measures measures) {
        StringBuilder svg = new StringBuilder("<svg class=\"tank-drawing\" role=\"img\" viewBox=\"" + n(-MARGIN - 4)
                + " "
                + n(-MARGIN) + " " + n(field + 2 * MARGIN + 4) + " " + n(height + MARGIN + rulerHeight())
                + "\" aria-label=\""
                + "Front of the tank to scale, " + measures.lengthOf(width) + " by " + measures.lengthOf(height)
                + ", with "
                + fish.size() + " fish\">");
        svg.append(water());
        svg.append(rock());
        svg.append(sand());
        for (int i = 0; i < fish.size(); i++) {
            svg.append(fish(fish.get(i), i, fish.size(), on));
        }
        return svg.append(glass()).append(ruler(measures)).append("</svg>").toString();
    }

    private String water() {
        StringBuilder svg = new StringBuilder();
        double deep = floor - surface;
        String[] tints = {"tint-1", "tint-2", "tint-3"};
        for (int i = 0; i < tints.length; i++) {
            svg.append("<rect x=\"0\" y=\"" + n(surface + deep * i / 3) + "\" width=\"" + n(width) + "\" height=\""
                    + n(height - surface - deep * i / 3) + "\" class=\"" + tints[i] + "\"/>");
        }
        return svg + "<path d=\"M0 " + n(surface) + "H" + n(width) + "\" class=\"water-line\"/>";
    }

    private String sand() {
        if (tank.sandDepthCm() <= 0) {
            return "";
        }
        StringBuilder path = new StringBuilder("M0 " + n(height) + "V" + n(floor));
        int waves = Math.max(2, (int) (width / 18));
        for (int i = 0; i < waves; i++) {
            double step = width / waves;
            path.append(i == 0 ? "" : "L" + n(step * i) + " " + n(floor));
            path.append("q" + n(step / 4) + " " + n(i % 2 == 0 ? -1 : 0.8) + " " + n(step / 2) + " 0t" + n(step / 2)
                    + " 0");
        }
        return "<path d=\"" + path + "L" + n(width) + " " + n(floor) + "V" + n(height) + "Z\" class=\"sand\"/>";
    }

    /** A reef whose area stands to the front as the rock's bulk stands to the tank: a ridge and an outlier. */
    private String rock() {
        double bulkLitres = tank.water().rockKg() / tank.water().rockKgPerLitre();
        double share = Math.min(0.5, 2.6 * bulkLitres / tank.netWater().grossLitres());
        if (share <= 0) {
            return "";
        }
        double area = share * width * (floor - surface);
        return reef(0.06, 0.62, area * 0.72, RIDGE) + reef(0.7, 0.25, area * 0.28, OUTLIER);
    }

    private String reef(double from, double span, double area, double[][] outline) {
        double wide = span * width;
        double rise = Math.min((floor - surface) * 0.74, area / wide / outline[0][0]);
        double left = from * width;
        List<double[]> points = new ArrayList<>();
        for (int i = 1; i < outline.length; i++) {
            points.add(new double[] {left + wide * outline[i][0], floor + 1 - rise * outline[i][1]});
        }
        StringBuilder svg = new StringBuilder("<path d=\"" + Paths.smooth(points) + "\" class=\"rock\"/>");
        for (double[] cave : new double[][] {{0.2, 0.1, 0.34}, {0.6, 0.13, 0.26}}) {
            double x = left + wide * cave[0];
            svg.append("<path d=\"M" + n(x) + " " + n(floor + 1) + "q" + n(wide * cave[1] * 0.1) + " "
                    + n(-rise * cave[2]) + " "
                    + n(wide * cave[1] * 0.55) + " " + n(-rise * cave[2]) + "t" + n(wide * cave[1] * 0.45) + " "
                    + n(rise * cave[2]) + "Z\" class=\"cave\"/>");
        }
        return svg.toString();
    }

    private String fish(Fish fish, int index, int count, LocalDate on) {
        double length = fish.lengthCmOn(on);
        double wide = length * Portraits.FIELD_WIDTH / 100;
        double high = length * Portraits.FIELD_HEIGHT / 100;
        double x = 3 + (width - wide - 6) * (count == 1 ? 0.45 : (index * 0.618034 + 0.12) % 1);
        double y = Math.min(
                height - high * 0.7,
                Math.max(surface, depth(fish.species().habits().zone(), index) - high / 2));
        String use = "<use href=\"#" + Portraits.keyAt(fish.species(), length) + "\" x=\"" + n(x) + "\" y=\"" + n(y)
                + "\" width=\"" + n(wide) + "\" height=\"" + n(high) + "\"/>";
        return "<g data-length-cm=\"" + n(length) + "\"><title>" + Markup.escape(fish.name()) + ", "
                + Markup.escape(fish.species().commonName()) + "</title>" + use + "</g>";
    }

    private double depth(Species.Zone zone, int index) {
        double water = floor - surface;
        double stagger = (index * 0.37) % 1 - 0.5;
        return switch (zone) {
            case SURFACE -> surface + water * 0.1;
            case MID_WATER -> surface + water * (0.35 + 0.2 * stagger);
            case ROCK -> surface + water * (0.6 + 0.25 * stagger);
            case CAVE -> floor - water * 0.18;
            case SAND, BURROW -> floor - 2;
        };
    }

    private String glass() {
        String lid = switch (tank.cover().kind()) {
            case OPEN -> "";
            case MESH -> "<path d=\"M-1 -1H" + n(width + 1) + "\" class=\"mesh\"/>";
            case LID -> "<path d=\"M-1 -1H" + n(width + 1) + "\" class=\"lid\"/>";
        };
        return "<rect x=\"0\" y=\"0\" width=\"" + n(width) + "\" height=\"" + n(height) + "\" class=\"glass\"/>" + lid;
    }

    private double textSize() {
        return (field + height) / 58;
    }

    private double rulerHeight() {
        return 3.4 + textSize() * 1.5;
    }

    /** A chart's border bar along the bottom and up the side: alternately filled, ten centimetres to a field. */
    private String ruler(Measures measures) {
        double step = measures.length().toCentimetres(measures.length() == LengthUnit.INCH ? 6 : 20);
        StringBuilder svg = new StringBuilder();
        for (int i = 0; i * step < width; i++) {
            double wide = Math.min(step, width - i * step);
            svg.append("<rect x=\"" + n(i * step) + "\" y=\"" + n(height + 1.8) + "\" width=\"" + n(wide)
                    + "\" height=\"" + n((width + height) / 160) + "\" class=\""
                    + (i % 2 == 0 ? "bar-full" : "bar-empty") + "\"/>");
        }
        double size = textSize();
        return svg + "<text x=\"0\" y=\"" + n(height + 3.4 + size) + "\" font-size=\"" + n(size)
                + "\" class=\"chart-text\">0</text><text x=\""
                + n(width) + "\" y=\"" + n(height + 3.4 + size) + "\" font-size=\"" + n(size)
                + "\" text-anchor=\"end\" class=\"chart-text\">" + measures.lengthOf(width) + "</text>";
    }
}
