package org.pelluna.core.assess;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import org.pelluna.core.arrival.Arrival;
import org.pelluna.core.plan.Approaches;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.TankPlan;

/**
 * The one house rule that decides a far date: the plan is judged again with each of the other answers, and the one that moves the last arrival
 * forward most is named.
 *
 * @param question what keepers disagree on
 * @param chosen the answer in force
 * @param other the answer that would bring the last arrival soonest
 * @param names the last arrival
 * @param date its day
 * @param soonest its day by the other answer
 */
public record DecidingDefault(
        String question, String chosen, String other, String names, LocalDate date, LocalDate soonest) {
    /** From so many days on a date is far. */
    private static final int FAR_DAYS = 180;

    private static final int WORTH_DAYS = 28;

    /** One answer in the place of another. */
    private record Change(String question, String chosen, String other, HouseRules rules) {}

    /**
     * The rule that decides the last date of a plan; empty if that date is near, or no single answer moves it by four weeks.
     *
     * @param judge judges a plan as this one was judged
     */
    public static Optional<DecidingDefault> of(Assessment assessment, Function<TankPlan, Assessment> judge) {
        TankPlan plan = assessment.stock().plan();
        List<Arrival> arrivals = assessment.order().arrivals();
        if (arrivals.isEmpty() || !last(arrivals).isAfter(plan.asOf().plusDays(FAR_DAYS))) {
            return Optional.empty();
        }
        LocalDate last = last(arrivals);
        String names = arrivals.get(arrivals.size() - 1).names();
        return changes(plan.houseRules()).stream()
                .map(change -> {
                    List<Arrival> then = judge.apply(plan.withHouseRules(change.rules()))
                            .order()
                            .arrivals();
                    boolean all = then.size() >= arrivals.size();
                    return new DecidingDefault(
                            change.question(), change.chosen(), change.other(), names, last, all ? last(then) : last);
                })
                .filter(one -> ChronoUnit.DAYS.between(one.soonest(), last) >= WORTH_DAYS)
                .min(Comparator.comparing(DecidingDefault::soonest));
    }

    private static LocalDate last(List<Arrival> arrivals) {
        return arrivals.get(arrivals.size() - 1).date();
    }

    private static List<Change> changes(HouseRules rules) {
        Approaches approaches = rules.approaches();
        List<Change> changes = new ArrayList<>();
        changes.addAll(answers(
                rules,
                "What sets the limit?",
                approaches.ceiling(),
                Approaches.Ceiling.values(),
                approaches::withCeiling));
        changes.addAll(answers(
                rules,
                "When may the next fish arrive?",
                approaches.pause(),
                Approaches.Pause.values(),
                approaches::withPause));
        changes.addAll(answers(
                rules,
                "What quarantine?",
                approaches.quarantine(),
                Approaches.Quarantine.values(),
                approaches::withQuarantine));
        HouseRules.Capacity capacity = rules.capacity();
        if (approaches.ceiling() == Approaches.Ceiling.INCHES
                && capacity.gallonsPerInchNew() > capacity.gallonsPerInchMature()) {
            changes.add(new Change(
                    "When does the tank count as mature?",
                    "after " + capacity.matureAfterMonths() + " months",
                    "after half of that",
                    rules.withCapacity(capacity.withMatureAfterMonths(capacity.matureAfterMonths() / 2))));
        }
        return changes;
    }

    private static <T extends Approaches.Answer> List<Change> answers(
            HouseRules rules, String question, T chosen, T[] all, Function<T, Approaches> with) {
        return Stream.of(all)
                .filter(one -> one != chosen)
                .map(one -> new Change(question, chosen.words(), one.words(), rules.withApproaches(with.apply(one))))
                .toList();
    }
}
