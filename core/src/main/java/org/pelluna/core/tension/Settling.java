package org.pelluna.core.tension;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.pelluna.core.course.Course;
import org.pelluna.core.course.SettlingAlarm;
import org.pelluna.core.course.Watched;
import org.pelluna.core.finding.Explained;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.question.Answers;
import org.pelluna.core.statistics.Interval;
import org.pelluna.core.units.Numbers;
import org.pelluna.core.watch.Exposure;

/**
 * Whether the quarrel about a newcomer dies down: what the watches say of its {@link Course}, and whether it does not settle ({@link SettlingAlarm}). Encounters are those it
 * suffered.
 *
 * @param victimId the newcomer
 * @param aggressorId one fish that attacks it; empty for all together
 * @param since its arrival, or the day of the first attack where it hid until then
 * @param encounters encounters seen in declared watches
 * @param hours hours of declared watches since
 * @param course what the watches say
 * @param unrest how many times likelier they are if it does not settle than if it does
 * @param settles what that means
 */
public record Settling(
        FishId victimId,
        Optional<FishId> aggressorId,
        LocalDate since,
        int encounters,
        double hours,
        Course course,
        double unrest,
        State settles) {

    /** Days after an arrival within which it is looked at. */
    public static final int LOOKED_AT_DAYS = 60;

    /** Encounters an hour below which it is calm: one in four hours; our own. */
    public static final double CALM = 0.25;

    /** The chance with which its intervals hold. */
    public static final double LEVEL = 0.9;

    /** Where the method comes from. */
    public static final Provenance SOURCE = Provenance.own(
            "a falling curve with its spread and with attacks in bursts; a test that may be looked at every day, Ville 1939, Vovk & Wang 2021");

    private static final int FIRST_LOOK = 6;
    private static final int LEAST_WATCHES = 3;
    private static final double[] MORE_HOURS = {0.5, 1, 2, 3, 4, 6, 8, 12, 16, 24, 36, 48};

    /** What the counts say. */
    public enum State {
        TOO_EARLY("too early to say"),
        QUIET("quiet"),
        SETTLING("settling"),
        OPEN("not clear yet"),
        WATCH("watch it closely"),
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
        return of(plan, Answers.WORKED_OUT);
    }

    /**
     * The same where courses may be known.
     *
     * @param answers works out courses, or remembers them
     */
    public static List<Settling> of(TankPlan plan, Answers answers) {
        Exposure exposure = Exposure.of(plan.log(), plan.observations().watches());
        List<Settling> all = new ArrayList<>();
        for (Resident one : plan.residents()) {
            if (one.livesHere(plan.asOf())
                    && ChronoUnit.DAYS.between(one.hereSince(plan.asOf()), plan.asOf()) <= LOOKED_AT_DAYS) {
                all.addAll(of(plan, exposure, one, answers));
            }
        }
        return all;
    }

    private static List<Settling> of(TankPlan plan, Exposure exposure, Resident newcomer, Answers answers) {
        LocalDate end = plan.asOf().plusDays(1);
        Map<FishId, Integer> by = new TreeMap<>();
        exposure.encounters(newcomer.hereSince(plan.asOf()), end).stream()
                .filter(entry -> entry.fishId().filter(newcomer.id()::equals).isPresent())
                .forEach(entry -> by.merge(entry.aggressorId().orElseThrow(), 1, Integer::sum));
        List<Settling> all = new ArrayList<>();
        Settling together = of(plan, exposure, newcomer, Optional.empty(), true, answers);
        all.add(together);
        // One aggressor is said not to settle only where all together do not: else each more would be one more false
        // alarm.
        boolean trouble = together.settles == State.NOT_SETTLING;
        by.entrySet().stream()
                .sorted(Map.Entry.<FishId, Integer>comparingByValue().reversed())
                .forEach(one -> all.add(of(plan, exposure, newcomer, Optional.of(one.getKey()), trouble, answers)));
        return all;
    }

    private static Settling of(
            TankPlan plan,
            Exposure exposure,
            Resident newcomer,
            Optional<FishId> aggressor,
            boolean mayAlarm,
            Answers answers) {
        LocalDate since = newcomer.hereSince(plan.asOf());
        Optional<Resident> other = aggressor.flatMap(id ->
                plan.residents().stream().filter(fish -> fish.id().equals(id)).findFirst());
        // Days on which the other was out of the display say nothing of the two.
        List<Watched> watches = PairWatches.watches(
                exposure,
                since,
                since,
                plan.asOf().plusDays(1),
                entry -> entry.fishId().filter(newcomer.id()::equals).isPresent()
                        && (aggressor.isEmpty() || entry.aggressorId().equals(aggressor)),
                day -> other.flatMap(fish -> fish.noted().absence(day)).isPresent());
        Meeting meeting = Meeting.of(since, watches);
        Course course = answers.to(new Course.Asked(meeting.watches()));
        double unrest = answers.to(new SettlingAlarm.Asked(meeting.watches()));
        long days = ChronoUnit.DAYS.between(meeting.day(), plan.asOf());
        List<Watched> declared = watches
                .subList(watches.size() - meeting.watches().size(), watches.size())
                .stream()
                .filter(one -> !one.becauseSeen())
                .toList();
        return new Settling(
                newcomer.id(),
                aggressor,
                meeting.day(),
                declared.stream().mapToInt(Watched::count).sum(),
                declared.stream().mapToDouble(Watched::hours).sum(),
                course,
                unrest,
                verdict(course, unrest, days, mayAlarm));
    }

    private static State verdict(Course course, double unrest, long days, boolean mayAlarm) {
        if (course.watches().isEmpty()) {
            return State.TOO_EARLY;
        }
        if (course.rate((double) days, LEVEL).high() < CALM) {
            return State.QUIET;
        }
        if (days < FIRST_LOOK || course.watches().size() < LEAST_WATCHES) {
            return State.TOO_EARLY;
        }
        if (unrest >= SettlingAlarm.ALARM && mayAlarm) {
            return State.NOT_SETTLING;
        }
        if (unrest >= SettlingAlarm.WATCHFUL) {
            return State.WATCH;
        }
        return unrest <= 1 / SettlingAlarm.WATCHFUL ? State.SETTLING : State.OPEN;
    }

    /** Days from the arrival to today. */
    public double days(LocalDate today) {
        return ChronoUnit.DAYS.between(since, today);
    }

    /** Attacks an hour on a day: the interval that holds it with the chance {@link #LEVEL}. */
    public Interval rateOn(LocalDate day) {
        return course.rate(days(day), LEVEL);
    }

    /** The day on which it will be calm, as the interval that holds it; an end is empty where it may never come. */
    public List<Optional<LocalDate>> calmOn() {
        Interval days = course.calmOn(CALM, LEVEL);
        return List.of(day(days.low()), day(days.high()));
    }

    private Optional<LocalDate> day(double days) {
        return days > LOOKED_AT_DAYS * 2.0 ? Optional.empty() : Optional.of(since.plusDays((long) Math.ceil(days)));
    }

    /** How the rate of today came about; empty while nothing was watched. */
    public Optional<Explained> how(LocalDate today) {
        return course.watches().isEmpty()
                ? Optional.empty()
                : Optional.of(PairWatches.how(
                        encounters,
                        hours,
                        course.rate(days(today), LEVEL),
                        List.of(
                                "counted since " + since + ", on "
                                        + Numbers.count(course.watches().size(), "watch", "watches"),
                                "we say “quiet” if the whole range is below " + Numbers.plain(CALM, 2) + " an hour",
                                "what was seen is " + Numbers.plain(unrest, 2)
                                        + " times as likely if it does not settle as if it does; we say “not settling” from "
                                        + Numbers.plain(SettlingAlarm.ALARM, 0))));
    }

    /** Hours that would have to be watched today with nothing seen for it to be called quiet; empty if two days would not do. */
    public Optional<Double> hoursToQuiet(LocalDate today) {
        double day = days(today);
        return Arrays.stream(MORE_HOURS)
                .filter(more ->
                        course.and(new Watched(day, more, 0)).rate(day, LEVEL).high() < CALM)
                .boxed()
                .findFirst();
    }
}
