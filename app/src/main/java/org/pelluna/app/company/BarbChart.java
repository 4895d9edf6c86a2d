package org.pelluna.app.company;

import static java.util.Objects.requireNonNull;
import static org.pelluna.app.company.CompanyController.Entry;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.pelluna.app.portrait.Portraits;
import org.pelluna.app.svg.Label;
import org.pelluna.app.svg.Svg;

/**
 * Who attacks whom, drawn. The fish stand on a line in the order in which they came or are to come. An arc over the line
 * attacks a later comer, one under it an earlier one; it runs from the fish that attacks to an arrowhead at the other and
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
    Svg svg(List<CompanyController.Line> pressures) {
        anchors = new Anchors(pressures, place, STEP);
        for (CompanyController.Line line : pressures) {
            int span = requireNonNull(place.get(line.victimId())) - requireNonNull(place.get(line.aggressorId()));
            above = Math.max(above, span);
            below = Math.max(below, -span);
        }
        Svg.Builder arcs = new Svg.Builder();
        for (CompanyController.Line line : pressures) {
            arcs.add(arc(
                    line, requireNonNull(place.get(line.aggressorId())), requireNonNull(place.get(line.victimId()))));
        }
        double top = -(40 + height(above)) - 14;
        double bottom = 62 + height(below) + 14;
        double width = fish.size() * STEP;
        return Svg.of(
                "<svg class='barb-chart' width='{}' height='{}' viewBox='0 {} {} {}' role='img' aria-label='Expected attacks between fish; the table shows the same'><path d='M0 0H{}' class='course'/>{}{}</svg>",
                width,
                bottom - top,
                top,
                width,
                bottom - top,
                width,
                arcs,
                portraits());
    }

    private double height(int span) {
        double widest = Math.pow(Math.max(above, below), 0.75);
        return 22 + Math.min(LEVEL, CEILING / widest) * Math.pow(span, 0.75);
    }

    private Svg portraits() {
        Svg.Builder svg = new Svg.Builder();
        for (int i = 0; i < fish.size(); i++) {
            Entry one = fish.get(i);
            double x = i * STEP + STEP / 2;
            svg.add("<g class='{}'>", one.planned() ? "to-come" : "here");
            svg.add(
                    "<use href='#{}' x='{}' y='{}' width='{}' height='{}'/>",
                    one.portraitKey(),
                    x - PORTRAIT / 2,
                    -PORTRAIT * Portraits.FIELD_HEIGHT / Portraits.FIELD_WIDTH / 2,
                    PORTRAIT,
                    PORTRAIT * Portraits.FIELD_HEIGHT / Portraits.FIELD_WIDTH);
            svg.add("<text x='{}' y='42' class='chart-text fish-name'>{}</text>", x, Label.cut(one.name(), 15));
            svg.add("<text x='{}' y='54' class='chart-text chart-small'>{}</text></g>", x, one.date());
        }
        return svg.build();
    }

    private Svg arc(CompanyController.Line line, int from, int to) {
        int side = to > from ? -1 : 1;
        double x1 = anchors.x(line, true);
        double x2 = anchors.x(line, false);
        double start = side < 0 ? -34 : 60;
        double peak = start + side * height(Math.abs(to - from)) * 1.25;
        boolean hard = line.value() >= careful;
        String path = Svg.path("M{} {}C{} {} {} {} {} {}", x1, start, x1, peak, x2, peak, x2, start);
        Svg.Builder svg = new Svg.Builder()
                .add(
                        "<g class='pressure{}' data-from='{}' data-to='{}'><title>{} attacks {}: {} an hour</title>",
                        hard ? " hard" : "",
                        line.aggressorId(),
                        line.victimId(),
                        line.aggressor(),
                        line.victim(),
                        line.perHour());
        svg.add("<path d='{}' class='arc' stroke-width='{}'/>", path, 0.8 + Math.min(3, line.value() * 0.4));
        svg.add(
                "<path d='M{} {}L{} {}L{} {}Z' class='head'/>",
                x2 - 4,
                start + side * 8,
                x2,
                start,
                x2 + 4,
                start + side * 8);
        svg.add(feathers(line.value(), x1, start, x2, peak, side));
        return svg.add("</g>").build();
    }

    /** Feathers along the first part of the arc, the largest first. */
    private static Svg feathers(double value, double x1, double start, double x2, double peak, int side) {
        Svg.Builder svg = new Svg.Builder();
        int halves = (int) Math.round(value * 2);
        double t = 0.3;
        while (halves > 0) {
            int size = halves >= 10 ? 10 : halves >= 2 ? 2 : 1;
            double x = bezier(x1, x1, x2, x2, t);
            double y = bezier(start, peak, peak, start, t);
            double reach = size == 1 ? 5 : 10;
            String lead = Svg.path("{} {}", x + (x2 > x1 ? -reach * 0.6 : reach * 0.6), y + side * reach);
            double nextT = t + 0.05;
            svg.add(
                    size == 10
                            ? Svg.of(
                                    "<path d='M{} {}L{}L{} {}Z' class='head'/>",
                                    x,
                                    y,
                                    lead,
                                    bezier(x1, x1, x2, x2, nextT),
                                    bezier(start, peak, peak, start, nextT))
                            : Svg.of("<path d='M{} {}L{}' class='feather'/>", x, y, lead));
            halves -= size;
            t += size == 10 ? 0.07 : 0.035;
        }
        return svg.build();
    }

    private static double bezier(double a, double b, double c, double d, double t) {
        double u = 1 - t;
        return u * u * u * a + 3 * u * u * t * b + 3 * u * t * t * c + t * t * t * d;
    }
}
