package org.pelluna.core.tension;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.pressure.SettlingCourse;
import org.pelluna.core.statistics.Interval;
import org.pelluna.core.statistics.PoissonRates;
import org.pelluna.core.statistics.RateTrend;
import org.pelluna.core.units.Numbers;
import org.pelluna.core.watch.Exposure;
import org.pelluna.core.watch.LogEntry;

/**
 * Whether the quarrel about a newcomer dies down. Rates are encounters it suffered for each hour watched. A settling pecking order
 * is expected to follow {@link SettlingCourse#USUAL}, as the predicted pressures do. It is said not to settle when the later half of the watches holds so many more than that, given both halves
 * together, as would happen by chance less than once in fifty times (exact conditional test).
 *
 * @param victimId the newcomer
 * @param aggressorId one fish that presses it; empty for all together
 * @param since its arrival
 * @param encounters encounters seen while watching
 * @param hours hours watched since
 * @param rate the rate of the last week watched
 * @param rateInterval its interval at 95 %
 * @param decline the fitted course, where there are enough encounters
 * @param background what others here suffer, encounters/h for each fish
 * @param calmOn the day on which the fitted course reaches that
 * @param p chance of as many late encounters, if it were settling as expected
 * @param settles what that means
 */
public record Settling(
        FishId victimId,
        Optional<FishId> aggressorId,
        LocalDate since,
        int encounters,
        double hours,
        double rate,
        Interval rateInterval,
        Optional<RateTrend> decline,
        double background,
        Optional<LocalDate> calmOn,
        double p,
        State settles) {

    /** Days after an arrival within which it is looked at. */
    public static final int LOOKED_AT_DAYS = 60;

    /** Chance of a false alarm at each look. */
    public static final double ALARM = 0.02;

    /** Where the method comes from. */
    public static final Provenance SOURCE = Provenance.published(
            "exact conditional Poisson test, Przyborowski & Wilenski 1940; course by Poisson regression; half-life of "
                    + Numbers.plain(SettlingCourse.USUAL.halfLifeDays()) + " days our own estimate");

    private static final int WEEK = 7;
    private static final int FIRST_LOOK = 6;
    private static final int LEAST_LATE = 3;
    private static final int BACKGROUND_DAYS = 90;
    private static final double LEAST_BACKGROUND = 0.1;
    private static final double LEVEL = 0.95;
    private static final int LONGEST = 365;

    /** What the counts say. */
    public enum State {
        TOO_EARLY("too early to say"),
        QUIET("quiet"),
        SETTLING("settling"),
        OPEN("not clear yet"),
        NOT_SETTLING("not settling");

        private final String words;

        State(String words) {
            this.words = words;
        }

        /** The verdict as a keeper reads it. */
        public String words() {
            return words;
        }
    }

    /** Every newcomer of the last weeks: all who press it together, then each who was seen to, the hardest first. */
    public static List<Settling> of(TankPlan plan) {
        Exposure exposure = Exposure.of(plan.log(), plan.observations().watches());
        List<Settling> all = new ArrayList<>();
        for (Resident one : plan.residents()) {
            if (one.livesHere(plan.asOf())
                    && ChronoUnit.DAYS.between(one.hereSince(plan.asOf()), plan.asOf()) <= LOOKED_AT_DAYS) {
                all.addAll(of(plan, exposure, one));
            }
        }
        return all;
    }

    private static List<Settling> of(TankPlan plan, Exposure exposure, Resident newcomer) {
        double background = background(plan, exposure, newcomer);
        LocalDate end = plan.asOf().plusDays(1);
        List<LogEntry> suffered = exposure.encounters(newcomer.hereSince(plan.asOf()), end).stream()
                .filter(entry -> entry.fishId().filter(newcomer.id()::equals).isPresent())
                .toList();
        List<Settling> all = new ArrayList<>();
        all.add(of(plan, exposure, newcomer, Optional.empty(), suffered, background));
        Map<FishId, List<LogEntry>> by = new TreeMap<>();
        suffered.forEach(entry -> by.computeIfAbsent(entry.aggressorId().orElseThrow(), key -> new ArrayList<>())
                .add(entry));
        by.entrySet().stream()
                .sorted(Comparator.comparingInt((Map.Entry<FishId, List<LogEntry>> one) ->
                                one.getValue().size())
                        .reversed())
                .forEach(one ->
                        all.add(of(plan, exposure, newcomer, Optional.of(one.getKey()), one.getValue(), background)));
        return all;
    }

    /** What those who have long been here suffer, each, an hour. */
    private static double background(TankPlan plan, Exposure exposure, Resident newcomer) {
        LocalDate from = plan.asOf().minusDays(BACKGROUND_DAYS);
        LocalDate end = plan.asOf().plusDays(1);
        List<FishId> settled = plan.residents().stream()
                .filter(one -> one.livesHere(plan.asOf())
                        && !one.id().equals(newcomer.id())
                        && one.hereSince(plan.asOf()).isBefore(plan.asOf().minusDays(LOOKED_AT_DAYS)))
                .map(Resident::id)
                .toList();
        double hours = exposure.hours(from, end);
        if (settled.isEmpty() || hours == 0) {
            return LEAST_BACKGROUND;
        }
        long seen = exposure.encounters(from, end).stream()
                .filter(entry -> entry.fishId().filter(settled::contains).isPresent())
                .count();
        return Math.max(LEAST_BACKGROUND, seen / hours / settled.size());
    }

    private static Settling of(
            TankPlan plan,
            Exposure exposure,
            Resident newcomer,
            Optional<FishId> aggressor,
            List<LogEntry> suffered,
            double background) {
        LocalDate since = newcomer.hereSince(plan.asOf());
        LocalDate end = plan.asOf().plusDays(1);
        Map<LocalDate, Double> days = new TreeMap<>(exposure.days().subMap(since, true, end, false));
        // Days on which the other was out of the display say nothing of the two.
        aggressor
                .flatMap(id -> plan.residents().stream()
                        .filter(fish -> fish.id().equals(id))
                        .findFirst())
                .ifPresent(other ->
                        days.keySet().removeIf(day -> other.noted().absence(day).isPresent()));
        List<RateTrend.Watched> watches = new ArrayList<>();
        days.forEach((day, hours) ->
                watches.add(new RateTrend.Watched(ChronoUnit.DAYS.between(since, day), hours, count(suffered, day))));
        double hours = watches.stream().mapToDouble(RateTrend.Watched::watched).sum();
        Optional<RateTrend> decline = fit(watches);
        Late late = Late.of(watches, ChronoUnit.DAYS.between(since, plan.asOf()));
        LocalDate lastWeek = end.minusDays(WEEK).isBefore(since) ? since : end.minusDays(WEEK);
        double weekHours = days.entrySet().stream()
                .filter(day -> !day.getKey().isBefore(lastWeek))
                .mapToDouble(Map.Entry::getValue)
                .sum();
        int weekCount = (int) suffered.stream()
                .filter(entry -> !entry.at().toLocalDate().isBefore(lastWeek))
                .count();
        return new Settling(
                newcomer.id(),
                aggressor,
                since,
                suffered.size(),
                hours,
                weekHours > 0 ? weekCount / weekHours : 0,
                weekHours > 0
                        ? PoissonRates.rate(weekCount, weekHours, LEVEL)
                        : new Interval(0, Double.POSITIVE_INFINITY),
                decline,
                background,
                decline.flatMap(fit -> calm(fit, since, background, plan.asOf())),
                late.p(),
                verdict(suffered.size(), hours, weekCount, weekHours, background, decline, late));
    }

    private static int count(List<LogEntry> suffered, LocalDate day) {
        return (int) suffered.stream()
                .filter(entry -> entry.at().toLocalDate().equals(day))
                .count();
    }

    private static Optional<RateTrend> fit(List<RateTrend.Watched> watches) {
        try {
            return Optional.of(RateTrend.of(watches));
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }

    private static Optional<LocalDate> calm(RateTrend fit, LocalDate since, double background, LocalDate today) {
        double days = fit.reaches(background);
        long until = (long) Math.ceil(days);
        return days <= ChronoUnit.DAYS.between(since, today) + LONGEST && days > 0
                ? Optional.of(since.plusDays(until))
                : Optional.empty();
    }

    private static State verdict(
            int encounters,
            double hours,
            int weekCount,
            double weekHours,
            double background,
            Optional<RateTrend> decline,
            Late late) {
        if (hours == 0 || !late.looked()) {
            return State.TOO_EARLY;
        }
        if (encounters == 0 || (weekHours > 0 && weekCount / weekHours <= background)) {
            return State.QUIET;
        }
        if (late.p() < ALARM && late.count() >= LEAST_LATE) {
            return State.NOT_SETTLING;
        }
        return decline.filter(fit -> fit.slopeInterval().high() < 0).isPresent() ? State.SETTLING : State.OPEN;
    }

    /**
     * The later half of the time since an arrival against the earlier.
     *
     * @param looked whether there are watches in both
     * @param count encounters in the later half
     * @param p chance of as many, if it were settling as expected
     */
    record Late(boolean looked, int count, double p) {
        static Late of(List<RateTrend.Watched> watches, long days) {
            double middle = days / 2.0;
            int early = 0;
            int late = 0;
            double earlyHours = 0;
            double lateHours = 0;
            double earlyExpected = 0;
            double lateExpected = 0;
            for (RateTrend.Watched one : watches) {
                double expected = one.watched() * SettlingCourse.USUAL.left(one.time());
                if (one.time() < middle) {
                    early += one.events();
                    earlyHours += one.watched();
                    earlyExpected += expected;
                } else {
                    late += one.events();
                    lateHours += one.watched();
                    lateExpected += expected;
                }
            }
            if (days < FIRST_LOOK || earlyHours == 0 || lateHours == 0) {
                return new Late(false, late, 1);
            }
            double times = lateExpected / lateHours / (earlyExpected / earlyHours);
            return new Late(true, late, new PoissonRates(late, lateHours, early, earlyHours).pAtLeast(times));
        }
    }
}
