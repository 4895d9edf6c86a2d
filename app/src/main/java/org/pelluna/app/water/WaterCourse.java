package org.pelluna.app.water;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.pelluna.app.chart.CycleBand;
import org.pelluna.app.chart.TimeAxis;
import org.pelluna.app.chart.TimePanel;
import org.pelluna.app.chart.TimeWindow;
import org.pelluna.app.chart.WaterPanels;
import org.pelluna.app.svg.Svg;
import org.pelluna.core.finding.Explained;
import org.pelluna.core.forecast.NitrateRange;
import org.pelluna.core.forecast.WaterFit;
import org.pelluna.core.forecast.WaterForecast;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.WaterTest;
import org.pelluna.core.units.Numbers;

/**
 * The water in time: predicted, tested, and told.
 *
 * @param plan whose water
 * @param days the predicted days; empty while the tank is not cycled
 * @param fit what the tests made of the model
 */
record WaterCourse(TankPlan plan, List<WaterForecast.Day> days, WaterFit fit) {
    static final int AHEAD_DAYS = 90;

    private static final int PAST_DAYS = 120;
    private static final double WIDTH = 1000;
    private static final double PANEL = 84;
    private static final double GAP = 30;

    /** A multiple of what is assumed from which a keeper is asked about it. */
    private static final double MUCH = 1.5;

    /** All the days of which something is predicted or was tested. */
    private TimeWindow known() {
        LocalDate usual = plan.asOf().minusDays(PAST_DAYS);
        LocalDate first = Stream.concat(
                        days.stream().map(WaterForecast.Day::date).limit(1),
                        plan.waterTests().stream().map(WaterTest::on))
                .min(LocalDate::compareTo)
                .filter(day -> day.isBefore(usual))
                .orElse(usual);
        return new TimeWindow(first, plan.asOf().plusDays(AHEAD_DAYS));
    }

    /**
     * The chart; the table of tests says the same.
     *
     * @param from the first day somebody pointed at, if anybody did
     * @param to the last
     */
    Svg svg(Optional<LocalDate> from, Optional<LocalDate> to) {
        TimeWindow known = known();
        TimeWindow drawn =
                known.asked(from, to).orElseGet(() -> new TimeWindow(plan.asOf().minusDays(PAST_DAYS), known.to()));
        TimeAxis axis = new TimeAxis(drawn.from(), drawn.to(), plan.asOf(), WIDTH);
        WaterPanels water = new WaterPanels(plan, days);
        List<TimePanel> panels = Stream.concat(
                        Stream.of(water.unionised()),
                        Arrays.stream(WaterTest.Kind.values())
                                .filter(WaterTest.Kind::isPredicted)
                                .map(water::of))
                .toList();
        double top = 30;
        double bottom = top + panels.size() * (PANEL + GAP);
        Svg.Builder svg = new Svg.Builder()
                .add(
                        "<svg class='course-chart' width='{}' viewBox='-8 0 {} {}' role='img' aria-label='The water, predicted and tested; the table shows the same'>{}",
                        WIDTH + 110,
                        WIDTH + 110,
                        bottom + 30,
                        axis.svg(top - 4, bottom))
                .add(CycleBand.of(plan, axis, top - 4, bottom));
        for (int i = 0; i < panels.size(); i++) {
            svg.add(panels.get(i).svg(axis, top + 14 + i * (PANEL + GAP), PANEL));
        }
        return svg.add("</svg>").build();
    }

    /** The worst of the days to come, in a sentence. */
    String worst() {
        return WaterPanels.worst(days, plan.asOf());
    }

    /** How that worst comes about. */
    Explained howWorst() {
        return WaterForecast.howPeak(days, plan.asOf());
    }

    /** How far the nitrate to come is known without tests of it, in a sentence. */
    static String rangeWords(NitrateRange range) {
        return "We guess that skimmer, rock and algae remove " + percent(range.taken())
                + " of the nitrate. Test nitrate to replace this guess.";
    }

    private static String percent(double share) {
        return Numbers.plain(100 * share, 0) + " %";
    }

    /** What the tests made of the model, in a sentence. */
    String fitWords() {
        if (fit.tests() == 0) {
            return plan.waterTests().isEmpty()
                    ? "No tests yet: the lines are predictions only."
                    : "After " + WaterFit.ENOUGH_TESTS + " tests on three days, predictions are fitted to this tank.";
        }
        double gathers = fit.gathers();
        String asked = gathers >= MUCH || gathers <= 1 / MUCH
                ? " Tests alone cannot show why. Weigh one day's food and enter it in the house rules."
                : "";
        return "Your " + fit.tests() + " tests show nitrate rising "
                + (Numbers.plain(gathers).equals("1") ? "" : Numbers.plain(gathers) + " times ")
                + "as fast as your house rules predict." + asked;
    }
}
