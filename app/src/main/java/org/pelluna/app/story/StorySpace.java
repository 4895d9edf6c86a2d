package org.pelluna.app.story;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.pelluna.app.svg.Svg;
import org.pelluna.core.id.FishId;
import org.pelluna.core.story.Lane;

/** Where days and fish lie in the drawing of a story: along it the days, across it the lanes. */
final class StorySpace {
    static final double LONG = 900;
    static final double NAMES = 150;
    static final double FOOT = 74;

    private final LocalDate from;
    private final LocalDate to;
    private final boolean down;
    private final double head;
    private final double lane;
    private final Map<FishId, Integer> places = new HashMap<>();

    /**
     * @param lanes which fish, in order
     * @param rows how many rows of remedies stand at the head
     * @param down whether time runs down the page
     */
    StorySpace(List<Lane> lanes, LocalDate from, LocalDate to, int rows, boolean down) {
        this.from = from;
        this.to = to;
        this.down = down;
        this.lane = down ? 240.0 / Math.max(6, lanes.size()) : lanes.size() > 20 ? 20 : 28;
        this.head = 20 + 12.0 * rows;
        for (int i = 0; i < lanes.size(); i++) {
            places.put(lanes.get(i).fish(), i);
        }
    }

    /** How wide it is across all lanes, with head and foot. */
    double breadth() {
        return head + places.size() * lane + FOOT + 14;
    }

    boolean isDown() {
        return down;
    }

    LocalDate from() {
        return from;
    }

    LocalDate to() {
        return to;
    }

    /** The middle of a fish's lane; empty if it has none. */
    Optional<Double> across(FishId fish) {
        return Optional.ofNullable(places.get(fish)).map(place -> head + (place + 0.5) * lane);
    }

    /** How far along a day lies. */
    double along(LocalDate day) {
        double days = Math.max(1, ChronoUnit.DAYS.between(from, to));
        return Math.max(0, Math.min(LONG, ChronoUnit.DAYS.between(from, day) / days * LONG));
    }

    String at(double along, double across) {
        return down ? Svg.path("{} {}", across, along) : Svg.path("{} {}", along, across);
    }

    String line(double along, double across, double otherAlong, double otherAcross) {
        return "M" + at(along, across) + "L" + at(otherAlong, otherAcross);
    }

    boolean shows(LocalDate day) {
        return !day.isBefore(from) && !day.isAfter(to);
    }
}
