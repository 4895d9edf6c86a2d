package org.pelluna.app.demo;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.pelluna.core.id.WishId;
import org.pelluna.core.losses.Loss;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.Schedule;
import org.pelluna.core.plan.Setback;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.WaterTest;
import org.pelluna.core.watch.CrewCount;
import org.pelluna.core.watch.LogEntry;
import org.pelluna.core.watch.ObservationSession;
import org.pelluna.core.watch.Observations;
import org.pelluna.core.watch.Remedy;
import org.pelluna.core.watch.RollCall;
import org.pelluna.core.watch.Sign;
import org.pelluna.core.watch.Task;

/** Moves a demo plan in time, so that its story always ends today. */
final class DemoDates {
    private DemoDates() {}

    static TankPlan moved(TankPlan plan, LocalDate today) {
        long days = ChronoUnit.DAYS.between(plan.asOf(), today);
        return TankPlan.of(today, plan.tank().shiftedBy(days), plan.houseRules())
                .with(as -> as.residents(plan.residents().stream()
                                .map(one -> new Resident(
                                        one.id(),
                                        one.speciesId(),
                                        one.name(),
                                        one.arrivedOn().plusDays(days),
                                        one.lengthCm(),
                                        moved(one.leftOn(), days),
                                        one.individual(),
                                        one.coming(),
                                        one.life().map(noted -> noted.shiftedBy(days))))
                                .toList())
                        .wishes(plan.wishes())
                        .log(plan.log().stream()
                                .map(one -> new LogEntry(
                                        one.id(),
                                        one.at().plusDays(days),
                                        one.kind(),
                                        one.aggressorId(),
                                        one.fishId(),
                                        one.hardness(),
                                        one.place(),
                                        one.watchedMinutes(),
                                        one.note()))
                                .toList())
                        .losses(plan.losses().stream()
                                .map(one -> new Loss(
                                        one.id(),
                                        one.fishId(),
                                        one.on().plusDays(days),
                                        one.cause(),
                                        one.certainty(),
                                        one.price(),
                                        one.note(),
                                        one.evidence(),
                                        moved(one.lastSeen(), days),
                                        one.linkedTo()))
                                .toList())
                        .ownSpecies(plan.ownSpecies())
                        .schedule(moved(plan.schedule(), days))
                        .waterTests(plan.waterTests().stream()
                                .map(one -> new WaterTest(one.id(), one.on().plusDays(days), one.kind(), one.value()))
                                .toList())
                        .observations(moved(plan.observations(), days)));
    }

    private static Observations moved(Observations journal, long days) {
        return new Observations(
                journal.watches().stream()
                        .map(one -> new ObservationSession(
                                one.id(), one.start().plusDays(days), one.minutes(), one.note(), one.reason()))
                        .toList(),
                journal.rollCalls().stream()
                        .map(one -> new RollCall(one.id(), one.at().plusDays(days), one.found(), one.note()))
                        .toList(),
                journal.signs().stream()
                        .map(one -> new Sign(
                                one.id(), one.at().plusDays(days), one.fishId(), one.kind(), one.note(), one.photo()))
                        .toList(),
                journal.remedies().stream()
                        .map(one -> new Remedy(
                                one.id(),
                                one.kind(),
                                one.fishId(),
                                one.from().plusDays(days),
                                moved(one.until(), days),
                                one.note()))
                        .toList(),
                journal.crew().stream()
                        .map(one -> new CrewCount(
                                one.id(),
                                one.on().plusDays(days),
                                one.group(),
                                one.name(),
                                one.kind(),
                                one.count(),
                                one.smallestCm(),
                                one.by()))
                        .toList(),
                journal.tasks().stream()
                        .map(one -> new Task(one.id(), one.on().plusDays(days), one.words(), one.done(), one.fishId()))
                        .toList(),
                journal.unlearned(),
                journal.phases().stream().map(one -> one.later(days)).toList(),
                journal.crewPlans().stream().map(one -> one.later(days)).toList(),
                journal.crewEncounters().stream().map(one -> one.later(days)).toList(),
                journal.reservations().stream().map(one -> one.later(days)).toList(),
                journal.fallows().stream().map(one -> one.later(days)).toList());
    }

    private static Schedule moved(Schedule schedule, long days) {
        return schedule.with(as -> as.notBefore(moved(schedule.notBefore(), days))
                .inQuarantine(moved(schedule.inQuarantine(), days))
                .setbacks(schedule.setbacks().stream()
                        .map(one -> new Setback(
                                one.id(), one.on().plusDays(days), one.kind(), one.fish(), one.price(), one.note()))
                        .toList())
                .ticks(schedule.ticks().stream()
                        .map(one -> new Schedule.Tick(
                                one.wishId(), one.step(), one.at().plusDays(days)))
                        .toList())
                .boxChecks(schedule.boxChecks().stream()
                        .map(one ->
                                new Schedule.BoxCheck(one.wishId(), one.on().plusDays(days), one.attacked(), one.by()))
                        .toList()));
    }

    private static Map<WishId, LocalDate> moved(Map<WishId, LocalDate> dates, long days) {
        return dates.entrySet().stream()
                .collect(Collectors.toMap(
                        Map.Entry::getKey, one -> one.getValue().plusDays(days)));
    }

    private static Optional<LocalDate> moved(Optional<LocalDate> date, long days) {
        return date.map(day -> day.plusDays(days));
    }
}
