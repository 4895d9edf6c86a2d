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

    private final Tank tank;
    private final double width;
    private final double height;
    private final double floor;
    private final double surface;

    private TankDrawing(Tank tank) {
        this.tank = tank;
        this.width = front(tank.shape());
        this.height = tank.shape().heightCm();
        this.floor = height - tank.sandDepthCm();
        this.surface = tank.water().belowRimCm();
    }

    /** The drawing of a tank with its residents at their length on the day of the plan. */
    public static String of(Stock stock, Measures measures) {
        TankDrawing drawing = new TankDrawing(stock.plan().tank());
        return drawing.svg(stock.residents(), stock.plan().asOf(), measures);
    }

    private static double front(TankShape shape) {
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
                + n(-MARGIN) + " " + n(width + 2 * MARGIN + 4) + " " + n(height + 2 * MARGIN + 5) + "\" aria-label=\""
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
            path.append("q" + n(step / 4) + " " + n(i % 2 == 0 ? -1 : 0.8) + " " + n(step / 2) + " 0t" + n(step / 2)
                    + " 0");
        }
        return "<path d=\"" + path + "V" + n(height) + "Z\" class=\"sand\"/>";
    }

    /** Two heaps whose area stands to the front as the rock's bulk stands to the tank. */
    private String rock() {
        double bulkLitres = tank.water().rockKg() / tank.water().rockKgPerLitre();
        double share = Math.min(0.55, 2.2 * bulkLitres / tank.netWater().grossLitres());
        if (share <= 0) {
            return "";
        }
        double area = share * width * (floor - surface);
        return heap(width * 0.3, Math.sqrt(area * 0.75), area * 0.58)
                + heap(width * 0.74, Math.sqrt(area * 0.55), area * 0.42);
    }

    private String heap(double middle, double high, double area) {
        double top = Math.max(surface + 6, floor - Math.min(high, (floor - surface) * 0.72));
        double wide = Math.min(width * 0.5, area / (floor - top) * 1.5);
        double left = Math.max(1, middle - wide / 2);
        double right = Math.min(width - 1, middle + wide / 2);
        double span = right - left;
        double rise = floor - top;
        List<double[]> points = new ArrayList<>();
        double[][] outline = {
            {0, 0},
            {0.06, 0.3},
            {0.2, 0.42},
            {0.24, 0.75},
            {0.4, 0.82},
            {0.5, 1},
            {0.66, 0.9},
            {0.7, 0.55},
            {0.86, 0.48},
            {0.95, 0.2},
            {1, 0}
        };
        for (double[] point : outline) {
            points.add(new double[] {left + span * point[0], floor + 1 - rise * point[1]});
        }
        double caveX = left + span * 0.44;
        return "<path d=\"" + Paths.smooth(points) + "\" class=\"rock\"/><path d=\"M" + n(caveX) + " " + n(floor + 1)
                + "q"
                + n(span * 0.02) + " " + n(-rise * 0.34) + " " + n(span * 0.1) + " " + n(-rise * 0.3) + "q"
                + n(span * 0.12)
                + " 0 " + n(span * 0.11) + " " + n(rise * 0.3) + "Z\" class=\"cave\"/>";
    }

    private String fish(Fish fish, int index, int count, LocalDate on) {
        double length = fish.lengthCmOn(on);
        double wide = length * Portraits.FIELD_WIDTH / 100;
        double high = length * Portraits.FIELD_HEIGHT / 100;
        double x = 3 + (width - wide - 6) * (count == 1 ? 0.45 : (index * 0.618034 + 0.12) % 1);
        double y = Math.min(
                height - high * 0.7,
                Math.max(surface, depth(fish.species().habits().zone(), index) - high / 2));
        String use = "<use href=\"#" + Portraits.key(fish.species()) + "\" x=\"" + n(x) + "\" y=\"" + n(y)
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

    /** A chart's border bar along the bottom and up the side: alternately filled, ten centimetres to a field. */
    private String ruler(Measures measures) {
        double step = measures.length().toCentimetres(measures.length() == LengthUnit.INCH ? 6 : 20);
        StringBuilder svg = new StringBuilder();
        for (int i = 0; i * step < width; i++) {
            double wide = Math.min(step, width - i * step);
            svg.append("<rect x=\"" + n(i * step) + "\" y=\"" + n(height + 2) + "\" width=\"" + n(wide)
                    + "\" height=\"1.4\" class=\"" + (i % 2 == 0 ? "bar-full" : "bar-empty") + "\"/>");
        }
        double size = Math.max(2.4, width / 52);
        return svg + "<text x=\"0\" y=\"" + n(height + 4.6 + size) + "\" font-size=\"" + n(size)
                + "\" class=\"chart-text\">0</text><text x=\""
                + n(width) + "\" y=\"" + n(height + 4.6 + size) + "\" font-size=\"" + n(size)
                + "\" text-anchor=\"end\" class=\"chart-text\">" + measures.lengthOf(width) + "</text>";
    }
}
