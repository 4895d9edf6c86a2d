package org.pelluna.app.overview;

import static java.util.Objects.requireNonNull;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.pelluna.app.chart.CycleBand;
import org.pelluna.app.chart.TimeAxis;
import org.pelluna.app.chart.TimePanel;
import org.pelluna.app.chart.TimeWindow;
import org.pelluna.app.chart.WaterPanels;
import org.pelluna.app.portrait.Portraits;
import org.pelluna.app.svg.Label;
import org.pelluna.app.svg.Svg;
import org.pelluna.app.web.TankAnswers;
import org.pelluna.core.arrival.Alternative;
import org.pelluna.core.arrival.ArrivalCalendar;
import org.pelluna.core.arrival.ArrivalCalendar.Lane;
import org.pelluna.core.arrival.ArrivalCalendar.Span;
import org.pelluna.core.arrival.ArrivalPlan;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.forecast.WaterForecast;
import org.pelluna.core.headroom.Headroom;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.WaterTest;

/**
 * The plan on one axis of time: a lane for each arrival, and under them, on the same days, the headroom used, un-ionised
 * ammonia, nitrite and nitrate as predicted, with the tests made. A lane can be taken hold of and moved.
 */
public final class ArrivalChart {
    private static final double WIDTH = 940;
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
     * The calendar of a tank's arrivals; nothing if no fish is to come.
     *
     * @param from the first day shown; empty for all days
     * @param to the last day shown; empty for all days
     */
    public static Svg of(TankAnswers answers, Optional<LocalDate> from, Optional<LocalDate> to) {
        Assessment assessment = answers.assessment();
        ResolvedPlan stock = assessment.stock();
        List<Lane> lanes = ArrivalCalendar.of(stock, assessment.order(), assessment.planned());
        return lanes.isEmpty()
                ? Svg.NONE
                : new ArrivalChart(stock, lanes, water(answers), shareNow(stock), from, to).svg();
    }

    /** The water day by day until some weeks after the last arrival; empty while the tank cycles. */
    public static List<WaterForecast.Day> water(TankAnswers answers) {
        ArrivalPlan order = answers.assessment().order();
        ResolvedPlan stock = answers.assessment().stock();
        LocalDate last = order.arrivals().isEmpty()
                ? stock.plan().asOf()
                : order.arrivals().get(order.arrivals().size() - 1).date();
        return answers.reserve().forecast().days(Alternative.coming(stock, order), last.plusDays(AFTER_DAYS));
    }

    /** The share of the limit that the residents use. */
    private static double shareNow(ResolvedPlan stock) {
        TankPlan plan = stock.plan();
        return new Headroom(plan.tank(), plan.houseRules(), plan.asOf())
                .of(
                        plan.houseRules().approaches().ceiling(),
                        stock.residents(),
                        fish -> fish.growth().adultLengthCm())
                .get(0)
                .share();
    }

    /**
     * @param shareNow share of the ceiling that the residents use
     * @param water the water day by day; empty while the tank cycles
     * @param from the first day somebody pointed at, if anybody did
     * @param to the last
     */
    private ArrivalChart(
            ResolvedPlan stock,
            List<Lane> lanes,
            List<WaterForecast.Day> water,
            double shareNow,
            Optional<LocalDate> from,
            Optional<LocalDate> to) {
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
        TimeWindow whole = new TimeWindow(today.minusDays(PAST_DAYS), end.plusDays(AFTER_DAYS));
        TimeWindow drawn = whole.asked(from, to).orElse(whole);
        this.axis = new TimeAxis(drawn.from(), drawn.to(), today, WIDTH);
    }

    Svg svg() {
        double panels = TOP + lanes.size() * ROW + GAP;
        double bottom = panels + PANELS * (PANEL + GAP) - GAP + 8;
        Svg.Builder svg = new Svg.Builder()
                .add(
                        "<svg class='course-chart lanes' width='{}' viewBox='{} 0 {} {}' data-day-width='{}' role='group' aria-label='Calendar of arrivals, with headroom and water below'>",
                        WIDTH + NAMES + MARGIN,
                        -MARGIN,
                        WIDTH + NAMES + MARGIN,
                        bottom + 30,
                        axis.dayWidth());
        svg.add(
                "<clipPath id='time-drawn'><rect x='{}' width='{}' height='{}'/></clipPath>",
                -MARGIN,
                WIDTH + MARGIN,
                bottom);
        svg.add(axis.svg(TOP - 4, bottom)).add(CycleBand.of(plan, axis, TOP - 4, bottom));
        for (int row = 0; row < lanes.size(); row++) {
            svg.add(lane(lanes.get(row), TOP + row * ROW + ROW / 2));
        }
        WaterPanels panel = new WaterPanels(plan, water);
        List<TimePanel> figures = List.of(
                headroom(), panel.unionised(), panel.of(WaterTest.Kind.NITRITE), panel.of(WaterTest.Kind.NITRATE));
        for (int i = 0; i < figures.size(); i++) {
            svg.add(figures.get(i).svg(axis, panels + i * (PANEL + GAP), PANEL));
        }
        return svg.add("</svg>").build();
    }

