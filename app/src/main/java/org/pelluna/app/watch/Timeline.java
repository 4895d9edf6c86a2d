package org.pelluna.app.watch;

import java.time.LocalDate;
import java.time.format.TextStyle;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import org.pelluna.app.chart.TimeAxis;
import org.pelluna.app.portrait.Markup;
import org.pelluna.app.portrait.Portraits;
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

    String svg() {
        double bottom = TOP + lanes.size() * LANE;
        StringBuilder svg = new StringBuilder("<svg class=\"timeline\" viewBox=\"-150 0 " + f(WIDTH + 160) + " "
                + f(bottom + 30) + "\" role=\"img\" aria-label=\"The record of " + lanes.size()
                + " fish on the line of time; the list below says the same\">");
        svg.append(months(bottom));
        plan.residents().stream().filter(one -> lanes.containsKey(one.id())).forEach(one -> svg.append(lane(one)));
        plan.log().stream()
                .filter(entry -> !entry.at().toLocalDate().isBefore(from))
                .filter(entry -> entry.fishId().filter(lanes::containsKey).isPresent())
                .forEach(entry -> svg.append(mark(entry)));
        plan.losses().stream()
                .filter(loss -> lanes.containsKey(loss.fishId()))
                .forEach(loss -> svg.append(cross(loss)));
        return svg.append("</svg>").toString();
    }

    private double x(LocalDate date) {
        return ChronoUnit.DAYS.between(from, date) / days * WIDTH;
    }

    private double y(FishId fishId) {
        return TOP + lanes.get(fishId) * LANE + LANE * 0.72;
    }

    private String months(double bottom) {
        StringBuilder svg = new StringBuilder();
        LocalDate month = from.withDayOfMonth(1).plusMonths(1);
        double last = 0;
        boolean filled = true;
        for (; x(month) < WIDTH; month = month.plusMonths(1)) {
            svg.append(bar(last, x(month), bottom, filled));
            svg.append(
                    "<path d=\"M" + f(x(month)) + " " + f(TOP) + "V" + f(bottom) + "\" class=\"graticule\"/><text x=\""
                            + f(x(month) + 4) + "\" y=\"" + f(bottom + 24) + "\" class=\"chart-text chart-small\">"
                            + month.getMonth().getDisplayName(TextStyle.SHORT, Locale.ENGLISH) + "</text>");
            last = x(month);
            filled = !filled;
        }
        return svg + bar(last, WIDTH, bottom, filled);
    }

    private static String bar(double from, double to, double y, boolean filled) {
        return "<rect x=\"" + f(from) + "\" y=\"" + f(y + 4) + "\" width=\"" + f(Math.max(0, to - from))
                + "\" height=\"5\" class=\"" + (filled ? "bar-full" : "bar-empty") + "\"/>";
    }

    private String lane(Resident one) {
        double y = y(one.id());
        double start = Math.max(0, x(one.arrivedOn()));
        double end = x(one.leftOn().orElse(plan.asOf()));
        String key = Portraits.key(catalogue.get(one.speciesId()));
        boolean gone = one.leftOn().isPresent();
        return "<g class=\"" + (gone ? "gone" : "here") + "\"><text x=\"-102\" y=\"" + f(y + 4)
                + "\" class=\"chart-text lane-name\">"
                + Markup.escape(shorten(one.name())) + "</text><use href=\"#" + key + "\" x=\"-148\" y=\"" + f(y - 18)
                + "\" width=\"42\" height=\"33\"/>"
                + "<path d=\"M" + f(start) + " " + f(y) + "H" + f(end) + "\" class=\"lane\"/><path d=\"M" + f(start)
                + " "
                + f(y - 5) + "V" + f(y + 5) + "\" class=\"lane\"/></g>";
    }

    private static String shorten(String name) {
        return name.length() <= 14 ? name : name.substring(0, 13).strip() + "…";
    }

    private String mark(LogEntry entry) {
        if (entry.fishId().isEmpty() || entry.kind() == LogEntry.Kind.ARRIVAL || entry.kind() == LogEntry.Kind.NOTE) {
            return "";
        }
        double x = x(entry.at().toLocalDate());
        double y = y(entry.fishId().get());
        String title = "<title>" + entry.at().toLocalDate() + " " + entry.kind().words()
                + entry.aggressorId()
                        .map(id -> " by " + Markup.escape(names.get(id)))
                        .orElse("") + "</title>";
        if (entry.kind() == LogEntry.Kind.INJURY) {
            return "<g>" + title + "<path d=\"M" + f(x) + " " + f(y - 22) + "l5 6l-5 6l-5 -6z\" class=\"injury\"/></g>";
        }
        double tall = 5 + 5 * entry.hardness().orElse(1);
        return "<g>" + title + "<path d=\"M" + f(x) + " " + f(y) + "v" + f(-tall) + "\" class=\"stroke-"
                + (entry.hardness().orElse(1) >= 3 ? "hard" : "mild") + "\"/></g>";
    }

    private String cross(Loss loss) {
        double x = x(loss.on());
        double y = y(loss.fishId());
        return "<g><title>lost " + loss.on() + ", " + loss.cause().words() + "</title><path d=\"M" + f(x - 5) + " "
                + f(y - 5)
                + "l10 10m0 -10l-10 10\" class=\"loss-cross\"/><text x=\"" + f(x + 10) + "\" y=\"" + f(y + 4)
                + "\" class=\"chart-text chart-small loss-word\">"
                + loss.cause().words() + "</text></g>";
    }

    private static String f(double value) {
        return TimeAxis.f(value);
    }
}
