package org.pelluna.core.tension;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.units.Dates;
import org.pelluna.core.units.Numbers;

/**
 * Which of the ways to help an attacked fish its keeper should take.
 *
 * @param best the one that is recommended; empty where the fish is alone
 * @param helping the others that leave it less attacked than waiting, those that end it first; waiting among them unless it is hurt
 * @param idle those that change little or make it worse
 * @param sentence what to do first, in two sentences at most
 */
public record RemedyAdvice(
        Optional<RemedyOption> best, List<RemedyOption> helping, List<RemedyOption> idle, String sentence) {

    /** Ways that part the two at once and can be taken back: what keepers do first after a wound (common practice). */
    private static final Set<RemedyOption.Way> PARTING =
            EnumSet.of(RemedyOption.Way.BULLY_OUT, RemedyOption.Way.OTHER_TANK, RemedyOption.Way.BOX);

    /** Share of what waiting leaves above which a way counts as no help; ours, below what the model can tell apart. */
    private static final double NO_HELP = 0.9;

    /** How many times the mark of care a first week may bring, if it settles by itself; ours. */
    private static final double SETTLES = 2;

    /** What to do for a fish of a plan. */
    public static RemedyAdvice of(ResolvedPlan stock, Fish fish) {
        List<RemedyOption> all = RemedyOption.of(stock, fish);
        if (stock.residents().size() < 2 || all.isEmpty()) {
            return new RemedyAdvice(Optional.empty(), List.of(), all, "");
        }
        double careful = stock.plan().houseRules().weights().carefulPerHour();
        boolean hurt = new RemedyOptions(stock, fish).isHurt();
        RemedyOption wait = all.stream()
                .filter(one -> one.way() == RemedyOption.Way.WAIT)
                .findFirst()
                .orElseThrow();
        RemedyOption best = best(all, wait, careful, hurt);
        List<RemedyOption> others = all.stream()
                .filter(one -> one.way() != best.way())
                .sorted(Comparator.comparingDouble(RemedyOption::later).thenComparing(RemedyOption::way))
                .toList();
        return new RemedyAdvice(
                Optional.of(best),
                others.stream()
                        .filter(one -> helps(one, wait) && !(hurt && one.way() == wait.way()))
                        .toList(),
                others.stream()
                        .filter(one -> !helps(one, wait) || (hurt && one.way() == wait.way()))
                        .toList(),
                sentence(stock.plan().asOf(), fish, best, wait, hurt));
    }

    private static boolean helps(RemedyOption one, RemedyOption wait) {
        return one.way() == wait.way()
                || Math.max(one.pressure(), one.later()) < NO_HELP * Math.max(wait.pressure(), wait.later());
    }

    /**
     * After a wound or a pinning, the act that parts the two and leaves least; else to wait where few attacks are expected, now or once they have
     * settled, and otherwise the mildest way that leaves few.
     */
    private static RemedyOption best(List<RemedyOption> all, RemedyOption wait, double careful, boolean hurt) {
        if (hurt) {
            // Another tank ends it for sure, but not everybody has one: first the bully out, if that is enough.
            return all.stream()
                    .filter(one -> one.way() == RemedyOption.Way.BULLY_OUT && one.later() < careful)
                    .findFirst()
                    .or(() -> all.stream()
                            .filter(one -> PARTING.contains(one.way()) && one.reversible())
                            .min(Comparator.comparingDouble(RemedyOption::later).thenComparing(RemedyOption::way)))
                    .orElse(wait);
        }
        if (wait.pressure() < careful || (wait.later() < careful && wait.pressure() < SETTLES * careful)) {
            return wait;
        }
        return all.stream()
                .filter(one -> one.way() != wait.way() && one.later() < careful && helps(one, wait))
                .findFirst()
                .or(() -> all.stream()
                        .filter(one -> helps(one, wait))
                        .min(Comparator.comparingDouble(RemedyOption::later).thenComparing(RemedyOption::way)))
                .orElse(wait);
    }

    private static String sentence(LocalDate today, Fish fish, RemedyOption best, RemedyOption wait, boolean hurt) {
        if (best.way() == RemedyOption.Way.WAIT) {
            return "Wait: expect about " + attacks(best.later()) + " an hour on " + fish.name() + " in three weeks.";
        }
        RemedyOption.Step first = best.steps().get(0);
        String when = Dates.distance(today.plusDays(first.inDays()), today);
        String act = first.words().substring(0, 1).toLowerCase(Locale.ROOT)
                + first.words().substring(1);
        return (first.inDays() == 0 ? "Today" : "From " + when) + ": " + act + ". Then expect about "
                + attacks(best.later()) + " an hour on " + fish.name() + " in three weeks"
                + (hurt ? "." : ", instead of " + Numbers.significant(wait.later()) + ".");
    }

    private static String attacks(double perHour) {
        String number = Numbers.significant(perHour);
        return number + (number.equals("1") ? " attack" : " attacks");
    }
}