    private TimePanel headroom() {
        double share = shareNow;
        List<TimePanel.Point> points = new ArrayList<>();
        for (Lane lane : lanes) {
            LocalDate day = lane.arrival().date();
            double before = share;
            share = lane.arrival().room().used() / lane.arrival().room().limit();
            if (day.isAfter(axis.to())) {
                share = before;
                break;
            }
            if (day.isAfter(axis.from())) {
                points.add(new TimePanel.Point(points.isEmpty() ? axis.from() : day, 100 * before));
                points.add(new TimePanel.Point(day, 100 * before));
                points.add(new TimePanel.Point(day, 100 * share));
            }
        }
        if (points.isEmpty()) {
            points.add(new TimePanel.Point(axis.from(), 100 * share));
        }
        points.add(new TimePanel.Point(axis.to(), 100 * share));
        return new TimePanel("Headroom used, all grown, %", points, Optional.of(100.0), "limit", List.of(), 0);
    }

    private Svg lane(Lane lane, double y) {
        String id = lane.arrival().wishIds().get(0).key();
        String name = lane.arrival().names();
        LocalDate date = lane.arrival().date();
        Svg.Builder svg = new Svg.Builder()
                .add(
                        "<g class='arrival-lane' data-wish='{}' data-date='{}' tabindex='0' role='slider' aria-orientation='horizontal' aria-label='{}' aria-valuemin='0' aria-valuemax='3650' aria-valuenow='{}' aria-valuetext='arrives {}, release {}'>",
                        id,
                        date,
                        name,
                        java.time.temporal.ChronoUnit.DAYS.between(plan.asOf(), date),
                        date,
                        lane.release());
        double begun = axis.x(lane.spans().get(0).from());
        double ended = axis.x(lane.spans().get(lane.spans().size() - 1).to());
        svg.add(
                "<g clip-path='url(#time-drawn)'><rect x='{}' y='{}' width='{}' height='{}' class='lane-hold'/>",
                begun - 4,
                y - ROW / 2 + 2,
                ended - begun + 8,
                ROW - 4);
        lane.spans().forEach(span -> svg.add(span(span, y)));
        svg.add(
                "<circle cx='{}' cy='{}' r='10' class='buoy'/><text x='{}' y='{}' text-anchor='middle' class='buoy-text'>{}</text></g>",
                axis.x(lane.release()),
                y,
                axis.x(lane.release()),
                y + 4.5,
                lane.arrival().place());
        svg.add(name(lane, ended, y, name));
        return svg.add("</g>").build();
    }

    private Svg name(Lane lane, double ended, double y, String name) {
        Svg.Builder svg = new Svg.Builder();
        Map<WishId, ResolvedPlan.Wished> wished = stock.wishes().stream()
                .collect(java.util.stream.Collectors.toMap(one -> one.wish().id(), one -> one));
        // Whose days are out of sight keeps its name at the edge.
        double x = Math.min(WIDTH, Math.max(0, ended)) + 6;
        for (WishId id : lane.arrival().wishIds()) {
            svg.add(
                    "<use href='#{}' x='{}' y='{}' width='38' height='{}'/>",
                    Portraits.key(requireNonNull(wished.get(id)).species()),
                    x,
                    y - 15,
                    38 * Portraits.FIELD_HEIGHT / Portraits.FIELD_WIDTH);
            x += 34;
        }
        return Svg.of(
                "{}<text x='{}' y='{}' class='chart-text chart-name'>{}</text>",
                svg,
                x + 8,
                y + 4,
                Label.cut(name, 34));
    }

    private Svg span(Span span, double y) {
        double x = axis.x(span.from());
        double width = axis.x(span.to()) - x;
        Svg title = Svg.of("<title>{}, {} to {}</title>", span.words(), span.from(), span.to());
        return switch (span.kind()) {
            case LOOK -> Svg.of("<path d='M{} {}h{}' class='span-look'>{}</path>", x, y, width, title);
            case QUARANTINE ->
                Svg.of(
                        "<rect x='{}' y='{}' width='{}' height='14' class='span-quarantine'>{}</rect>{}",
                        x,
                        y - 7,
                        width,
                        title,
                        width > 60
                                ? Svg.of(
                                        "<text x='{}' y='{}' class='chart-text chart-small'>{}</text>",
                                        x + 5,
                                        y + 4,
                                        span.words())
                                : "");
            case RAMP -> Svg.of("<path d='M{} {}h{}v-14Z' class='span-ramp'>{}</path>", x, y + 7, width, title);
            case BOX ->
                Svg.of("<rect x='{}' y='{}' width='{}' height='16' class='span-box'>{}</rect>", x, y - 8, width, title);
            case RELEASE -> Svg.NONE;
            case WATCH -> Svg.of("<path d='{}' class='span-watch'>{}</path>", wave(x, width, y), title);
        };
    }

    /** A swell that dies down: tension is expected to. */
    private static String wave(double x, double width, double y) {
        StringBuilder path = new StringBuilder(Svg.path("M{} {}", x, y));
        int waves = 6;
        for (int i = 0; i < waves; i++) {
            double swing = 9.0 * (waves - i) / waves * (i % 2 == 0 ? -1 : 1);
            path.append(Svg.path("q{} {} {} 0", width / waves / 2, swing, width / waves));
        }
        return path.toString();
    }
}
