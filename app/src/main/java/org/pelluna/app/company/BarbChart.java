package org.pelluna.app.company;

import static org.pelluna.app.company.CompanyController.Entry;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.pelluna.app.chart.TimeAxis;
import org.pelluna.app.portrait.Markup;
import org.pelluna.app.portrait.Portraits;

/**
 * Who presses whom, drawn. The fish stand on a line in the order in which they came or are to come. An arc over the line
 * presses a later comer, one under it an earlier one; it runs from the fish that presses to an arrowhead at the other and
 * carries feathers: a short one for half an encounter an hour, a long one for one, a filled one for five.
 */
final class BarbChart {
    private static final double STEP = 92;
    private static final double PORTRAIT = 74;
    private static final double LEVEL = 30;

    /** The highest an arc may rise over its foot. */
    private static final double CEILING = 190;

    private final List<Entry> fish;
    private final Map<String, Integer> place = new HashMap<>();
    private final double careful;
    private int above = 1;
    private int below = 1;
    private Anchors anchors = new Anchors(List.of(), Map.of(), STEP);

    BarbChart(List<Entry> fish, double careful) {
        this.fish = fish;
        this.careful = careful;
        for (int i = 0; i < fish.size(); i++) {
            place.put(fish.get(i).id(), i);
        }
    }

    /** The chart with the given pressures; each is of two fish on the line. */
    String svg(List<CompanyController.Line> pressures) {
        anchors = new Anchors(pressures, place, STEP);
        for (CompanyController.Line line : pressures) {
            int span = place.get(line.victimId()) - place.get(line.aggressorId());
            above = Math.max(above, span);
            below = Math.max(below, -span);
        }
        StringBuilder arcs = new StringBuilder();
        for (CompanyController.Line line : pressures) {
            arcs.append(arc(line, place.get(line.aggressorId()), place.get(line.victimId())));
        }
        double top = -(40 + height(above)) - 14;
        double bottom = 62 + height(below) + 14;
        double width = fish.size() * STEP;
        return "<svg class=\"barb-chart\" width=\"" + f(width) + "\" height=\"" + f(bottom - top) + "\" viewBox=\"0 "
                + f(top)
                + " " + f(width) + " " + f(bottom - top)
                + "\" role=\"img\" aria-label=\"Pressures between fish; the table beside says the same\">"
                + "<path d=\"M0 0H" + f(width) + "\" class=\"course\"/>" + arcs + portraits() + "</svg>";
    }

    private double height(int span) {
        double widest = Math.pow(Math.max(above, below), 0.75);
        return 22 + Math.min(LEVEL, CEILING / widest) * Math.pow(span, 0.75);
    }

    private String portraits() {
        StringBuilder svg = new StringBuilder();
        for (int i = 0; i < fish.size(); i++) {
            Entry one = fish.get(i);
            double x = i * STEP + STEP / 2;
            svg.append("<g class=\"").append(one.planned() ? "to-come" : "here").append("\">");
            svg.append("<use href=\"#" + one.portraitKey() + "\" x=\"" + f(x - PORTRAIT / 2) + "\" y=\""
                    + f(-PORTRAIT * Portraits.FIELD_HEIGHT / Portraits.FIELD_WIDTH / 2) + "\" width=\"" + f(PORTRAIT)
                    + "\" height=\"" + f(PORTRAIT * Portraits.FIELD_HEIGHT / Portraits.FIELD_WIDTH) + "\"/>");
            svg.append("<text x=\"" + f(x) + "\" y=\"42\" class=\"chart-text fish-name\">"
                    + Markup.escape(shorten(one.name())) + "</text>");
            svg.append(
                    "<text x=\"" + f(x) + "\" y=\"54\" class=\"chart-text chart-small\">" + one.date() + "</text></g>");
        }
        return svg.toString();
    }

    private static String shorten(String name) {
        return name.length() <= 15 ? name : name.substring(0, 14).strip() + "…";
    }

    private String arc(CompanyController.Line line, int from, int to) {
        int side = to > from ? -1 : 1;
        double x1 = anchors.x(line, true);
        double x2 = anchors.x(line, false);
        double start = side < 0 ? -34 : 60;
        double peak = start + side * height(Math.abs(to - from)) * 1.25;
        boolean hard = line.value() >= careful;
        String path = "M" + f(x1) + " " + f(start) + "C" + f(x1) + " " + f(peak) + " " + f(x2) + " " + f(peak) + " "
                + f(x2) + " " + f(start);
        StringBuilder svg = new StringBuilder("<g class=\"pressure" + (hard ? " hard" : "") + "\" data-from=\""
                + line.aggressorId() + "\" data-to=\"" + line.victimId() + "\"><title>"
                + Markup.escape(line.aggressor())
                + " presses " + Markup.escape(line.victim()) + ": " + line.perHour() + " an hour</title>");
        svg.append("<path d=\"" + path + "\" class=\"arc\" stroke-width=\"" + f(0.8 + Math.min(3, line.value() * 0.4))
                + "\"/>");
        svg.append("<path d=\"M" + f(x2 - 4) + " " + f(start + side * 8) + "L" + f(x2) + " " + f(start) + "L"
                + f(x2 + 4) + " " + f(start + side * 8) + "Z\" class=\"head\"/>");
        svg.append(feathers(line.value(), x1, start, x2, peak, side));
        return svg.append("</g>").toString();
    }

    /** Feathers along the first part of the arc, the largest first. */
    private static String feathers(double value, double x1, double start, double x2, double peak, int side) {
        StringBuilder svg = new StringBuilder();
        int halves = (int) Math.round(value * 2);
        double t = 0.3;
        while (halves > 0) {
            int size = halves >= 10 ? 10 : halves >= 2 ? 2 : 1;
            double x = bezier(x1, x1, x2, x2, t);
            double y = bezier(start, peak, peak, start, t);
            double reach = size == 1 ? 5 : 10;
            String lead = f(x + (x2 > x1 ? -reach * 0.6 : reach * 0.6)) + " " + f(y + side * reach);
            double nextT = t + 0.05;
            svg.append(
                    size == 10
                            ? "<path d=\"M" + f(x) + " " + f(y) + "L" + lead + "L" + f(bezier(x1, x1, x2, x2, nextT))
                                    + " " + f(bezier(start, peak, peak, start, nextT)) + "Z\" class=\"head\"/>"
                            : "<path d=\"M" + f(x) + " " + f(y) + "L" + lead + "\" class=\"feather\"/>");
            halves -= size;
            t += size == 10 ? 0.07 : 0.035;
        }
        return svg.toString();
    }

    private static double bezier(double a, double b, double c, double d, double t) {
        double u = 1 - t;
        return u * u * u * a + 3 * u * u * t * b + 3 * u * t * t * c + t * t * t * d;
    }

    private static String f(double value) {
        return TimeAxis.f(value);
    }
}
