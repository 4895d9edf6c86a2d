package org.pelluna.core.judge;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.pelluna.core.forecast.Outgrown;
import org.pelluna.core.id.FishId;
import org.pelluna.core.losses.Loss;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.pressure.Predation;
import org.pelluna.core.pressure.Pressure;
import org.pelluna.core.units.Dates;
import org.pelluna.core.units.Numbers;
import org.pelluna.core.watch.Grade;
import org.pelluna.core.watch.LogEntry;
import org.pelluna.core.watch.Sign;

/** One resident and all that is known. */
record ResidentReview(
        ResolvedPlan stock,
        Fish fish,
        Map<FishId, String> names,
        List<Pressure> pressures,
        List<Outgrown> outgrowing,
        List<Predation> meals) {
    /** Days for which a pinning or a wound asks for an act; common practice: injuries heal or get worse in about as long. */
    private static final int HARM_DAYS = 14;

    /** Days for which a sign of parasites asks for an act; the parasite's round takes no longer in warm water (common practice). */
    private static final int SIGN_DAYS = 14;

    /** Logged attacks by or on a fish from which it is worth a look; ours. */
    private static final long OFTEN = 3;

    private static final int KILLING_DAYS = 365;

    /** Days for which a killing asks for an act; later the keeper has decided, and it is kept in mind. Ours. */
    private static final int ACT_DAYS = 30;

    /** Days two fish must have lived together before it counts that the one has not eaten the other; ours. */
    private static final int PROVEN_DAYS = 365;

    ResidentVerdict verdict() {
        return hurt().or(this::killer)
                .or(this::spots)
                .or(this::eaten)
                .or(this::oftenLogged)
                .or(this::attacked)
                .or(this::outgrows)
                .orElse(new ResidentVerdict(fish, Standing.FINE, "", ""));
    }

    private LocalDate day() {
        return stock.plan().asOf();
    }

    private boolean isRecent(LocalDate on, int days) {
        return !on.isAfter(day()) && on.plusDays(days).isAfter(day());
    }

    private String name(FishId id) {
        return Optional.ofNullable(names.get(id)).orElse("another fish");
    }

    private ResidentVerdict act(String reason, String step) {
        return new ResidentVerdict(fish, Standing.ACT, reason, step);
    }

    private ResidentVerdict watch(String reason, String step) {
        return new ResidentVerdict(fish, Standing.WATCH, reason, step);
    }

    private boolean livesHere(FishId id) {
        return stock.residents().stream().anyMatch(one -> one.id().equals(id));
    }

    /** Pinned or wounded lately by a fish that is still here. */
    private Optional<ResidentVerdict> hurt() {
        return stock.plan().log().stream()
                .filter(entry -> entry.fishId().filter(fish.id()::equals).isPresent())
                .filter(entry -> isRecent(entry.at().toLocalDate(), HARM_DAYS))
                .filter(entry -> Grade.of(entry)
                        .filter(grade -> grade == Grade.PIN || grade == Grade.WOUND)
                        .isPresent())
                .filter(entry -> livesHere(entry.aggressorId().orElseThrow()))
                .max(Comparator.comparing(LogEntry::at))
                .map(entry -> {
                    String by = name(entry.aggressorId().orElseThrow());
                    boolean wound = Grade.of(entry).orElseThrow() == Grade.WOUND;
                    return act(
                            by + (wound ? " wounded " : " pinned ") + fish.name() + " "
                                    + Dates.day(entry.at().toLocalDate(), day()) + ".",
                            "Take " + by + " out today, or put " + fish.name() + " into a box.");
                });
    }

    private Optional<ResidentVerdict> killer() {
        return stock.plan().losses().stream()
                .filter(loss -> loss.cause() == Loss.Cause.AGGRESSION || loss.cause() == Loss.Cause.PREDATION)
                .filter(loss -> loss.linkedTo().filter(fish.id()::equals).isPresent())
                .filter(loss -> isRecent(loss.on(), KILLING_DAYS))
                .max(Comparator.comparing(Loss::on))
                .map(loss -> new ResidentVerdict(
                        fish,
                        isRecent(loss.on(), ACT_DAYS) ? Standing.ACT : Standing.WATCH,
                        fish.name() + (loss.cause() == Loss.Cause.AGGRESSION ? " killed " : " ate ")
                                + name(loss.fishId()) + " " + Dates.day(loss.on(), day()) + ".",
                        "Find " + fish.name() + " a new home before you add a similar fish."));
    }

    private Optional<ResidentVerdict> spots() {
        return stock.plan().observations().signs().stream()
                .filter(sign ->
                        sign.kind() == Sign.Kind.WHITE_SPOTS && sign.fishId().equals(fish.id()))
                .filter(sign -> isRecent(sign.at().toLocalDate(), SIGN_DAYS))
                .max(Comparator.comparing(Sign::at))
                .map(sign -> act(
                        fish.name() + " had white spots " + Dates.day(sign.at().toLocalDate(), day()) + ".",
                        "Look at every fish today, and ask a vet about treatment in quarantine."));
    }

    /** In danger of being swallowed now; years together count as evidence that it is not. */
    private Optional<ResidentVerdict> eaten() {
        return meals.stream()
                .filter(meal -> meal.preyId().equals(fish.id()) && !meal.from().isAfter(day()))
                .findFirst()
                .map(meal -> {
                    String reason = name(meal.predatorId()) + " can swallow " + fish.name() + ".";
                    return daysWith(meal.predatorId()) >= PROVEN_DAYS
                            ? watch(reason, "They have lived together for a year; keep the larger one well fed.")
                            : act(reason, "Move one of the two to another tank.");
                });
    }

    private long daysWith(FishId other) {
        LocalDate later = stock.residents().stream()
                .filter(one -> one.id().equals(other) || one.id().equals(fish.id()))
                .map(Fish::arrivesOn)
                .max(Comparator.naturalOrder())
                .orElse(day());
        return ChronoUnit.DAYS.between(later, day());
    }

    /** Attacks that were logged often lately: on it first, or else by it. */
    private Optional<ResidentVerdict> oftenLogged() {
        List<LogEntry> lately = stock.plan().log().stream()
                .filter(entry -> isRecent(entry.at().toLocalDate(), HARM_DAYS))
                .filter(entry ->
                        Grade.of(entry).filter(grade -> grade != Grade.DISPLAY).isPresent())
                .filter(entry -> entry.aggressorId().filter(this::livesHere).isPresent()
                        && entry.fishId().filter(this::livesHere).isPresent())
                .toList();
        return often(lately, LogEntry::fishId, " was attacked ")
                .or(() -> often(lately, LogEntry::aggressorId, " attacked others "));
    }

    private Optional<ResidentVerdict> often(
            List<LogEntry> lately, Function<LogEntry, Optional<FishId>> which, String did) {
        long times = lately.stream()
                .filter(entry -> which.apply(entry).filter(fish.id()::equals).isPresent())
                .count();
        return times < OFTEN
                ? Optional.empty()
                : Optional.of(watch(
                        fish.name() + did + times + " times in the last two weeks of your log.",
                        "See What now for what would help."));
    }

    private Optional<ResidentVerdict> attacked() {
        double careful = stock.plan().houseRules().weights().carefulPerHour();
        return pressures.stream()
                .filter(one -> one.victimId().equals(fish.id()) && one.perHour() >= careful)
                .max(Comparator.comparingDouble(Pressure::perHour))
                .map(one -> watch(
                        "Expect " + name(one.aggressorId()) + " to attack " + fish.name() + " about "
                                + Numbers.significant(one.perHour()) + " times an hour.",
                        "Watch them for ten minutes and log what you see."));
    }

    private Optional<ResidentVerdict> outgrows() {
        return outgrowing.stream()
                .filter(one ->
                        one.fish().id().equals(fish.id()) && !one.lookFrom().isAfter(day()))
                .findFirst()
                .map(one -> watch(
                        one.on().isAfter(day())
                                ? fish.name() + " outgrows this tank about " + one.on() + "."
                                : fish.name() + " is too large for this tank.",
                        one.task() + "."));
    }
}
