package org.pelluna.core.tension;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.Absence;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.watch.LogEntry;
import org.pelluna.core.watch.Remedy;

/**
 * The days that can tell whether a remedy helped: nothing else changed in the tank within them. An arrival, a fish of the fight that dies, is
 * sold or taken out, and another remedy each end them, so that a fight that is over because a fish is gone is not put down to the remedy.
 *
 * @param before first of the days before it, at most three weeks
 * @param act the day it began
 * @param afterFrom first of the days after it: that day, or the day a fish that was taken out is back
 * @param end the day after the last of the days after it, at most three weeks; not after {@code afterFrom} while the fish is out
 * @param untold why they tell nothing: another remedy is near, or who lives together changed on that very day; or a fish that was taken out is not back
 */
record RemedyWindow(
        LocalDate before, LocalDate act, LocalDate afterFrom, LocalDate end, Optional<RemedyEffect.Outcome> untold) {
    private static final int DAYS = 21;
    private static final int TOO_NEAR_DAYS = 3;

    static RemedyWindow of(TankPlan plan, Remedy remedy) {
        LocalDate act = remedy.from();
        LocalDate tomorrow = plan.asOf().plusDays(1);
        boolean takesOut = takesOut(remedy);
        Optional<LocalDate> back = takesOut ? back(plan, remedy) : Optional.of(act);
        LocalDate since = back.orElse(tomorrow);
        List<LocalDate> changes = changes(plan, remedy, takesOut);
        List<LocalDate> others = otherRemedies(plan, remedy);
        boolean mixed = others.stream().anyMatch(day -> near(day, act) || near(day, since))
                || changes.contains(act)
                || changes.contains(since);
        changes.addAll(others);
        LocalDate begin = act.minusDays(DAYS);
        LocalDate before = changes.stream()
                .filter(day -> day.isAfter(begin) && day.isBefore(act))
                .max(Comparator.naturalOrder())
                .orElse(begin);
        LocalDate over =
                takesOut ? tomorrow : remedy.until().map(day -> day.plusDays(1)).orElse(tomorrow);
        LocalDate latest = earliest(List.of(since.plusDays(DAYS), tomorrow, over));
        LocalDate end = changes.stream()
                .filter(day -> day.isAfter(since))
                .min(Comparator.naturalOrder())
                .filter(day -> day.isBefore(latest))
                .orElse(latest);
        Optional<RemedyEffect.Outcome> untold = back.isEmpty()
                ? Optional.of(RemedyEffect.Outcome.AWAY)
                : mixed ? Optional.of(RemedyEffect.Outcome.MIXED) : Optional.empty();
        return new RemedyWindow(before, act, since, end, untold);
    }

    private static boolean near(LocalDate day, LocalDate act) {
        return !day.isBefore(act.minusDays(TOO_NEAR_DAYS)) && !day.isAfter(act.plusDays(TOO_NEAR_DAYS));
    }

    private static LocalDate earliest(List<LocalDate> days) {
        return days.stream().min(Comparator.naturalOrder()).orElseThrow();
    }

    /** Whether the fish of a remedy is out of the company of the others while it lasts. */
    private static boolean takesOut(Remedy remedy) {
        return switch (remedy.kind()) {
            case BOX, BULLY_OUT, RIVALS_TOGETHER, GIVEN_UP -> true;
            case TRAP, MORE_FOOD, MORE_SHELTER, FRESH_ROCK, MIRROR, ROCK_MOVED -> false;
        };
    }

    /**
     * The day from which all that were taken out are with the others again: by their record, or the end of the remedy; empty while one is out,
     * or gone for good.
     */
    private static Optional<LocalDate> back(TankPlan plan, Remedy remedy) {
        List<Resident> meant = plan.residents().stream()
                .filter(one -> remedy.fishId().isEmpty()
                        || remedy.fishId().filter(one.id()::equals).isPresent())
                .toList();
        List<Absence> out = meant.stream()
                .flatMap(one -> one.noted().absences().stream())
                .filter(one -> near(one.from(), remedy.from()))
                .toList();
        boolean gone = remedy.fishId().isPresent() && meant.stream().noneMatch(one -> one.belongsHere(plan.asOf()));
        if (gone || out.stream().anyMatch(one -> one.until().isEmpty())) {
            return Optional.empty();
        }
        return out.stream()
                .flatMap(one -> one.until().stream())
                .max(Comparator.naturalOrder())
                .or(remedy::until);
    }

    /** Days on which who lives together changed: every arrival, and every fish of a fight that went or came back. */
    private static List<LocalDate> changes(TankPlan plan, Remedy remedy, boolean takesOut) {
        Set<FishId> fighters = new TreeSet<>();
        for (LogEntry entry : plan.log()) {
            if (entry.kind().hasAggressor()) {
                fighters.add(entry.aggressorId().orElseThrow());
                entry.fishId().ifPresent(fighters::add);
            }
        }
        List<LocalDate> changes = new ArrayList<>();
        for (Resident one : plan.residents()) {
            changes.add(one.arrivedOn());
            if (!fighters.contains(one.id())) {
                continue;
            }
            one.leftOn().ifPresent(changes::add);
            for (Absence away : one.noted().absences()) {
                boolean itsOwn = takesOut
                        && near(away.from(), remedy.from())
                        && remedy.fishId().filter(id -> !id.equals(one.id())).isEmpty();
                if (!itsOwn) {
                    changes.add(away.from());
                    away.until().ifPresent(changes::add);
                }
            }
        }
        return changes;
    }

    /** Days on which another remedy began, or was over. */
    private static List<LocalDate> otherRemedies(TankPlan plan, Remedy remedy) {
        List<LocalDate> days = new ArrayList<>();
        for (Remedy other : plan.observations().remedies()) {
            if (!other.id().equals(remedy.id())) {
                days.add(other.from());
                other.until().map(day -> day.plusDays(1)).ifPresent(days::add);
            }
        }
        return days;
    }
}
