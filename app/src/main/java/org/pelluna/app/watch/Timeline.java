package org.pelluna.app.watch;

import java.time.LocalDate;
import java.time.format.TextStyle;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import org.pelluna.app.portrait.Portraits;
import org.pelluna.app.svg.Svg;
import org.pelluna.core.id.FishId;
import org.pelluna.core.losses.Loss;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.watch.LogEntry;

/**
 * The last months of the record drawn: one lane for each fish from its arrival until today or its loss. A stroke on a lane is an encounter it
 * suffered, the taller the harder; a lozenge is an injury, a cross a loss.
 */
final class Timeline {
    private static final double WIDTH = 1000;
    private static final double LANE = 36;
    private static final double TOP = 18;

    /** Days that are drawn; what was before is in the table of the log. */
    private static final int LONGEST = 240;

    private final TankPlan plan;
    private final Catalogue catalogue;
    private final LocalDate from;
    private final double days;
    private final Map<FishId, Integer> lanes = new HashMap<>();
    private final Map<FishId, String> names = new HashMap<>();

    Timeline(TankPlan plan, Catalogue catalogue) {
        this.plan = plan;
        this.catalogue = catalogue;
        LocalDate first = plan.residents().stream()
                .map(Resident::arrivedOn)
                .min(LocalDate::compareTo)
                .orElse(plan.asOf());
        LocalDate shown = plan.asOf().minusDays(LONGEST);
        this.from = first.isBefore(shown) ? shown : first.minusDays(4);
        this.days = Math.max(14, ChronoUnit.DAYS.between(from, plan.asOf()) + 2);
        for (Resident one : plan.residents()) {
            if (one.leftOn().filter(day -> day.isBefore(from)).isEmpty()) {
                lanes.put(one.id(), lanes.size());
            }
            names.put(one.id(), one.name());
        }
    }

    Svg svg() {
        double bottom = TOP + lanes.size() * LANE;
        Svg.Builder svg = new Svg.Builder()
                .add(
                        "<svg class='timeline' viewBox='-150 0 {} {}' role='img' aria-label='The record of {} fish on the line of time; the list below says the same'>",
                        WIDTH + 160,
                        bottom + 30,
                        lanes.size());
        svg.add(months(bottom));
        plan.residents().stream().filter(one -> lanes.containsKey(one.id())).forEach(one -> svg.add(lane(one)));
        plan.log().stream()
                .filter(entry -> !entry.at().toLocalDate().isBefore(from))
                .filter(entry -> entry.fishId().filter(lanes::containsKey).isPresent())
                .forEach(entry -> svg.add(mark(entry)));
        plan.losses().stream().filter(loss -> lanes.containsKey(loss.fishId())).forEach(loss -> svg.add(cross(loss)));
        return svg.add("</svg>").build();
    }

    private double x(LocalDate date) {
        return ChronoUnit.DAYS.between(from, date) / days * WIDTH;
    }

    private double y(FishId fishId) {
        return TOP + lanes.get(fishId) * LANE + LANE * 0.72;
    }

    private Svg months(double bottom) {
        Svg.Builder svg = new Svg.Builder();
        LocalDate month = from.withDayOfMonth(1).plusMonths(1);
        double last = 0;
        boolean filled = true;
        for (; x(month) < WIDTH; month = month.plusMonths(1)) {
            svg.add(bar(last, x(month), bottom, filled));
            svg.add(
                    "<path d='M{} {}V{}' class='graticule'/><text x='{}' y='{}' class='chart-text chart-small'>{}</text>",
                    x(month),
                    TOP,
                    bottom,
                    x(month) + 4,
                    bottom + 24,
                    month.getMonth().getDisplayName(TextStyle.SHORT, Locale.ENGLISH));
            last = x(month);
            filled = !filled;
        }
        return svg.add(bar(last, WIDTH, bottom, filled)).build();
    }

    private static Svg bar(double from, double to, double y, boolean filled) {
        return Svg.of(
                "<rect x='{}' y='{}' width='{}' height='5' class='{}'/>",
                from,
                y + 4,
                Math.max(0, to - from),
                filled ? "bar-full" : "bar-empty");
    }

    private Svg lane(Resident one) {
        double y = y(one.id());
        double start = Math.max(0, x(one.arrivedOn()));
        double end = x(one.leftOn().orElse(plan.asOf()));
        String key = Portraits.key(catalogue.get(one.speciesId()));
        boolean gone = one.leftOn().isPresent();
        return Svg.of(
                "<g class='{}'><text x='-102' y='{}' class='chart-text lane-name'>{}</text><use href='#{}' x='-148' y='{}' width='42' height='33'/><path d='M{} {}H{}' class='lane'/><path d='M{} {}V{}' class='lane'/></g>",
                gone ? "gone" : "here",
                y + 4,
                shorten(one.name()),
                key,
                y - 18,
                start,
                y,
                end,
                start,
                y - 5,
                y + 5);
    }

    private static String shorten(String name) {
        return name.length() <= 14 ? name : name.substring(0, 13).strip() + "…";
    }

    private Svg mark(LogEntry entry) {
        if (entry.fishId().isEmpty() || entry.kind() == LogEntry.Kind.ARRIVAL || entry.kind() == LogEntry.Kind.NOTE) {
            return Svg.NONE;
        }
        double x = x(entry.at().toLocalDate());
        double y = y(entry.fishId().get());
        Svg title = Svg.of(
                "<title>{} {}{}</title>",
                entry.at().toLocalDate(),
                entry.kind().words(),
                entry.aggressorId().map(id -> " by " + names.get(id)).orElse(""));
        if (entry.kind() == LogEntry.Kind.INJURY) {
            return Svg.of("<g>{}<path d='M{} {}l5 6l-5 6l-5 -6z' class='injury'/></g>", title, x, y - 22);
        }
        double tall = 5 + 5 * entry.hardness().orElse(1);
        return Svg.of(
                "<g>{}<path d='M{} {}v{}' class='stroke-{}'/></g>",
                title,
                x,
                y,
                -tall,
                entry.hardness().orElse(1) >= 3 ? "hard" : "mild");
    }

    private Svg cross(Loss loss) {
        double x = x(loss.on());
        double y = y(loss.fishId());
        return Svg.of(
                "<g><title>lost {}, {}</title><path d='M{} {}l10 10m0 -10l-10 10' class='loss-cross'/><text x='{}' y='{}' class='chart-text chart-small loss-word'>{}</text></g>",
                loss.on(),
                loss.cause().words(),
                x - 5,
                y - 5,
                x + 10,
                y + 4,
                loss.cause().words());
    }
}
