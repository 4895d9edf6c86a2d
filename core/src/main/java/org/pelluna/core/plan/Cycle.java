package org.pelluna.core.plan;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.pelluna.core.tank.Tank;
import org.pelluna.core.units.Numbers;

/**
 * When the first nitrogen cycle of a tank that is not known to be cycled may be estimated to be over. Six weeks from the day on which ammonia first went in, four to eight being usual: common practice.
 * A water test that still shows ammonia or nitrite puts it off, tests that show both come and gone end it, and no day that merely passes does.
 *
 * @param endsOn the day used
 * @param earliest the soonest it could be
 * @param latest the latest usual
 * @param because why, a clause
 */
public record Cycle(LocalDate endsOn, LocalDate earliest, LocalDate latest, String because) {
    /** Usual days from the source of ammonia to the end of the cycle. */
    public static final int USUAL_DAYS = 42;

    private static final int SHORTEST_DAYS = 28;
    private static final int LONGEST_DAYS = 56;

    /** Days that are waited again and again while no test shows that it is over. */
    private static final int UNTIL_TESTED = 7;

    /** Days that nitrite, and before it ammonia, usually takes from a reading to none. */
    private static final int NITRITE_DAYS = 14;

    private static final int AMMONIA_DAYS = 21;

    /** What a kit shows as none, mg/L; and what shows that the cycle had begun. */
    private static final double NONE = 0.1;

    private static final double CAME = 0.25;

    /** The estimated end for a plan whose tank is not known to be cycled; empty for one that is. */
    public static Optional<Cycle> of(TankPlan plan) {
        Tank tank = plan.tank();
        return tank.cycledOn().isPresent() && !tank.estimatesCycle() ? Optional.empty() : Optional.of(estimated(plan));
    }

    /** Whether no fish may come yet on a day. */
    public boolean isGoingOn(LocalDate day) {
        return endsOn.isAfter(day);
    }

    private static Cycle estimated(TankPlan plan) {
        LocalDate today = plan.asOf();
        LocalDate since = plan.tank().cyclingSince().orElse(today);
        String from = since.isBefore(today)
                ? "we count six weeks from the first ammonia on " + since + "; four to eight are usual"
                : "we count six weeks from " + (since.equals(today) ? "today" : since)
                        + ", if you add ammonia then; four to eight are usual";
        List<WaterTest> tests = plan.waterTests().stream()
                .filter(test -> test.kind() == WaterTest.Kind.AMMONIA || test.kind() == WaterTest.Kind.NITRITE)
                .filter(test -> !test.on().isBefore(since) && !test.on().isAfter(today))
                .toList();
        Optional<WaterTest> ammonia = last(tests, WaterTest.Kind.AMMONIA);
        Optional<WaterTest> nitrite = last(tests, WaterTest.Kind.NITRITE);
        boolean came = tests.stream().anyMatch(test -> test.value() >= CAME);
        if (came
                && ammonia.filter(Cycle::isNone).isPresent()
                && nitrite.filter(Cycle::isNone).isPresent()) {
            LocalDate gone = later(ammonia.get().on(), nitrite.get().on());
            return new Cycle(gone, gone, gone, "ammonia and nitrite had risen and fallen to zero by " + gone);
        }
        Optional<WaterTest> worst = Stream.of(ammonia, nitrite)
                .flatMap(Optional::stream)
                .filter(test -> !isNone(test))
                .max(Comparator.comparing(Cycle::over));
        Optional<LocalDate> fish = plan.residents().stream()
                .filter(one -> !one.arrivedOn()
                        .plusDays(LONGEST_DAYS)
                        .isAfter(one.leftOn().filter(day -> day.isBefore(today)).orElse(today)))
                .map(Resident::arrivedOn)
                .min(LocalDate::compareTo);
        if (worst.isEmpty() && fish.isPresent()) {
            LocalDate over = fish.get().plusDays(USUAL_DAYS);
            return new Cycle(
                    over, over, over, "fish have lived here since " + fish.get() + ", longer than a cycle takes");
        }
        LocalDate end = later(since.plusDays(USUAL_DAYS), today.plusDays(UNTIL_TESTED));
        String because = from;
        if (since.plusDays(USUAL_DAYS).isBefore(today.plusDays(UNTIL_TESTED))) {
            because = "the usual six weeks are over, but no test shows yet that both are zero";
        }
        if (worst.isPresent() && over(worst.get()).isAfter(end)) {
            WaterTest test = worst.get();
            end = over(test);
            because = test.kind().words() + " was " + Numbers.plain(test.value(), 2) + " mg/L on " + test.on()
                    + ", and takes about " + Numbers.count(test.kind() == WaterTest.Kind.AMMONIA ? 3 : 2, "week")
                    + " to fall to zero";
        }
        return new Cycle(
                end,
                later(since.plusDays(SHORTEST_DAYS), today.plusDays(1)),
                later(since.plusDays(LONGEST_DAYS), end),
                because);
    }

    private static Optional<WaterTest> last(List<WaterTest> tests, WaterTest.Kind kind) {
        return tests.stream().filter(test -> test.kind() == kind).max(Comparator.comparing(WaterTest::on));
    }

    private static boolean isNone(WaterTest test) {
        return test.value() <= NONE;
    }

    private static LocalDate over(WaterTest test) {
        return test.on().plusDays(test.kind() == WaterTest.Kind.AMMONIA ? AMMONIA_DAYS : NITRITE_DAYS);
    }

    private static LocalDate later(LocalDate one, LocalDate other) {
        return one.isAfter(other) ? one : other;
    }

    /** A plan as it is judged: a tank that is not known to be cycled has the estimated end for it. */
    static TankPlan withEstimatedCycle(TankPlan plan) {
        return of(plan).map(cycle -> plan.withTank(plan.tank()
                        .with(as -> as.cycledOn(Optional.of(cycle.endsOn()))
                                .cyclingSince(
                                        Optional.of(plan.tank().cyclingSince().orElse(plan.asOf()))))))
                .orElse(plan);
    }
}
