package org.pelluna.core.assess;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import org.pelluna.core.arrival.Arrival;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.shortlist.Verdict;
import org.pelluna.core.tank.Guess;
import org.pelluna.core.tank.Tank;
import org.pelluna.core.units.Numbers;

/**
 * What a guess could change: each is put at the least and at the most that is plausible, one at a time, and the plan is judged anew.
 *
 * @param guess the figure
 * @param value what is used
 * @param verdicts wishes whose verdict would be another at the least or at the most
 * @param reordered whether the order of those that keep a date would be another
 * @param days by how many days an arrival would come sooner or later at most
 */
public record Sharpening(Guess guess, double value, int verdicts, boolean reordered, long days) {

    /** The weightiest first; those that change nothing last. */
    private static final Comparator<Sharpening> WEIGHT = Comparator.<Sharpening>comparingInt(one -> -one.verdicts)
            .thenComparing(one -> !one.reordered)
            .thenComparing(one -> -one.days)
            .thenComparing(Sharpening::guess);

    /**
     * Every open guess of a plan's tank.
     *
     * @param now the plan as judged
     * @param judge judges another plan in the same way
     */
    public static List<Sharpening> of(Assessment now, Function<TankPlan, Assessment> judge) {
        TankPlan plan = now.stock().plan();
        Tank tank = plan.tank();
        List<Sharpening> all = new ArrayList<>();
        for (Guess guess : tank.openGuesses()) {
            List<Assessment> others = new ArrayList<>();
            for (double value : new double[] {guess.low(), guess.high()}) {
                guess.with(tank, value).ifPresent(other -> others.add(judge.apply(plan.withTank(other))));
            }
            all.add(of(guess, guess.of(tank), now, others));
        }
        all.sort(WEIGHT);
        return all;
    }

    private static Sharpening of(Guess guess, double value, Assessment now, List<Assessment> others) {
        return new Sharpening(
                guess,
                value,
                (int) verdicts(now).entrySet().stream()
                        .filter(one -> others.stream()
                                .anyMatch(other -> verdicts(other).get(one.getKey()) != one.getValue()))
                        .count(),
                others.stream().anyMatch(other -> isReordered(now, other)),
                others.stream().mapToLong(other -> shift(now, other)).max().orElse(0));
    }

    /**
     * Whether guesses that change nothing one at a time change nothing together: all at their least, all at their most, and every second of them
     * at the other end. Other mixtures are not tried.
     *
     * @param idle guesses that change nothing by themselves
     */
    public static boolean idleTogether(Assessment now, List<Guess> idle, Function<TankPlan, Assessment> judge) {
        TankPlan plan = now.stock().plan();
        for (int way = 0; way < 4 && idle.size() > 1; way++) {
            Tank tank = plan.tank();
            for (int i = 0; i < idle.size(); i++) {
                boolean high = way < 2 ? way == 1 : (i + way) % 2 == 0;
                Guess guess = idle.get(i);
                tank = guess.with(tank, high ? guess.high() : guess.low()).orElse(tank);
            }
            if (of(idle.get(0), 0, now, List.of(judge.apply(plan.withTank(tank))))
                    .matters()) {
                return false;
            }
        }
        return true;
    }

    /** Whether it could change anything. */
    public boolean matters() {
        return verdicts > 0 || reordered || days > 0;
    }

    /** What it could change, in a sentence. */
    public String words() {
        List<String> changes = new ArrayList<>();
        if (verdicts > 0) {
            changes.add("the verdict on " + Numbers.count(verdicts, "wish", "wishes"));
        }
        if (reordered) {
            changes.add("the order");
        }
        if (days > 0) {
            changes.add("a date by up to " + Numbers.count(days, "day"));
        }
        return changes.isEmpty() ? "It changes nothing." : "It could change " + String.join(", and ", changes) + ".";
    }

    private static Map<WishId, Verdict> verdicts(Assessment assessment) {
        Map<WishId, Verdict> verdicts = new HashMap<>();
        assessment.judgements().forEach(one -> verdicts.put(one.wished().wish().id(), one.verdict()));
        return verdicts;
    }

    private static Map<WishId, LocalDate> dates(Assessment assessment) {
        Map<WishId, LocalDate> dates = new HashMap<>();
        for (Arrival arrival : assessment.order().arrivals()) {
            arrival.wishIds().forEach(wish -> dates.put(wish, arrival.date()));
        }
        return dates;
    }

    private static boolean isReordered(Assessment one, Assessment other) {
        return !order(one, dates(other).keySet()).equals(order(other, dates(one).keySet()));
    }

    private static List<WishId> order(Assessment assessment, java.util.Set<WishId> among) {
        return assessment.order().arrivals().stream()
                .flatMap(arrival -> arrival.wishIds().stream())
                .filter(among::contains)
                .toList();
    }

    private static long shift(Assessment one, Assessment other) {
        Map<WishId, LocalDate> before = dates(one);
        return dates(other).entrySet().stream()
                .filter(entry -> before.containsKey(entry.getKey()))
                .mapToLong(entry -> Math.abs(
                        ChronoUnit.DAYS.between(Objects.requireNonNull(before.get(entry.getKey())), entry.getValue())))
                .max()
                .orElse(0);
    }
}
