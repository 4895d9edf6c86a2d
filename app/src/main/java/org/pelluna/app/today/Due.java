package org.pelluna.app.today;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.pelluna.core.arrival.ArrivalCalendar;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.finding.Sentence;
import org.pelluna.core.forecast.Future;
import org.pelluna.core.forecast.Outgrown;
import org.pelluna.core.lessons.Crew;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.WaterTest;
import org.pelluna.core.shop.PlannedCrew;
import org.pelluna.core.units.Numbers;
import org.pelluna.core.units.Quantity;
import org.pelluna.core.watch.RollCall;
import org.pelluna.core.watch.Task;

/**
 * Something due in a tank.
 *
 * @param on the day
 * @param words what
 * @param place where it is done, below the tank's address
 * @param task key of the task it is, if it is one
 */
record Due(LocalDate on, Sentence words, String place, Optional<String> task) {
    private static final int AHEAD = 14;
    private static final int ROLL_CALL_DAYS = 7;
    private static final int NEW_DAYS = 3;
    private static final int NITRATE_DAYS = 14;

    private Due(LocalDate on, String words, String place, Optional<String> task) {
        this(on, Sentence.of(words), place, task);
    }

    /** Whether it should have been done before today. */
    boolean isLate(LocalDate today) {
        return on.isBefore(today);
    }

    /**
     * The first sentence about a tank: what to do today, or how long there is nothing to do.
     *
     * @param due everything due, the soonest first
     */
    static Sentence lead(List<Due> due, LocalDate today) {
        List<Due> now = due.stream().filter(one -> !one.on().isAfter(today)).toList();
        if (now.isEmpty()) {
            return Sentence.of(
                    due.isEmpty()
                            ? "Nothing to do in the next two weeks."
                            : "Nothing to do until " + due.get(0).on() + ".");
        }
        return now.size() == 1
                ? Sentence.of("Today: ", now.get(0).words(), ".")
                : Sentence.of(
                        "Today: ", now.get(0).words(), ", and " + Numbers.count(now.size() - 1, "more task") + ".");
    }

    /** Everything due in a tank in the next two weeks, the soonest first. */
    static List<Due> of(Assessment assessment) {
        TankPlan plan = assessment.stock().plan();
        LocalDate today = plan.asOf();
        List<Due> due = new ArrayList<>();
        for (Task task : plan.observations().tasks()) {
            if (!task.done() && !task.on().isAfter(today.plusDays(AHEAD)) && !lapsed(task, plan)) {
                due.add(new Due(task.on(), task.words(), "/watch", Optional.of(task.id())));
            }
        }
        arrivals(assessment, today, due);
        rollCall(plan, today).ifPresent(due::add);
        tests(plan, today, due);
        for (Crew one : Crew.of(assessment.stock())) {
            if (!one.restockOn().isAfter(today.plusDays(AHEAD))) {
                due.add(new Due(
                        one.restockOn(),
                        Sentence.of(
                                "Restock " + one.name() + ", at night",
                                one.safeCm()
                                        .map(cm -> Sentence.of(", larger than ", Quantity.cm(cm)))
                                        .orElse(Sentence.of())),
                        "/losses/crew",
                        Optional.empty()));
            }
        }
        for (PlannedCrew one : PlannedCrew.of(assessment.stock())) {
            one.from()
                    .filter(day -> !day.isAfter(today.plusDays(AHEAD)))
                    .ifPresent(
                            day -> due.add(new Due(day, "Look for " + one.words(), "/losses/crew", Optional.empty())));
        }
        for (Outgrown one : Future.outgrowing(assessment.stock())) {
            if (!one.lookFrom().isAfter(today.plusDays(AHEAD))) {
                due.add(new Due(one.lookFrom(), one.task(), "/headroom", Optional.empty()));
            }
        }
        due.sort(Comparator.comparing(Due::on));
        return due;
    }

