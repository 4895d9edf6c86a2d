package org.pelluna.core.tension;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.question.Answers;
import org.pelluna.core.watch.LogEntry;
import org.pelluna.core.watch.Sign;

/**
 * Something in the record that asks to be looked at now.
 *
 * @param kind what
 * @param fishId the fish it is about
 * @param since the day it began; with kind and fish it names the episode, so that it is told once
 * @param words what, and what to do
 */
public record Warning(Kind kind, FishId fishId, LocalDate since, String words) {

    private static final int FRESH_DAYS = 3;
    private static final int SIGN_DAYS = 7;
    private static final int HARRIED_DAYS = 7;
    private static final int REMEDY_DAYS = 28;

    /** What can ask to be looked at, the gravest first. */
    public enum Kind {
        MISSING,
        FIERCE,
        HURT,
        NOT_EATING,
        NOT_SETTLING,
        STEPPED_IN
    }

    /** The key of the episode. */
    public String episode() {
        return kind + " " + fishId + " " + since;
    }

    /** Every warning of a tank, the gravest first. */
    public static List<Warning> of(TankPlan plan) {
        return of(plan, Answers.WORKED_OUT);
    }

    /**
     * Every warning of a tank, the gravest first.
     *
     * @param answers works out courses and what remedies changed, or remembers it
     */
    public static List<Warning> of(TankPlan plan, Answers answers) {
        Map<FishId, String> names = new HashMap<>();
        plan.residents().forEach(one -> names.put(one.id(), one.name()));
        List<Warning> warnings = new ArrayList<>();
        List<LogEntry> recent = plan.log().stream()
                .filter(entry -> recent(entry.at().toLocalDate(), plan.asOf(), HARRIED_DAYS))
                .toList();
        for (Resident one : plan.residents()) {
            if (one.livesHere(plan.asOf())) {
                List<LogEntry> suffered = recent.stream()
                        .filter(entry -> entry.fishId().filter(one.id()::equals).isPresent())
                        .toList();
                RollCallWarnings.of(plan, one, suffered).ifPresent(warnings::add);
                fierce(plan, one, suffered, names, warnings);
                signs(plan, one, warnings);
            }
        }
        for (Settling one : Settling.of(plan, answers)) {
            if (one.settles() == Settling.State.NOT_SETTLING) {
                warnings.add(new Warning(
                        Kind.NOT_SETTLING,
                        one.victimId(),
                        one.since(),
                        names.get(one.victimId()) + " is not settling"
                                + one.aggressorId()
                                        .map(id -> ": " + names.get(id) + " keeps attacking it")
                                        .orElse("")
                                + ". Choose a remedy."));
            }
        }
        for (RemedyEffect one : RemedyEffect.of(plan, plan.asOf().minusDays(REMEDY_DAYS), answers)) {
            one.steppedIn()
                    .ifPresent(change -> warnings.add(new Warning(
                            Kind.STEPPED_IN,
                            change.aggressorId().orElseThrow(),
                            one.remedy().from(),
                            names.get(change.aggressorId().orElseThrow()) + " attacks more since “"
                                    + one.remedy().kind().words() + "”: " + RateChange.encounters(change.after())
                                    + " attacks, "
                                    + RateChange.encounters(change.before()) + " before.")));
        }
        Map<String, Warning> once = new java.util.LinkedHashMap<>();
        warnings.stream()
                .sorted(Comparator.comparing(Warning::kind).thenComparing(Warning::fishId))
                .forEach(one -> once.putIfAbsent(one.episode(), one));
        return List.copyOf(once.values());
    }

    private static boolean recent(LocalDate day, LocalDate today, int days) {
        return !day.isAfter(today) && day.plusDays(days).isAfter(today);
    }

    private static void fierce(
            TankPlan plan, Resident fish, List<LogEntry> suffered, Map<FishId, String> names, List<Warning> warnings) {
        Optional<LogEntry> worst = suffered.stream()
                .filter(entry -> recent(entry.at().toLocalDate(), plan.asOf(), FRESH_DAYS)
                        && (entry.kind() == LogEntry.Kind.PINNED
                                || entry.kind() == LogEntry.Kind.INJURY
                                || entry.hardness()
                                        .filter(hardness -> hardness == 3)
                                        .isPresent()))
                .max(Comparator.comparing(LogEntry::at));
        worst.ifPresent(entry -> warnings.add(new Warning(
                Kind.FIERCE,
                fish.id(),
                entry.at().toLocalDate(),
                fish.name() + " was attacked fiercely on " + entry.at().toLocalDate()
                        + entry.aggressorId().map(id -> " by " + names.get(id)).orElse("")
                        + ". Help it today: use the box, or take the attacker out.")));
    }

    private static void signs(TankPlan plan, Resident fish, List<Warning> warnings) {
        plan.observations().signs().stream()
                .filter(sign ->
                        sign.fishId().equals(fish.id()) && recent(sign.at().toLocalDate(), plan.asOf(), SIGN_DAYS))
                .max(Comparator.comparing(Sign::at))
                .ifPresent(sign -> warnings.add(new Warning(
                        Kind.HURT,
                        fish.id(),
                        sign.at().toLocalDate(),
                        fish.name() + " showed " + sign.kind().words() + " on "
                                + sign.at().toLocalDate() + ". See possible causes.")));
    }
}
