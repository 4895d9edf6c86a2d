package org.pelluna.core.tension;

import java.util.List;
import java.util.Optional;
import org.pelluna.core.course.Help;
import org.pelluna.core.course.Watched;
import org.pelluna.core.finding.Explained;
import org.pelluna.core.id.FishId;
import org.pelluna.core.question.Answers;
import org.pelluna.core.question.Question;
import org.pelluna.core.statistics.Interval;
import org.pelluna.core.units.Numbers;

/**
 * Encounters before and after something was done, and what that says beyond what settling does by itself.
 *
 * @param aggressorId whose encounters; empty for all
 * @param before watches before, but for the last: it was bad, and so the keeper acted
 * @param after watches since
 * @param spared the watch left out, if there was one
 * @param aggressors how many are looked at beside each other; what is said of one is said the more carefully
 * @param help how many times as high the rate is as it would be by itself
 */
public record RateChange(
        Optional<FishId> aggressorId,
        List<Watched> before,
        List<Watched> after,
        Optional<Watched> spared,
        int aggressors,
        Help help) {

    /** The chance with which its interval holds. */
    public static final double LEVEL = 0.9;

    private static final double SURE = 0.95;
    private static final double LIKELY = 0.9;
    /** More is said to be worse a little less readily: what made the keeper act falls by itself in most records. */
    private static final double SURE_OF_WORSE = 0.975;

    private static final double[] MORE_HOURS = {1, 2, 4, 8, 16, 32};

    /**
     * What a change is worked out of, so that it need not be worked out twice.
     *
     * @param aggressorId whose encounters; empty for all
     * @param before watches before, with the last one
     * @param after watches since
     * @param aggressors how many are looked at beside each other
     */
    public record Asked(Optional<FishId> aggressorId, List<Watched> before, List<Watched> after, int aggressors)
            implements Question<RateChange> {
        public Asked {
            before = List.copyOf(before);
            after = List.copyOf(after);
        }

        @Override
        public RateChange answer(Answers answers) {
            return of(aggressorId, before, after, aggressors);
        }
    }

    /** The change of some watches, of which the last before is left out. */
    public static RateChange of(Optional<FishId> aggressorId, List<Watched> all, List<Watched> after, int aggressors) {
        List<Watched> before = all.isEmpty() ? all : all.subList(0, all.size() - 1);
        return new RateChange(
                aggressorId,
                List.copyOf(before),
                List.copyOf(after),
                all.isEmpty() ? Optional.empty() : Optional.of(all.get(all.size() - 1)),
                aggressors,
                Help.of(before, after));
    }

    /** Whether both times were watched. */
    public boolean isKnown() {
        return !before.isEmpty() && !after.isEmpty();
    }

    /** Encounters in some watches. */
    public static int encounters(List<Watched> watches) {
        return watches.stream().mapToInt(Watched::count).sum();
    }

    /** Hours of some watches. */
    public static double hours(List<Watched> watches) {
        return watches.stream().mapToDouble(Watched::hours).sum();
    }

    /** How many times as high the rate is as it would be by itself. */
    public Interval times() {
        return help.times(LEVEL);
    }

    /** What can be said. */
    public RemedyEffect.Outcome verdict() {
        return isKnown() && encounters(before) + encounters(after) > 0 ? verdict(help) : RemedyEffect.Outcome.UNKNOWN;
    }

    private RemedyEffect.Outcome verdict(Help of) {
        double fewer = of.chanceBelow(1);
        if (fewer > 1 - (1 - SURE) / aggressors) {
            return RemedyEffect.Outcome.HELPED;
        }
        if (1 - fewer > 1 - (1 - SURE_OF_WORSE) / aggressors) {
            return RemedyEffect.Outcome.WORSE;
        }
        return fewer > 1 - (1 - LIKELY) / aggressors
                ? RemedyEffect.Outcome.MAY_HAVE_HELPED
                : RemedyEffect.Outcome.UNCLEAR;
    }

    /** How the figures came about; empty where one of the two times was not watched. */
    public Optional<Explained> how() {
        if (!isKnown() || encounters(before) == 0) {
            return Optional.empty();
        }
        double first = encounters(before) / hours(before);
        double second = encounters(after) / hours(after);
        return Optional.of(new Explained(
                "We compare the attacks since with what was likely without the remedy.",
                Numbers.plain(second, 2) + " an hour since ÷ " + Numbers.plain(first, 2) + " before = "
                        + Numbers.plain(second / first, 2) + "; compared with no remedy × "
                        + Numbers.plain(help.middle(), 2) + ", between " + Numbers.plain(times().low(), 2) + " and "
                        + Numbers.plain(times().high(), 2) + " (90 %)",
                List.of(
                        encounters(before) + " in " + Numbers.plain(hours(before), 1) + " hours before, on "
                                + Numbers.count(before.size(), "watch", "watches"),
                        encounters(after) + " in " + Numbers.plain(hours(after), 1) + " hours since, on "
                                + Numbers.count(after.size(), "watch", "watches"),
                        "chance of fewer attacks than without the remedy: "
                                + Numbers.plain(100 * help.chanceBelow(1), 0)
                                + " in 100; we say “it helped” from "
                                + Numbers.plain(100 * (1 - (1 - SURE) / aggressors), 0)),
                Settling.SOURCE));
    }

    /** Hours more that would tell, if it goes on as it seems to; empty if it is told already, or even four long days would not. */
    public Optional<Double> hoursToTell(double day) {
        if (verdict() != RemedyEffect.Outcome.UNCLEAR && verdict() != RemedyEffect.Outcome.MAY_HAVE_HELPED) {
            return Optional.empty();
        }
        double perHour = encounters(after) / hours(after);
        for (double more : MORE_HOURS) {
            List<Watched> then = new java.util.ArrayList<>(after);
            then.add(new Watched(day, more, (int) Math.round(perHour * more)));
            RemedyEffect.Outcome told = verdict(Help.of(before, then));
            if (told == RemedyEffect.Outcome.HELPED || told == RemedyEffect.Outcome.WORSE) {
                return Optional.of(more);
            }
        }
        return Optional.empty();
    }
}
