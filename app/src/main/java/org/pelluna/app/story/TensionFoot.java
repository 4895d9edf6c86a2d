package org.pelluna.app.story;

import java.util.List;
import org.pelluna.app.svg.Svg;
import org.pelluna.core.story.Story;
import org.pelluna.core.story.Tension;
import org.pelluna.core.units.Dates;
import org.pelluna.core.units.Numbers;

/** The tension at the foot of the story. */
final class TensionFoot {
    private final Story story;
    private final StorySpace space;

    TensionFoot(Story story, StorySpace space) {
        this.story = story;
        this.space = space;
    }

    /** At the foot: predicted as a course, seen as strokes from the floor. */
    void add(Svg.Builder svg, double floor) {
        List<Tension> shown = story.tension().stream()
                .filter(one -> !one.to().isBefore(space.from()) && !one.from().isAfter(space.to()))
                .toList();
        if (shown.isEmpty()) {
            return;
        }
        double most = shown.stream()
                .mapToDouble(one -> Math.max(one.predicted(), one.seen().orElse(0)))
                .max()
                .orElse(1);
        double scale = (StorySpace.FOOT - 22) / Math.max(most, 0.5);
        StringBuilder course = new StringBuilder();
        for (Tension one : shown) {
            double x = (space.along(one.from()) + space.along(one.to())) / 2;
            course.append(course.isEmpty() ? "M" : "L").append(space.at(x, floor - one.predicted() * scale));
            if (one.seen().isPresent()) {
                svg.add(
                        "<path d='{}' class='seen'><title>{}</title></path>",
                        space.line(x, floor, x, floor - Math.max(0.4, one.seen().getAsDouble() * scale)),
                        Dates.day(one.from(), story.today()) + " and days after: "
                                + Numbers.plain(one.seen().getAsDouble(), 1) + " an hour seen, "
                                + Numbers.plain(one.predicted(), 1) + " predicted");
            }
        }
        svg.add("<path d='{}' class='floor'/>", space.line(0, floor, space.along(story.today()), floor));
        svg.add("<path d='{}' class='predicted'/>", course);
        if (!space.isDown()) {
            svg.add(
                    "<text x='-8' y='{}' text-anchor='end' class='chart-text chart-small'>{} an hour</text><text x='-8' y='{}' text-anchor='end' class='chart-text chart-small'>tension</text>",
                    floor - StorySpace.FOOT + 30,
                    Numbers.plain(most, 1),
                    floor);
        }
    }
}
