package org.pelluna.app.story;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.pelluna.app.chart.TimeTicks;
import org.pelluna.app.svg.Svg;
import org.pelluna.core.id.FishId;
import org.pelluna.core.story.DailyEncounters;
import org.pelluna.core.story.Lane;
import org.pelluna.core.story.Mark;
import org.pelluna.core.story.RemedyLane;
import org.pelluna.core.story.Story;

/**
 * The story drawn: a lane for each fish, as broad as the fish is long; between lanes a line for what one did to the other, with feathers at whom it happened to, more and
 * fuller the harder it was; remedies as spans at the head; the tension at the foot. Time runs across the page, or down it on a phone.
 */
final class StoryChart {
    private static final int ROWS = 3;
    private static final int MOST_TRIED = 12;

    /** More lines between lanes than these cannot be told apart, and make a page heavy. */
    private static final int MOST_LINES = 600;

    private final Story story;
    private final List<Lane> lanes;
    private final StorySpace space;
    private final String entries;
    private final List<RemedyLane> tried;

    /**
     * @param lanes which fish, in order
     * @param from the first day drawn
     * @param to the last
     * @param down whether time runs down the page
     * @param entries address below which each entry of the log has its page, with its slash
     */
    StoryChart(Story story, List<Lane> lanes, LocalDate from, LocalDate to, boolean down, String entries) {
        this.story = story;
        this.lanes = lanes;
        this.entries = entries;
        this.tried = story.tried().stream()
                .filter(one -> !one.from().isAfter(to)
                        && !one.until().orElse(story.today()).isBefore(from))
                .limit(MOST_TRIED)
                .toList();
        this.space = new StorySpace(lanes, from, to, Math.min(ROWS, tried.size()), down);
    }

    Svg svg() {
        double across = space.breadth();
        Svg.Builder svg = new Svg.Builder()
                .add(
                        "<svg class='story {}' viewBox='{}' role='group' aria-label='The story of the tank in time'>",
                        space.isDown() ? "story-down" : "story-across",
                        space.isDown()
                                ? Svg.path("-72 -86 {} {}", across + 76, StorySpace.LONG + 100)
                                : Svg.path(
                                        "{} -20 {} {}",
                                        -StorySpace.NAMES,
                                        StorySpace.LONG + StorySpace.NAMES + 12,
                                        across + 22));
        if (!space.isDown()) {
            svg.add(
                    "<rect class='time-field' x='0' y='0' width='{}' height='{}' data-from='{}' data-to='{}'/>",
                    StorySpace.LONG,
                    across,
                    space.from(),
                    space.to());
        }
        ticks(svg, across - 12);
        for (int i = 0; i < tried.size(); i++) {
            svg.add(tried(tried.get(i), i % ROWS));
        }
        FishRows lives = new FishRows(space, lanes);
        lanes.forEach(one -> svg.add(lives.of(one)));
        encounters(svg);
        for (Mark one : story.marks()) {
            svg.add(mark(one, across - 8));
        }
        new TensionFoot(story, space).add(svg, across - 14);
        return svg.add("</svg>").build();
    }

    private void encounters(Svg.Builder svg) {
        AttackTicks feathers = new AttackTicks(story, space, entries);
        List<DailyEncounters> apart = feathers.apart();
        if (apart.size() <= MOST_LINES) {
            apart.forEach(one -> svg.add(feathers.of(one)));
        } else {
            AttackBars far = new AttackBars(story, space);
            far.bars().forEach(one -> svg.add(far.of(one)));
        }
    }

    private void ticks(Svg.Builder svg, double end) {
        for (TimeTicks.Tick one : TimeTicks.between(space.from(), space.to(), 14)) {
            svg.add(
                    "<path d='{}' class='graticule'/>",
                    space.line(space.along(one.on()), 6, space.along(one.on()), end));
            svg.add(
                    space.isDown()
                            ? "<text x='-2' y='{}' text-anchor='end' class='chart-text chart-small'>{}</text>"
                            : "<text x='{}' y='-6' class='chart-text chart-small'>{}</text>",
                    space.along(one.on()) + (space.isDown() ? 4 : 2),
                    one.words());
        }
        if (space.shows(story.today())) {
            svg.add(
                    "<path d='{}' class='today'/>",
                    space.line(space.along(story.today()), 0, space.along(story.today()), end));
            svg.add(
                    "<text x='{}' y='{}' text-anchor='{}' class='chart-text chart-small'>today</text>",
                    space.isDown() ? end : space.along(story.today()),
                    space.isDown() ? space.along(story.today()) - 3 : end + 12,
                    space.isDown() ? "end" : "middle");
        }
    }

    private Svg tried(RemedyLane one, int row) {
        double across = 14 + 12.0 * row;
        double end =
                Math.max(space.along(one.from()) + 4, space.along(one.until().orElse(story.today())));
        return Svg.of(
                "<path d='{}' class='tried'><title>{}</title></path>",
                space.line(space.along(one.from()), across, end, across),
                "Tried: " + one.words() + ", from " + one.from()
                        + one.until().map(day -> " to " + day).orElse(""));
    }

    private Svg mark(Mark one, double foot) {
        Optional<Double> lane = one.fish().flatMap(space::across);
        if (!space.shows(one.on()) || one.fish().isPresent() && lane.isEmpty()) {
            return Svg.NONE;
        }
        double x = space.along(one.on());
        double y = lane.orElse(foot - StorySpace.FOOT + 4);
        String path = switch (one.kind()) {
            case SIGN ->
                "M" + space.at(x, y - 5) + "L" + space.at(x + 5, y) + "L" + space.at(x, y + 5) + "L"
                        + space.at(x - 5, y) + "Z";
            case TEST_OVER_LIMIT ->
                "M" + space.at(x - 4, y) + "L" + space.at(x + 4, y) + "L" + space.at(x, y + 7) + "Z";
            case SPAWNED -> space.line(x - 4, y, x + 4, y) + space.line(x, y - 4, x, y + 4);
            case WARNING ->
                "M" + space.at(x + 10, y + 5) + "L" + space.at(x + 20, y + 5) + "L" + space.at(x + 15, y - 5) + "Z";
        };
        return Svg.of(
                "<path d='{}' class='story-mark {}' data-fish='{}'><title>{}</title></path>",
                path,
                one.kind().name().toLowerCase(java.util.Locale.ROOT),
                one.fish().map(FishId::key).orElse(""),
                one.fish().map(fish -> story.name(fish) + ": ").orElse("") + one.words() + ", " + one.on());
    }
}
