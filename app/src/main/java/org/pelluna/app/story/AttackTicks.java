package org.pelluna.app.story;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.pelluna.app.svg.Svg;
import org.pelluna.core.story.DailyEncounters;
import org.pelluna.core.story.Story;
import org.pelluna.core.units.Dates;
import org.pelluna.core.units.Numbers;

/** What one fish did to another: a line between their lanes, with feathers at whom it happened to, more of them the harder it was. */
final class AttackTicks {
    /** Encounters of one pair that would lie closer than this are one line. */
    private static final double LEAST_APART = 4;

    private final Story story;
    private final StorySpace space;
    private final String entries;

    /** @param entries address below which each entry of the log has its page, with its slash */
    AttackTicks(Story story, StorySpace space, String entries) {
        this.story = story;
        this.space = space;
        this.entries = entries;
    }

    /** Encounters that would lie upon each other are drawn as one, the hardest. */
    List<DailyEncounters> apart() {
        Map<String, DailyEncounters> apart = new LinkedHashMap<>();
        for (DailyEncounters one : story.met()) {
            if (space.shows(one.on())
                    && space.across(one.by()).isPresent()
                    && space.across(one.to()).isPresent()) {
                String key = one.by() + " " + one.to() + " " + Math.floor(space.along(one.on()) / LEAST_APART);
                apart.merge(key, one, DailyEncounters::and);
            }
        }
        return List.copyOf(apart.values());
    }

    Svg of(DailyEncounters one) {
        double x = space.along(one.on());
        double by = space.across(one.by()).orElseThrow();
        double to = space.across(one.to()).orElseThrow();
        double back = Math.signum(by - to);
        StringBuilder path = new StringBuilder(space.line(x, by, x, to));
        int feathers = switch (one.worst()) {
            case DISPLAY -> 0;
            case CHASE -> 1;
            case NIP -> 2;
            case PIN, WOUND -> 3;
        };
        for (int i = 0; i < feathers; i++) {
            path.append(space.line(x, to + back * (3 + 3 * i), x + 5, to + back * (6 + 3 * i)));
        }
        return Svg.of(
                "<a href='{}' data-by='{}' data-to='{}' class='met{}'><path d='{}'/><title>{}</title></a>",
                entries + one.entry() + "/edit",
                one.by(),
                one.to(),
                one.isHard() ? " hard" : "",
                path,
                story.name(one.by()) + " on " + story.name(one.to()) + ", " + Dates.day(one.on(), story.today()) + ": "
                        + Numbers.count(one.count(), "attack") + ", at worst "
                        + one.worst().words());
    }
}
