package org.pelluna.app.arrivals;

import static org.pelluna.app.chart.TimeAxis.f;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.pelluna.app.chart.TimeAxis;
import org.pelluna.app.chart.TimePanel;
import org.pelluna.app.chart.WaterPanels;
import org.pelluna.app.portrait.Portraits;
import org.pelluna.core.arrival.ArrivalCalendar.Lane;
import org.pelluna.core.arrival.ArrivalCalendar.Span;
import org.pelluna.core.forecast.WaterForecast;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.WaterTest;
import org.springframework.web.util.HtmlUtils;

/**
 * The plan on one axis of time: a lane for each arrival, and under them, on the same days, the headroom used, un-ionised
 * ammonia, nitrite and nitrate as predicted, with the tests made. A lane can be taken hold of and moved.
 */
final class LaneChart {
    private static final double WIDTH = 1000;
    private static final double NAMES = 200;
    private static final double MARGIN = 8;
    private static final double TOP = 30;
    private static final double ROW = 36;
    private static final double PANEL = 62;
    private static final double GAP = 26;
    private static final int PANELS = 4;
    private static final int PAST_DAYS = 28;
    private static final int AFTER_DAYS = 24;

    private final ResolvedPlan stock;
    private final TankPlan plan;
    private final List<Lane> lanes;
    private final List<WaterForecast.Day> water;
    private final double shareNow;
    private final TimeAxis axis;

    /**
     * @param shareNow share of the ceiling that the residents use
     * @param water the water day by day; empty while the tank cycles
     */
    LaneChart(ResolvedPlan stock, List<Lane> lanes, List<WaterForecast.Day> water, double shareNow) {
        this.stock = stock;
        this.plan = stock.plan();
        this.lanes = lanes;
        this.water = water;
        this.shareNow = shareNow;
        LocalDate today = plan.asOf();
        LocalDate end = lanes.stream()
                .map(lane -> lane.span(Span.Kind.WATCH).orElseThrow().to())
                .max(LocalDate::compareTo)
                .orElse(today);
        this.axis = new TimeAxis(today.minusDays(PAST_DAYS), end.plusDays(AFTER_DAYS), today, WIDTH);
    }

    String svg() {
        double panels = TOP + lanes.size() * ROW + GAP;
        double bottom = panels + PANELS * (PANEL + GAP) - GAP + 8;
        StringBuilder svg = new StringBuilder("<svg class=\"course-chart lanes\" viewBox=\"" + f(-MARGIN) + " 0 "
                + f(WIDTH + NAMES + MARGIN) + " " + f(bottom + 30) + "\" data-day-width=\"" + axis.dayWidth()
                + "\" role=\"group\" aria-label=\"Calendar of arrivals, with headroom and water below\">");
        svg.append(axis.svg(TOP - 4, bottom));
        for (int row = 0; row < lanes.size(); row++) {
            svg.append(lane(lanes.get(row), TOP + row * ROW + ROW / 2));
        }
        WaterPanels panel = new WaterPanels(plan, water);
        List<TimePanel> figures = List.of(
                headroom(), panel.unionised(), panel.of(WaterTest.Kind.NITRITE), panel.of(WaterTest.Kind.NITRATE));
        for (int i = 0; i < figures.size(); i++) {
            svg.append(figures.get(i).svg(axis, panels + i * (PANEL + GAP), PANEL));
        }
        return svg.append("</svg>").toString();
    }

    private TimePanel headroom() {
        List<TimePanel.Point> points = new ArrayList<>();
        double share = shareNow;
        points.add(new TimePanel.Point(axis.from(), 100 * share));
        for (Lane lane : lanes) {
            LocalDate day = lane.arrival().date();
            points.add(new TimePanel.Point(day, 100 * share));
            share = lane.arrival().room().used() / lane.arrival().room().limit();
            points.add(new TimePanel.Point(day, 100 * share));
        }
        points.add(new TimePanel.Point(axis.to(), 100 * share));
        return new TimePanel("Headroom used, all grown, %", points, Optional.of(100.0), "ceiling", List.of(), 0);
    }

