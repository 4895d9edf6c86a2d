package org.pelluna.app.story;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.pelluna.app.chart.TimeTicks;
import org.pelluna.app.svg.Svg;
import org.pelluna.core.id.FishId;
import org.pelluna.core.story.Lane;
import org.pelluna.core.story.Mark;
import org.pelluna.core.story.Met;
import org.pelluna.core.story.Story;
import org.pelluna.core.story.Tension;
import org.pelluna.core.story.Tried;
import org.pelluna.core.units.Dates;
import org.pelluna.core.units.Numbers;

/**
 * The story drawn: a lane for each fish, as broad as the fish is long; between lanes a line for what one did to the other, with feathers at whom it happened to, more and
 * fuller the harder it was; remedies as spans at the head; the tension at the foot. Time runs across the page, or down it on a phone.
 */
final class StoryChart {
    private static final double LONG = 900;
    private static final double NAMES = 150;
    private static final double FOOT = 74;
    private static final double THICKEST = 5;

    /** Encounters of one pair that would lie closer than this are one line. */
    private static final double LEAST_APART = 4;

    private final Story story;
    private final List<Lane> lanes;
    private final LocalDate from;
    private final LocalDate to;
    private final boolean down;
    private final String entries;
    private final double lane;
    private final double head;
    private final Map<FishId, Integer> places = new HashMap<>();
    private final double longest;

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
        this.from = from;
        this.to = to;
        this.down = down;
        this.entries = entries;
        this.lane = down ? 240.0 / Math.max(6, lanes.size()) : lanes.size() > 20 ? 20 : 28;
        this.head = 20 + 12 * Math.min(3, tried().size());
        for (int i = 0; i < lanes.size(); i++) {
            places.put(lanes.get(i).fish(), i);
        }
        this.longest = lanes.stream()
                .mapToDouble(one -> one.who().growth().adultLengthCm())
                .max()
                .orElse(1);
    }

    Svg svg() {
        double across = head + lanes.size() * lane + FOOT + 14;
        Svg.Builder svg = new Svg.Builder()
                .add(
                        "<svg class='story {}' viewBox='{}' role='group' aria-label='The story of the tank in time'>",
                        down ? "story-down" : "story-across",
                        down
                                ? Svg.path("-44 -86 {} {}", across + 48, LONG + 100)
                                : Svg.path("{} -20 {} {}", -NAMES, LONG + NAMES + 12, across + 22));
        ticks(svg, across - 12);
        for (Tried one : tried()) {
            svg.add(tried(one, tried().indexOf(one)));
        }
        for (int i = 0; i < lanes.size(); i++) {
            svg.add(lane(lanes.get(i), i));
        }
        for (Met one : apart()) {
            svg.add(met(one));
        }
        for (Mark one : story.marks()) {
            svg.add(mark(one, across - 8));
        }
        tension(svg, across - 14);
        return svg.add("</svg>").build();
    }

    /** How far along a day lies. */
    private double along(LocalDate day) {
        double days = Math.max(1, ChronoUnit.DAYS.between(from, to));
        return Math.max(0, Math.min(LONG, ChronoUnit.DAYS.between(from, day) / days * LONG));
    }

    private double across(int place) {
        return head + (place + 0.5) * lane;
    }

    private String at(double along, double across) {
        return down ? Svg.path("{} {}", across, along) : Svg.path("{} {}", along, across);
    }

    private String line(double along, double across, double otherAlong, double otherAcross) {
        return "M" + at(along, across) + "L" + at(otherAlong, otherAcross);
    }

    private boolean shows(LocalDate day) {
        return !day.isBefore(from) && !day.isAfter(to);
    }

    private void ticks(Svg.Builder svg, double end) {
        for (TimeTicks.Tick one : TimeTicks.between(from, to, 14)) {
            svg.add("<path d='{}' class='graticule'/>", line(along(one.on()), 6, along(one.on()), end));
            svg.add(
                    down
                            ? "<text x='-2' y='{}' text-anchor='end' class='chart-text chart-small'>{}</text>"
                            : "<text x='{}' y='-6' class='chart-text chart-small'>{}</text>",
                    along(one.on()) + (down ? 4 : 2),
                    one.words());
        }
        if (shows(story.today())) {
            svg.add("<path d='{}' class='today'/>", line(along(story.today()), 0, along(story.today()), end));
            svg.add(
                    "<text x='{}' y='{}' text-anchor='{}' class='chart-text chart-small'>today</text>",
                    down ? end : along(story.today()),
                    down ? along(story.today()) - 3 : end + 12,
                    down ? "end" : "middle");
        }
    }

    private List<Tried> tried() {
        List<Tried> shown = new ArrayList<>();
        for (Tried one : story.tried()) {
            LocalDate end = one.until().orElse(story.today());
            if (!one.from().isAfter(to) && !end.isBefore(from) && shown.size() < 12) {
                shown.add(one);
            }
        }
        return shown;
    }

    private Svg tried(Tried one, int place) {
        double row = 14 + 12.0 * (place % 3);
        double end = Math.max(along(one.from()) + 4, along(one.until().orElse(story.today())));
        return Svg.of(
                "<path d='{}' class='tried'><title>{}</title></path>",
                line(along(one.from()), row, end, row),
                "Tried: " + one.words() + ", from " + one.from()
                        + one.until().map(day -> " to " + day).orElse(""));
    }

    /** A fish's line, as broad as it is long; a flag where it came, a cross where it was lost, a bar where it left. */
    private Svg lane(Lane one, int place) {
        Svg.Builder svg = new Svg.Builder()
                .add("<g class='life-lane{}' data-fish='{}'>", one.planned() ? " planned" : "", one.fish());
        double middle = across(place);
        svg.add(
                down
                        ? "<text transform='rotate(-55 {} -8)' x='{}' y='-8' class='chart-text'>{}</text>"
                        : "<text x='{}' y='{}' text-anchor='end' class='chart-text'>{}</text>",
                down
                        ? new Object[] {middle, middle, one.name()}
                        : new Object[] {-8.0, middle + 4, shortened(one.name())});
        for (Lane.Days days : one.stays()) {
            LocalDate until = days.until().orElse(to);
            if (days.from().isAfter(to) || until.isBefore(from)) {
                continue;
            }
            LocalDate begin = days.from().isBefore(from) ? from : days.from();
            LocalDate end = until.isAfter(to) ? to : until;
            double broad = breadth(one, begin);
            double broader = breadth(one, end);
            svg.add(
                    "<path d='M{}L{}L{}L{}Z' class='life'/>",
                    at(along(begin), middle - broad),
                    at(along(end), middle - broader),
                    at(along(end), middle + broader),
                    at(along(begin), middle + broad));
            if (shows(days.from())) {
                double x = along(days.from());
                svg.add(
                        "<path d='M{}L{}L{}Z' class='pennant'><title>{}</title></path>",
                        at(x, middle - 3),
                        at(x, middle - 11),
                        at(x + 8, middle - 8),
                        one.name() + (one.planned() ? " may come on " : " came on ") + days.from());
            }
        }
        one.end().filter(end -> shows(end.on())).ifPresent(end -> svg.add(end(one, end, middle)));
        return svg.add("</g>").build();
    }

    private Svg end(Lane one, Lane.End end, double middle) {
        double x = along(end.on());
        String path = end.lost()
                ? line(x - 4, middle - 5, x + 4, middle + 5) + line(x - 4, middle + 5, x + 4, middle - 5)
                : line(x, middle - 6, x, middle + 6);
        return Svg.of(
                "<path d='{}' class='{}'><title>{}</title></path>",
                path,
                end.lost() ? "lost" : "left",
                one.name() + " " + end.words() + " on " + end.on());
    }

    private double breadth(Lane one, LocalDate day) {
        return Math.max(0.8, THICKEST * one.who().lengthCmOn(day) / longest);
    }

    private static String shortened(String name) {
        return name.length() > 20 ? name.substring(0, 19) + "…" : name;
    }

    /** Encounters that would lie upon each other are drawn as one, the hardest. */
    private List<Met> apart() {
        Map<String, Met> apart = new LinkedHashMap<>();
        for (Met one : story.met()) {
            if (shows(one.on()) && places.containsKey(one.by()) && places.containsKey(one.to())) {
                String key = one.by() + " " + one.to() + " " + Math.floor(along(one.on()) / LEAST_APART);
                apart.merge(
                        key,
                        one,
                        (before, more) -> new Met(
                                before.on(),
                                before.by(),
                                before.to(),
                                before.count() + more.count(),
                                before.worst().compareTo(more.worst()) < 0 ? more.worst() : before.worst(),
                                before.worst().compareTo(more.worst()) < 0 ? more.entry() : before.entry()));
            }
        }
        return List.copyOf(apart.values());
    }

    private Svg met(Met one) {
        double x = along(one.on());
        double by = across(java.util.Objects.requireNonNull(places.get(one.by())));
        double to = across(java.util.Objects.requireNonNull(places.get(one.to())));
        double back = Math.signum(by - to);
        StringBuilder path = new StringBuilder(line(x, by, x, to));
        int feathers = switch (one.worst()) {
            case DISPLAY -> 0;
            case CHASE -> 1;
            case NIP -> 2;
            case PIN, WOUND -> 3;
        };
        for (int i = 0; i < feathers; i++) {
            path.append(line(x, to + back * (3 + 3 * i), x + 5, to + back * (6 + 3 * i)));
        }
        return Svg.of(
                "<a href='{}' data-by='{}' data-to='{}' class='met{}'><path d='{}'/><title>{}</title></a>",
                entries + one.entry() + "/edit",
                one.by(),
                one.to(),
                one.isHard() ? " hard" : "",
                path,
                name(one.by()) + " on " + name(one.to()) + ", " + Dates.day(one.on(), story.today()) + ": "
                        + Numbers.count(one.count(), "encounter") + ", at worst "
                        + one.worst().words());
    }

    private String name(FishId fish) {
        return story.lane(fish).map(Lane::name).orElse("a fish that is gone");
    }

    private Svg mark(Mark one, double foot) {
        Optional<Integer> place = one.fish().map(places::get);
        if (!shows(one.on()) || one.fish().isPresent() && place.isEmpty()) {
            return Svg.NONE;
        }
        double x = along(one.on());
        double y = place.map(this::across).orElse(foot - FOOT + 4);
        String path = switch (one.kind()) {
            case SIGN -> "M" + at(x, y - 5) + "L" + at(x + 5, y) + "L" + at(x, y + 5) + "L" + at(x - 5, y) + "Z";
            case TEST_OVER_LIMIT -> "M" + at(x - 4, y) + "L" + at(x + 4, y) + "L" + at(x, y + 7) + "Z";
            case SPAWNED -> line(x - 4, y, x + 4, y) + line(x, y - 4, x, y + 4);
            case WARNING -> "M" + at(x + 10, y + 5) + "L" + at(x + 20, y + 5) + "L" + at(x + 15, y - 5) + "Z";
        };
        return Svg.of(
                "<path d='{}' class='story-mark {}' data-fish='{}'><title>{}</title></path>",
                path,
                one.kind().name().toLowerCase(java.util.Locale.ROOT),
                one.fish().map(FishId::key).orElse(""),
                one.fish().map(fish -> name(fish) + ": ").orElse("") + one.words() + ", " + one.on());
    }

    /** At the foot: predicted as a course, seen as strokes from the floor. */
    private void tension(Svg.Builder svg, double floor) {
        List<Tension> shown = story.tension().stream()
                .filter(one -> !one.to().isBefore(from) && !one.from().isAfter(to))
                .toList();
        if (shown.isEmpty()) {
            return;
        }
        double most = shown.stream()
                .mapToDouble(one -> Math.max(one.predicted(), one.seen().orElse(0)))
                .max()
                .orElse(1);
        double scale = (FOOT - 22) / Math.max(most, 0.5);
        StringBuilder course = new StringBuilder();
        for (Tension one : shown) {
            double x = (along(one.from()) + along(one.to())) / 2;
            course.append(course.isEmpty() ? "M" : "L").append(at(x, floor - one.predicted() * scale));
            if (one.seen().isPresent()) {
                svg.add(
                        "<path d='{}' class='seen'><title>{}</title></path>",
                        line(x, floor, x, floor - Math.max(0.4, one.seen().getAsDouble() * scale)),
                        Dates.day(one.from(), story.today()) + " and days after: "
                                + Numbers.plain(one.seen().getAsDouble(), 1) + " an hour seen, "
                                + Numbers.plain(one.predicted(), 1) + " predicted");
            }
        }
        svg.add("<path d='{}' class='floor'/>", line(0, floor, along(story.today()), floor));
        svg.add("<path d='{}' class='predicted'/>", course);
        if (!down) {
            svg.add(
                    "<text x='-8' y='{}' text-anchor='end' class='chart-text chart-small'>{} an hour</text><text x='-8' y='{}' text-anchor='end' class='chart-text chart-small'>tension</text>",
                    floor - FOOT + 30,
                    Numbers.plain(most, 1),
                    floor);
        }
    }
}
