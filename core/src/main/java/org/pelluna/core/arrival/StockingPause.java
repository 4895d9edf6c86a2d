package org.pelluna.core.arrival;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.pelluna.core.finding.Figure;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.plan.Approaches;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.WaterTest;
import org.pelluna.core.units.Dates;
import org.pelluna.core.units.Numbers;

/**
 * When the bacteria are ready for the next fish, by the approach of the house rules: after the days set there, or when tests of
 * ammonia and nitrite stay at zero. The order of arrival and the shop card both ask here.
 *
 * @param ready the first day on which fish may come; the day of the plan where nothing stands against it
 * @param finding why not before that day; empty where fish may come today
 */
public record StockingPause(LocalDate ready, Optional<Finding> finding) {
    /** What a kit can just tell from nothing, mg/L; common practice. */
    static final double ZERO = 0.1;

    /** Days within which the waste of new fish shows on a test; common practice. */
    static final int DAYS_TO_SHOW = 3;

    /** Days for which a test speaks. */
    static final int FRESH_DAYS = 7;

    private static final String RULE = "pause";
    private static final List<WaterTest.Kind> ASKED = List.of(WaterTest.Kind.AMMONIA, WaterTest.Kind.NITRITE);

    /** Days for which what a test showed stands against the next fish, if nobody tests again. */
    static final int SHOWN_DAYS = 28;

    /** The pause of a plan, for its day. Ammonia or nitrite on a test stands against the next fish whatever the approach, also in a tank without fish. */
    public static StockingPause of(ResolvedPlan stock) {
        StockingPause pause = stock.plan().houseRules().approaches().pause() == Approaches.Pause.TEST_KIT
                ? byTests(stock)
                : byDays(stock);
        return shown(stock).map(test -> waiting(stock, test, pause)).orElse(pause);
    }

    /** What a test of ammonia or nitrite says against the next fish; empty if none does. */
    static Optional<Finding> byTest(ResolvedPlan stock) {
        return shown(stock).flatMap(any -> of(stock).finding());
    }

    /** The latest test of ammonia or nitrite that shows something and was not followed by a better one. */
    private static Optional<WaterTest> shown(ResolvedPlan stock) {
        LocalDate today = stock.plan().asOf();
        return ASKED.stream()
                .flatMap(kind -> latest(stock, kind).stream())
                .filter(test -> test.value() > ZERO && ChronoUnit.DAYS.between(test.on(), today) < SHOWN_DAYS)
                .max(Comparator.comparing(WaterTest::on).thenComparingDouble(WaterTest::value));
    }

    private static StockingPause waiting(ResolvedPlan stock, WaterTest test, StockingPause pause) {
        LocalDate today = stock.plan().asOf();
        LocalDate again = test.on().plusDays(DAYS_TO_SHOW);
        LocalDate next = again.isAfter(today) ? again : today.plusDays(1);
        return until(
                pause.ready().isAfter(next) ? pause.ready() : next,
                "Add no fish yet: your test of " + Dates.day(test.on(), today) + " shows "
                        + Numbers.plain(test.value(), 2) + " mg/L of "
                        + test.kind().name().toLowerCase(java.util.Locale.ROOT)
                        + ". Both ammonia and nitrite must read zero; test again.",
                List.of(
                        Figure.measured(test.kind().words(), test.value(), "mg/L"),
                        new Figure("counts as zero up to", ZERO, "mg/L", Provenance.PRACTICE)));
    }

    private static StockingPause byDays(ResolvedPlan stock) {
        LocalDate today = stock.plan().asOf();
        Optional<LocalDate> last = lastArrival(stock);
        if (last.isEmpty()) {
            return new StockingPause(today, Optional.empty());
        }
        int together = (int) stock.residents().stream()
                .filter(fish -> fish.arrivesOn().equals(last.get()))
                .count();
        int days = stock.plan().houseRules().pauseAfter(together);
        LocalDate next = last.get().plusDays(days);
        return next.isAfter(today)
                ? until(
                        next,
                        "Wait until " + Dates.day(next, today) + ": the bacteria need " + Numbers.count(days, "day")
                                + " after the last arrival.",
                        List.of(Figure.measured("pause", days, "days")))
                : new StockingPause(today, Optional.empty());
    }

    private static StockingPause byTests(ResolvedPlan stock) {
        LocalDate today = stock.plan().asOf();
        LocalDate shows =
                lastArrival(stock).map(day -> day.plusDays(DAYS_TO_SHOW)).orElse(LocalDate.MIN);
        boolean clear = ASKED.stream()
                .allMatch(kind -> latest(stock, kind)
                        .filter(test ->
                                !test.on().isBefore(shows) && ChronoUnit.DAYS.between(test.on(), today) <= FRESH_DAYS)
                        .isPresent());
        if (clear || stock.residents().isEmpty()) {
            return new StockingPause(today, Optional.empty());
        }
        // Nobody has tested since: the days of the house rules stand in for the test, as they do for every date to
        // come.
        return byDays(stock);
    }

    private static StockingPause until(LocalDate next, String sentence, List<Figure> figures) {
        return new StockingPause(
                next,
                Optional.of(Finding.of(RULE, Severity.WAIT, sentence, Provenance.PRACTICE, figures)
                        .until(next)));
    }

    private static Optional<LocalDate> lastArrival(ResolvedPlan stock) {
        return stock.residents().stream().map(Fish::arrivesOn).max(Comparator.naturalOrder());
    }

    private static Optional<WaterTest> latest(ResolvedPlan stock, WaterTest.Kind kind) {
        Stream<WaterTest> tests = stock.plan().waterTests().stream()
                .filter(test ->
                        test.kind() == kind && !test.on().isAfter(stock.plan().asOf()));
        return tests.max(Comparator.comparing(WaterTest::on));
    }
}
