package org.pelluna.core.tension;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.question.Answers;
import org.pelluna.core.watch.Exposure;
import org.pelluna.core.watch.LogEntry;
import org.pelluna.core.watch.Remedy;

/**
 * Whether a remedy helped, beyond what settling does by itself: the watches of the three weeks before it against those while it lasted, up to three weeks, in one
 * model ({@link org.pelluna.core.course.Help}); for all together and for every aggressor, so that a second bully who steps in is seen.
 *
 * @param remedy the remedy
 * @param quarrelSince the day from which the quarrel is counted: the last arrival before, at most three weeks
 * @param untold why nothing can be said of it, whatever was seen: something else changed with it, or its fish is out; empty where something can
 * @param all everyone's encounters together
 * @param byAggressor each aggressor's, the most frequent before first
 * @param steppedIn an aggressor that attacked harder afterwards while the worst one eased; empty if none did
 */
public record RemedyEffect(
        Remedy remedy,
        LocalDate quarrelSince,
        Optional<Outcome> untold,
        RateChange all,
        List<RateChange> byAggressor,
        Optional<RateChange> steppedIn) {

    private static final int LEAST = 3;

    /** What the counts say. */
    public enum Outcome {
        HELPED("it helped"),
        MAY_HAVE_HELPED("it may have helped"),
        UNCLEAR("too early to say"),
        WORSE("attacks did not fall as they usually do"),
        AWAY("not to be compared while the fish is out"),
        MIXED("we cannot tell it from another change"),
        UNKNOWN("not enough watches");

        private final String words;

        Outcome(String words) {
            this.words = words;
        }

        /** The verdict as a keeper reads it. */
        public String words() {
            return words;
        }
    }

    /** What can be said of the remedy. */
    public Outcome outcome() {
        return of(all);
    }

    /** What can be said of one aggressor, or of all together. */
    public Outcome of(RateChange change) {
        return untold.orElseGet(change::verdict);
    }

    /** The effect of every remedy of a tank, the latest first. */
    public static List<RemedyEffect> of(TankPlan plan) {
        return of(plan, LocalDate.MIN, Answers.WORKED_OUT);
    }

    /**
     * The effect of the remedies begun since a day, the latest first.
     *
     * @param answers works out what changed, or remembers it
     */
    public static List<RemedyEffect> of(TankPlan plan, LocalDate since, Answers answers) {
        Exposure exposure = Exposure.of(plan.log(), plan.observations().watches());
        return plan.observations().remedies().stream()
                .filter(remedy -> !remedy.from().isBefore(since))
                .sorted(Comparator.comparing(Remedy::from).reversed())
                .map(remedy -> of(plan, exposure, remedy, answers))
                .toList();
    }

    private static RemedyEffect of(TankPlan plan, Exposure exposure, Remedy remedy, Answers answers) {
        RemedyWindow window = RemedyWindow.of(plan, remedy);
        LocalDate end = window.end().isAfter(window.afterFrom()) ? window.end() : window.afterFrom();
        Set<FishId> aggressors = new TreeSet<>();
        Stream.of(exposure.encounters(window.before(), window.act()), exposure.encounters(window.afterFrom(), end))
                .flatMap(List::stream)
                .forEach(entry -> aggressors.add(entry.aggressorId().orElseThrow()));
        List<RateChange> changes = new ArrayList<>();
        for (FishId one : aggressors) {
            changes.add(answers.to(change(exposure, Optional.of(one), window, end, aggressors.size())));
        }
        changes.sort(Comparator.comparingInt((RateChange one) -> RateChange.encounters(one.before()))
                .reversed());
        return new RemedyEffect(
                remedy,
                window.before(),
                window.untold(),
                answers.to(change(exposure, Optional.empty(), window, end, 1)),
                changes,
                window.untold().isPresent() ? Optional.empty() : steppedIn(changes));
    }

    private static RateChange.Asked change(
            Exposure exposure, Optional<FishId> aggressor, RemedyWindow window, LocalDate end, int aggressors) {
        Predicate<LogEntry> of =
                entry -> aggressor.isEmpty() || entry.aggressorId().equals(aggressor);
        return new RateChange.Asked(
                aggressor,
                PairWatches.watches(exposure, window.before(), window.before(), window.act(), of, day -> false),
                PairWatches.watches(exposure, window.before(), window.afterFrom(), end, of, day -> false),
                aggressors);
    }

    /**
     * Who attacked harder after a remedy while the worst one eased.
     *
     * @param changes of all aggressors, the most frequent before first
     */
    public static Optional<RateChange> steppedIn(List<RateChange> changes) {
        if (changes.isEmpty()
                || !changes.get(0).isKnown()
                || changes.get(0).help().middle() >= 1) {
            return Optional.empty();
        }
        return changes.stream()
                .skip(1)
                .filter(one -> RateChange.encounters(one.after()) >= LEAST && one.verdict() == Outcome.WORSE)
                .max(Comparator.comparingInt(one -> RateChange.encounters(one.after())));
    }

    /**
     * What a kind of remedy has done.
     *
     * @param kind the kind
     * @param tried how often it was tried
     * @param helped how often it is clear that it helped
     * @param worse how often it is clear that more was seen than by itself
     */
    public record Tally(Remedy.Kind kind, int tried, int helped, int worse) {}

    /** What remedies have done together, the most often tried first. */
    public static List<Tally> tally(Collection<RemedyEffect> effects) {
        List<Tally> tallies = new ArrayList<>();
        for (Remedy.Kind kind : Remedy.Kind.values()) {
            List<RemedyEffect> of =
                    effects.stream().filter(one -> one.remedy().kind() == kind).toList();
            if (!of.isEmpty()) {
                tallies.add(new Tally(kind, of.size(), count(of, Outcome.HELPED), count(of, Outcome.WORSE)));
            }
        }
        tallies.sort(Comparator.comparingInt(Tally::tried).reversed());
        return tallies;
    }

    private static int count(List<RemedyEffect> effects, Outcome verdict) {
        return (int) effects.stream().filter(one -> one.outcome() == verdict).count();
    }
}
