package org.pelluna.core.tension;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.pelluna.core.course.Course;
import org.pelluna.core.course.Watched;
import org.pelluna.core.finding.Explained;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.question.Answers;
import org.pelluna.core.statistics.Interval;
import org.pelluna.core.units.Numbers;
import org.pelluna.core.watch.Exposure;
import org.pelluna.core.watch.Grade;
import org.pelluna.core.watch.LogEntry;

/**
 * How the whole tank stands: everybody's encounters since the last fish came, in the one model of how quarrels settle ({@link Course}); and how hard those of the last two weeks were.
 *
 * @param since the day from which it is counted: the last arrival or return, at most {@link Settling#LOOKED_AT_DAYS} ago
 * @param newcomer who came that day; empty if nobody came for so long
 * @param encounters seen in declared watches since then
 * @param hours of declared watches
 * @param today encounters an hour today, the interval of {@link Settling#LEVEL}; empty without any watch
 * @param hard how many of the last two weeks, watched or not, pinned or wounded
 * @param hardest who did most harm in those two weeks; empty if nobody did any
 */
public record TankTension(
        LocalDate since,
        Optional<String> newcomer,
        int encounters,
        double hours,
        Optional<Interval> today,
        int hard,
        Optional<String> hardest) {

    private static final int FORTNIGHT = 14;
    private static final double LIVELY = 1;

    /** How a plan's tank stands on the plan's day. */
    public static TankTension of(TankPlan plan) {
        return of(plan, Answers.WORKED_OUT);
    }

    /**
     * The same where courses may be known.
     *
     * @param answers works out a course, or remembers it
     */
    public static TankTension of(TankPlan plan, Answers answers) {
        LocalDate day = plan.asOf();
        LocalDate earliest = day.minusDays(Settling.LOOKED_AT_DAYS);
        Optional<Resident> last = plan.residents().stream()
                .filter(one -> one.livesHere(day) && one.hereSince(day).isAfter(earliest))
                .max(java.util.Comparator.comparing((Resident one) -> one.hereSince(day))
                        .thenComparing(Resident::name));
        LocalDate since = last.map(one -> one.hereSince(day)).orElse(earliest);
        Exposure exposure = Exposure.of(plan.log(), plan.observations().watches());
        List<Watched> watches =
                PairWatches.watches(exposure, since, since, day.plusDays(1), entry -> true, any -> false);
        List<Watched> declared =
                watches.stream().filter(one -> !one.becauseSeen()).toList();
        Map<FishId, Double> harm = new HashMap<>();
        List<Grade> twoWeeks = new ArrayList<>();
        for (LogEntry entry : plan.log()) {
            long ago = ChronoUnit.DAYS.between(entry.at().toLocalDate(), day);
            if (ago >= 0 && ago < FORTNIGHT) {
                Grade.of(entry).ifPresent(grade -> {
                    twoWeeks.add(grade);
                    harm.merge(entry.aggressorId().orElseThrow(), grade.harm(), Double::sum);
                });
            }
        }
        return new TankTension(
                since,
                last.map(Resident::name),
                declared.stream().mapToInt(Watched::count).sum(),
                declared.stream().mapToDouble(Watched::hours).sum(),
                watches.isEmpty()
                        ? Optional.empty()
                        : Optional.of(answers.to(new Course.Asked(watches))
                                .rate((double) ChronoUnit.DAYS.between(since, day), Settling.LEVEL)),
                (int) twoWeeks.stream()
                        .filter(grade -> grade == Grade.PIN || grade == Grade.WOUND)
                        .count(),
                harm.entrySet().stream()
                        .filter(one -> one.getValue() > 0)
                        .max(Map.Entry.<FishId, Double>comparingByValue().thenComparing(Map.Entry.comparingByKey()))
                        .flatMap(one -> plan.residents().stream()
                                .filter(fish -> fish.id().equals(one.getKey()))
                                .findFirst())
                        .map(Resident::name));
    }

    /** How it stands in a word, as far as it can be told. */
    public String verdict() {
        if (today.isEmpty()) {
            return "we cannot say if the tank is calm";
        }
        if (hard > 0) {
            return "not calm";
        }
        if (today.get().high() < Settling.CALM) {
            return "calm";
        }
        return today.get().low() > LIVELY ? "attacks are frequent" : "too early to say if the tank is calm";
    }

    /** What holds for the tank: {@link #headline} and {@link #rest}. */
    public String words() {
        return (headline() + " " + rest()).strip();
    }

    /** The verdict with how many attacks were seen, in one sentence. */
    public String headline() {
        String since = newcomer.map(name -> "since " + name + " arrived on " + this.since)
                .orElse("in the last two months");
        String verdict =
                verdict().substring(0, 1).toUpperCase(Locale.ROOT) + verdict().substring(1);
        return verdict
                + (today.isEmpty()
                        ? ": no timed watch " + since + "."
                        : ": " + Numbers.count(encounters, "attack") + " in " + Numbers.significant(hours)
                                + " hours watched " + since + ".");
    }

    /** How hard the attacks were, and which fish attacked most; empty where there was no attack. */
    public String rest() {
        return hard > 0
                ? Numbers.count(hard, "pin or wound", "pins or wounds") + " in the last two weeks"
                        + hardest.map(name -> ", most by " + name).orElse("") + "."
                : hardest.map(name ->
                                "No fish was pinned or wounded in the last two weeks. " + name + " attacked most.")
                        .orElse("");
    }

    /** How the figures came about; empty where nothing was watched. */
    public Optional<Explained> how() {
        return today.map(rate -> PairWatches.how(
                encounters,
                hours,
                rate,
                List.of(
                        "counted since " + since,
                        "likely " + Numbers.plain(rate.low(), 2) + " to " + Numbers.plain(rate.high(), 2)
                                + " attacks an hour today; we say “calm” if all of that is below "
                                + Numbers.plain(Settling.CALM, 2),
                        "pins and wounds in the last two weeks, watched or not: " + hard)));
    }
}