    /** A task about a fish that has gone is no task any more. */
    private static boolean lapsed(Task task, TankPlan plan) {
        return task.fishId()
                .flatMap(id -> plan.residents().stream()
                        .filter(fish -> fish.id().equals(id))
                        .findFirst())
                .filter(fish -> !fish.belongsHere(plan.asOf()))
                .isPresent();
    }

    private static void arrivals(Assessment assessment, LocalDate today, List<Due> due) {
        for (ArrivalCalendar.Lane lane :
                ArrivalCalendar.of(assessment.stock(), assessment.order(), assessment.planned())) {
            String sheet = "/arrivals/" + lane.arrival().wishIds().get(0) + "/run-sheet";
            for (ArrivalCalendar.Span span : lane.spans()) {
                boolean soon = !span.from().isAfter(today.plusDays(AHEAD))
                        && !span.to().isBefore(today);
                switch (span.kind()) {
                    case LOOK -> {
                        if (soon) {
                            due.add(new Due(
                                    span.from(), "Look for " + lane.arrival().names(), "/shop", Optional.empty()));
                        }
                    }
                    case RELEASE -> {
                        if (soon && !span.from().isBefore(today)) {
                            due.add(new Due(
                                    span.from(),
                                    "Release " + lane.arrival().names() + " at lights-out",
                                    sheet,
                                    Optional.empty()));
                        }
                    }
                    case QUARANTINE, RAMP, BOX, WATCH -> {}
                }
            }
        }
    }

    private static Optional<Due> rollCall(TankPlan plan, LocalDate today) {
        if (plan.residents().stream().noneMatch(one -> one.livesHere(today))) {
            return Optional.empty();
        }
        LocalDate last = plan.observations().rollCalls().stream()
                .map(RollCall::at)
                .map(at -> at.toLocalDate())
                .max(LocalDate::compareTo)
                .orElse(today.minusDays(ROLL_CALL_DAYS));
        boolean fresh = plan.residents().stream()
                .filter(one -> one.livesHere(today))
                .map(Resident::arrivedOn)
                .anyMatch(day -> ChronoUnit.DAYS.between(day, today) <= NEW_DAYS && !last.isAfter(day));
        LocalDate on = fresh ? today : last.plusDays(ROLL_CALL_DAYS);
        return on.isAfter(today.plusDays(1))
                ? Optional.empty()
                : Optional.of(new Due(
                        on, "Roll call: see everyone, and see everyone eat", "/watch/roll-call", Optional.empty()));
    }

    private static void tests(TankPlan plan, LocalDate today, List<Due> due) {
        Optional<LocalDate> arrived = plan.residents().stream()
                .filter(one -> one.livesHere(today))
                .map(Resident::arrivedOn)
                .max(LocalDate::compareTo)
                .filter(day -> ChronoUnit.DAYS.between(day, today) <= ROLL_CALL_DAYS);
        arrived.filter(day -> last(plan, WaterTest.Kind.AMMONIA)
                        .filter(test -> test.isAfter(day))
                        .isEmpty())
                .ifPresent(day -> due.add(new Due(
                        day.plusDays(1), "Test ammonia and nitrite after the arrival", "/water", Optional.empty())));
        if (plan.residents().stream().anyMatch(one -> one.livesHere(today))) {
            LocalDate nitrate = last(plan, WaterTest.Kind.NITRATE)
                    .map(day -> day.plusDays(NITRATE_DAYS))
                    .orElse(today);
            if (!nitrate.isAfter(today.plusDays(2))) {
                due.add(new Due(nitrate, "Test nitrate and phosphate", "/water", Optional.empty()));
            }
        }
    }

    private static Optional<LocalDate> last(TankPlan plan, WaterTest.Kind kind) {
        return plan.waterTests().stream()
                .filter(test -> test.kind() == kind)
                .map(WaterTest::on)
                .max(LocalDate::compareTo);
    }
}