    private String lane(Lane lane, double y) {
        String id = lane.arrival().wishIds().get(0).key();
        String name = HtmlUtils.htmlEscape(lane.arrival().names());
        LocalDate date = lane.arrival().date();
        StringBuilder svg = new StringBuilder("<g class=\"arrival-lane\" data-wish=\"" + HtmlUtils.htmlEscape(id)
                + "\" data-date=\"" + date
                + "\" tabindex=\"0\" role=\"slider\" aria-orientation=\"horizontal\" aria-label=\""
                + name + "\" aria-valuemin=\"0\" aria-valuemax=\"3650\" aria-valuenow=\""
                + java.time.temporal.ChronoUnit.DAYS.between(plan.asOf(), date) + "\" aria-valuetext=\"arrives " + date
                + ", release " + lane.release() + "\">");
        double begun = axis.x(lane.spans().get(0).from());
        double ended = axis.x(lane.spans().get(lane.spans().size() - 1).to());
        svg.append("<rect x=\"" + f(begun - 4) + "\" y=\"" + f(y - ROW / 2 + 2) + "\" width=\"" + f(ended - begun + 8)
                + "\" height=\"" + f(ROW - 4) + "\" class=\"lane-hold\"/>");
        lane.spans().forEach(span -> svg.append(span(span, y)));
        svg.append("<circle cx=\"" + f(axis.x(lane.release())) + "\" cy=\"" + f(y)
                + "\" r=\"10\" class=\"buoy\"/><text x=\""
                + f(axis.x(lane.release())) + "\" y=\"" + f(y + 4.5) + "\" text-anchor=\"middle\" class=\"buoy-text\">"
                + lane.arrival().place() + "</text>");
        svg.append(name(lane, ended, y, name));
        return svg.append("</g>").toString();
    }

    private String name(Lane lane, double ended, double y, String name) {
        StringBuilder svg = new StringBuilder();
        Map<WishId, ResolvedPlan.Wished> wished = stock.wishes().stream()
                .collect(java.util.stream.Collectors.toMap(one -> one.wish().id(), one -> one));
        double x = ended + 6;
        for (WishId id : lane.arrival().wishIds()) {
            svg.append("<use href=\"#" + Portraits.key(wished.get(id).species()) + "\" x=\"" + f(x) + "\" y=\""
                    + f(y - 15) + "\" width=\"38\" height=\"" + f(38 * Portraits.FIELD_HEIGHT / Portraits.FIELD_WIDTH)
                    + "\"/>");
            x += 34;
        }
        String text = name.length() > 34 ? name.substring(0, 33) + "…" : name;
        return svg + "<text x=\"" + f(x + 8) + "\" y=\"" + f(y + 4) + "\" class=\"chart-text chart-name\">" + text
                + "</text>";
    }

    private String span(Span span, double y) {
        double x = axis.x(span.from());
        double width = axis.x(span.to()) - x;
        String title = "<title>" + span.words() + ", " + span.from() + " to " + span.to() + "</title>";
        return switch (span.kind()) {
            case LOOK ->
                "<path d=\"M" + f(x) + " " + f(y) + "h" + f(width) + "\" class=\"span-look\">" + title + "</path>";
            case QUARANTINE ->
                "<rect x=\"" + f(x) + "\" y=\"" + f(y - 7) + "\" width=\"" + f(width)
                        + "\" height=\"14\" class=\"span-quarantine\">" + title + "</rect>"
                        + (width > 60
                                ? "<text x=\"" + f(x + 5) + "\" y=\"" + f(y + 4)
                                        + "\" class=\"chart-text chart-small\">" + span.words() + "</text>"
                                : "");
            case RAMP ->
                "<path d=\"M" + f(x) + " " + f(y + 7) + "h" + f(width) + "v-14Z\" class=\"span-ramp\">" + title
                        + "</path>";
            case BOX ->
                "<rect x=\"" + f(x) + "\" y=\"" + f(y - 8) + "\" width=\"" + f(width)
                        + "\" height=\"16\" class=\"span-box\">" + title + "</rect>";
            case RELEASE -> "";
            case WATCH -> "<path d=\"" + wave(x, width, y) + "\" class=\"span-watch\">" + title + "</path>";
        };
    }

    /** A swell that dies down: tension is expected to. */
    private static String wave(double x, double width, double y) {
        StringBuilder path = new StringBuilder("M" + f(x) + " " + f(y));
        int waves = 6;
        for (int i = 0; i < waves; i++) {
            double swing = 9.0 * (waves - i) / waves * (i % 2 == 0 ? -1 : 1);
            path.append("q" + f(width / waves / 2) + " " + f(swing) + " " + f(width / waves) + " 0");
        }
        return path.toString();
    }
}
