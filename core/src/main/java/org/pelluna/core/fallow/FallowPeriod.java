package org.pelluna.core.fallow;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.units.Dates;
import org.pelluna.core.watch.Fallow;
import org.pelluna.core.watch.Parasite;

/**
 * How far a display without fish has come. The days count from when the last fish was out, also if that was before the keeper said why; each
 * fish that is put in ends them.
 *
 * @param fallow what the keeper decided
 * @param state how far it is
 * @param since the first day without fish; the day of the plan while some are still in
 * @param safeOn the first day on which fish may come back
 * @param fish the names of those in the display that matter: still in, or put in too early; empty otherwise
 */
public record FallowPeriod(Fallow fallow, State state, LocalDate since, LocalDate safeOn, List<String> fish) {
    public FallowPeriod {
        fish = List.copyOf(fish);
    }

    /** How far a display without fish is. */
    public enum State {
        /** Some fish have not been taken out yet: no day counts. */
        STILL_FISH,
        WAITING,
        /** The parasite has died out; no fish has come back yet. */
        SAFE,
        /** A fish was put in too early. */
        ENDED_EARLY
    }

    /**
     * The period that a plan is in on its day; empty if the keeper decided none, or if fish came back when it was safe.
     *
     * @param plan a display; the latest decision counts
     */
    public static Optional<FallowPeriod> of(TankPlan plan) {
        return plan.observations().fallows().stream()
                .filter(one -> !one.on().isAfter(plan.asOf()))
                .max(Comparator.comparing(Fallow::on).thenComparing(Fallow::id))
                .flatMap(fallow -> of(plan, fallow));
    }

    private static Optional<FallowPeriod> of(TankPlan plan, Fallow fallow) {
        LocalDate today = plan.asOf();
        int days = days(plan, fallow.parasite());
        LocalDate since = emptySince(plan, fallow.on());
        List<Resident> inside =
                plan.residents().stream().filter(one -> one.livesHere(today)).toList();
        List<String> names = inside.stream().map(Resident::name).toList();
        if (inside.isEmpty()) {
            LocalDate run = lastOut(plan, today);
            LocalDate from = run.equals(LocalDate.MIN) ? fallow.on() : run;
            LocalDate safe = from.plusDays(days);
            return Optional.of(
                    new FallowPeriod(fallow, safe.isAfter(today) ? State.WAITING : State.SAFE, from, safe, List.of()));
        }
        if (since.isAfter(today)) {
            return Optional.of(new FallowPeriod(fallow, State.STILL_FISH, today, today.plusDays(days), names));
        }
        LocalDate safe = since.plusDays(days);
        List<String> early = inside.stream()
                .filter(one -> one.hereSince(today).isBefore(safe))
                .map(Resident::name)
                .toList();
        return early.isEmpty()
                ? Optional.empty()
                : Optional.of(new FallowPeriod(fallow, State.ENDED_EARLY, since, safe, early));
    }

    /** Days without fish that the water of a plan asks for. */
    public static int days(TankPlan plan, Parasite parasite) {
        return parasite.daysWithoutFish(plan.tank().regime().temperatureCelsius());
    }

    /** The first day without fish, of the decision or after it; the day after today where there was none. */
    private static LocalDate emptySince(TankPlan plan, LocalDate decided) {
        LocalDate today = plan.asOf();
        for (LocalDate day = decided; !day.isAfter(today); day = day.plusDays(1)) {
            LocalDate on = day;
            if (plan.residents().stream().noneMatch(one -> one.livesHere(on))) {
                LocalDate out = lastOut(plan, on);
                return out.equals(LocalDate.MIN) ? on : out;
            }
        }
        return today.plusDays(1);
    }

    /** The day on which the last fish was out, of those that were in before a day without fish; {@link LocalDate#MIN} if none ever was. */
    private static LocalDate lastOut(TankPlan plan, LocalDate day) {
        return plan.residents().stream()
                .flatMap(one -> one.stays().stream())
                .flatMap(stay -> stay.leftOn().stream())
                .filter(out -> !out.isAfter(day))
                .max(Comparator.naturalOrder())
                .orElse(LocalDate.MIN);
    }

    /** What it means today, in a sentence or two. */
    public String sentence(LocalDate today) {
        String disease = fallow.parasite().words();
        return switch (state) {
            case STILL_FISH ->
                "Take " + names() + " out: the " + length() + " days without fish begin when the last one has left.";
            case WAITING ->
                "Keep the display without fish until " + Dates.day(safeOn, today) + ": by then " + disease
                        + " should have died out.";
            case SAFE -> "Fish may go back: the display was without fish for " + length() + " days.";
            case ENDED_EARLY ->
                names() + (fish.size() == 1 ? " was" : " were") + " put in too early: " + disease
                        + " may have survived. Take " + (fish.size() == 1 ? "it" : "them") + " out; the " + length()
                        + " days then begin again.";
        };
    }

    /** Days that it takes. */
    public int length() {
        return (int) ChronoUnit.DAYS.between(since, safeOn);
    }

    private String names() {
        return fish.size() <= 3
                ? String.join(", ", fish.subList(0, fish.size() - 1))
                        + (fish.size() > 1 ? " and " : "")
                        + fish.get(fish.size() - 1)
                : fish.get(0) + " and " + (fish.size() - 1) + " others";
    }
}
