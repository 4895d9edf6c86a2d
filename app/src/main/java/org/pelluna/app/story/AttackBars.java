package org.pelluna.app.story;

import java.util.List;
import org.pelluna.app.svg.Svg;
import org.pelluna.core.story.AttackSummary;
import org.pelluna.core.story.Story;
import org.pelluna.core.units.Dates;
import org.pelluna.core.units.Numbers;

/** Where the story covers a long time: a bar on a fish's lane for the attacks on it in some weeks; a tap on it opens those weeks. */
final class AttackBars {
    private static final int FINEST = 112;
    private static final int COARSEST = 14;
    private static final int MOST = 700;
    private static final double TALLEST = 9;

    private final Story story;
    private final StorySpace space;

    AttackBars(Story story, StorySpace space) {
        this.story = story;
        this.space = space;
    }

    /** As fine as the page can carry. */
    List<AttackSummary> bars() {
        List<AttackSummary> bars = of(FINEST);
        for (int stretches = FINEST / 2; stretches >= COARSEST && bars.size() > MOST; stretches /= 2) {
            bars = of(stretches);
        }
        return bars;
    }

    private List<AttackSummary> of(int stretches) {
        return AttackSummary.of(story.met(), space.from(), space.to(), stretches).stream()
                .filter(one -> space.across(one.fish()).isPresent())
                .toList();
    }

    Svg of(AttackSummary one) {
        double x = (space.along(one.from()) + space.along(one.to())) / 2;
        double lane = space.across(one.fish()).orElseThrow();
        double tall = Math.min(TALLEST, 2 + 2 * Math.log(one.count()));
        return Svg.of(
                "<a href='?zoom=MONTH&amp;from={}' data-by='{}' data-to='{}' class='met far{}'><path d='{}'/><title>{}</title></a>",
                one.from(),
                one.mostBy(),
                one.fish(),
                one.isHard() ? " hard" : "",
                space.line(x, lane - tall, x, lane + tall),
                story.name(one.fish()) + ", " + Dates.day(one.from(), story.today()) + " to "
                        + Dates.day(one.to(), story.today()) + ": " + Numbers.count(one.count(), "attack")
                        + (one.by() > 1 ? " by " + one.by() + " fish, most" : "") + " by " + story.name(one.mostBy())
                        + ", at worst " + one.worst().words());
    }
}
