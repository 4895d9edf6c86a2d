package org.pelluna.app.story;

import java.time.LocalDate;
import java.util.List;
import org.pelluna.app.svg.Label;
import org.pelluna.app.svg.Svg;
import org.pelluna.core.story.Lane;

/** The lane of a fish: as broad as it is long, a flag where it came, a cross where it was lost, a bar where it left. */
final class FishRows {
    private static final double THICKEST = 5;
    private static final int LONGEST_NAME = 20;
    private static final int LONGEST_LEANING = 13;

    private final StorySpace space;
    private final double longest;

    FishRows(StorySpace space, List<Lane> lanes) {
        this.space = space;
        this.longest = lanes.stream()
                .mapToDouble(one -> one.who().growth().adultLengthCm())
                .max()
                .orElse(1);
    }

    Svg of(Lane one) {
        Svg.Builder svg = new Svg.Builder()
                .add("<g class='life-lane{}' data-fish='{}'>", one.planned() ? " planned" : "", one.fish());
        double middle = space.across(one.fish()).orElseThrow();
        svg.add(
                space.isDown()
                        ? "<text transform='rotate(-55 {} -8)' x='{}' y='-8' class='chart-text'>{}</text>"
                        : "<text x='{}' y='{}' text-anchor='end' class='chart-text'>{}</text>",
                space.isDown()
                        ? new Object[] {middle, middle, Label.cut(one.name(), LONGEST_LEANING)}
                        : new Object[] {-8.0, middle + 4, Label.cut(one.name(), LONGEST_NAME)});
        for (Lane.Days days : one.stays()) {
            LocalDate until = days.until().orElse(space.to());
            if (days.from().isAfter(space.to()) || until.isBefore(space.from())) {
                continue;
            }
            LocalDate begin = days.from().isBefore(space.from()) ? space.from() : days.from();
            LocalDate end = until.isAfter(space.to()) ? space.to() : until;
            double broad = breadth(one, begin);
            double broader = breadth(one, end);
            svg.add(
                    "<path d='M{}L{}L{}L{}Z' class='life'/>",
                    space.at(space.along(begin), middle - broad),
                    space.at(space.along(end), middle - broader),
                    space.at(space.along(end), middle + broader),
                    space.at(space.along(begin), middle + broad));
            if (space.shows(days.from())) {
                double x = space.along(days.from());
                svg.add(
                        "<path d='M{}L{}L{}Z' class='pennant'><title>{}</title></path>",
                        space.at(x, middle - 3),
                        space.at(x, middle - 11),
                        space.at(x + 8, middle - 8),
                        one.name() + (one.planned() ? " can arrive on " : " arrived on ") + days.from());
            }
        }
        one.end().filter(end -> space.shows(end.on())).ifPresent(end -> svg.add(end(one, end, middle)));
        return svg.add("</g>").build();
    }

    private Svg end(Lane one, Lane.End end, double middle) {
        double x = space.along(end.on());
        String path = end.lost()
                ? space.line(x - 4, middle - 5, x + 4, middle + 5) + space.line(x - 4, middle + 5, x + 4, middle - 5)
                : space.line(x, middle - 6, x, middle + 6);
        return Svg.of(
                "<path d='{}' class='{}'><title>{}</title></path>",
                path,
                end.lost() ? "lost" : "left",
                one.name() + " " + end.words() + " on " + end.on());
    }

    private double breadth(Lane one, LocalDate day) {
        return Math.max(0.8, THICKEST * one.who().lengthCmOn(day) / longest);
    }
}
