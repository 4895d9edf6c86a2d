package org.pelluna.app.watch;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.pelluna.app.svg.Svg;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.id.FishId;
import org.pelluna.core.learn.Backtest;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.statistics.Interval;
import org.pelluna.core.units.Dates;
import org.pelluna.core.units.Numbers;

/**
 * What was predicted a month ago beside what came, ready to print.
 *
 * @param says in words
 * @param rows of the pairs of which something was expected or seen
 * @param scale what the scale ends at
 */
record BacktestView(String says, List<Row> rows, String scale) {
    /** Where it comes from. */
    static final String SOURCE = Provenance.own(
                    "what was learned until then, for the hours watched since; gamma-Poisson counts with attacks in bursts; 90 %")
            .words();

    /** With less than that expected of a pair, nothing is said to have been expected. */
    private static final double SOMETHING = 0.5;

    private static final int MOST_ROWS = 12;
    private static final double WIDTH = 300;
    private static final double MARGIN = 6;

    /** One fish on another. */
    record Row(String names, Svg strip, String says, boolean holds) {}

    static BacktestView of(Backtest foresight, ResolvedPlan stock) {
        Map<FishId, String> names = stock.timeline().stays().stream()
                .map(stay -> stay.who())
                .collect(Collectors.toMap(Fish::id, Fish::name, (one, same) -> one));
        Function<Backtest.OnPair, String> name = one -> names.get(one.by()) + " on " + names.get(one.on());
        List<Backtest.OnPair> shown = foresight.pairs().stream()
                .filter(one -> one.seen() > 0 || one.predicted().mean() >= SOMETHING)
                .limit(MOST_ROWS)
                .toList();
        double end = Math.max(
                4,
                shown.stream()
                        .mapToDouble(one -> Math.max(one.seen(), one.interval().high()))
                        .max()
                        .orElse(0));
        return new BacktestView(
                says(foresight, name, stock),
                shown.stream()
                        .map(one -> new Row(name.apply(one), strip(one, end), counts(one), one.holds()))
                        .toList(),
                Numbers.plain(end, 0));
    }

    private static String says(Backtest foresight, Function<Backtest.OnPair, String> name, ResolvedPlan stock) {
        String otherwise =
                foresight.pairs().stream().filter(one -> !one.holds()).map(name).collect(Collectors.joining(", "));
        return "Predictions since " + Dates.day(foresight.since(), stock.plan().asOf()) + " were right for "
                + foresight.held() + " of " + Numbers.count(foresight.pairs().size(), "pair")
                + ". Nine in ten is good."
                + (otherwise.isEmpty() ? "" : " Wrong: " + otherwise + ".");
    }

    private static String counts(Backtest.OnPair one) {
        Interval interval = one.interval();
        String range = interval.low() == interval.high()
                ? Numbers.plain(interval.low(), 0)
                : Numbers.plain(interval.low(), 0) + " to " + Numbers.plain(interval.high(), 0);
        return range + " predicted, " + one.seen() + " seen";
    }

    /** The predicted counts as a bar, what was seen as a point; the words beside say the same. */
    private static Svg strip(Backtest.OnPair one, double end) {
        Interval interval = one.interval();
        return Svg.of(
                "<svg viewBox='0 0 {} 20' class='lesson' aria-hidden='true'><path d='M{} 10H{}' class='thin'/><path d='M{} 10H{}' class='lesson-interval'/><circle cx='{}' cy='10' r='5' class='{}'/></svg>",
                WIDTH,
                at(0, end),
                at(end, end),
                at(interval.low(), end) - 2,
                at(interval.high(), end) + 2,
                at(one.seen(), end),
                one.holds() ? "lesson-mean" : "lesson-mean lesson-otherwise");
    }

    private static double at(double count, double end) {
        return MARGIN + (WIDTH - 2 * MARGIN) * count / end;
    }
}
