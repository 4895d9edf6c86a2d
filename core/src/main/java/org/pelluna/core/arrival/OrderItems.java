package org.pelluna.core.arrival;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.pelluna.core.finding.Figure;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.forecast.WaterReserve;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.Schedule;
import org.pelluna.core.shortlist.Judgement;
import org.pelluna.core.units.Numbers;
import org.pelluna.core.water.Nitrification;

/**
 * The wishes of a plan that can be dated, and those that are held back, each told why.
 *
 * @param placed those to put in order
 * @param held those without a date
 */
record OrderItems(List<OrderItem> placed, List<ArrivalPlan.Held> held) {

    static OrderItems of(ResolvedPlan stock, List<Judgement> judgements, WaterReserve water) {
        List<OrderItem> placed = new ArrayList<>();
        List<ArrivalPlan.Held> held = new ArrayList<>();
        Quarantine quarantine = Quarantine.of(stock.plan());
        for (Judgement judgement : judgements) {
            if (judgement.inPlan()) {
                judgement
                        .undatedGate()
                        .or(() -> tooMany(placed))
                        .or(() -> noPlace(judgement, quarantine))
                        .ifPresentOrElse(
                                gate -> held.add(held(judgement, gate)),
                                () -> placed.add(unit(judgement, stock, quarantine)));
            }
        }
        return withoutTheUnbearable(stock, placed, held, water);
    }

    /** A wish whose waste the water bears at no place of any order is held back. */
    private static OrderItems withoutTheUnbearable(
            ResolvedPlan stock, List<OrderItem> placed, List<ArrivalPlan.Held> held, WaterReserve water) {
        if (placed.isEmpty()) {
            return new OrderItems(placed, held);
        }
        OrderProblem problem =
                new OrderProblem(stock, placed, OrderOptions.of(stock.plan().houseRules()), water);
        int reachable = problem.water().reachable();
        List<OrderItem> bearable = new ArrayList<>();
        for (int i = 0; i < placed.size(); i++) {
            OrderItem unit = placed.get(i);
            if ((reachable & 1 << i) != 0) {
                bearable.add(unit);
            } else {
                held.add(new ArrivalPlan.Held(
                        unit.wishId(),
                        unit.fish().name(),
                        tooMuchWaste(
                                unit.name(),
                                problem.water().nitrogen(1 << i),
                                problem.water().mostNitrogen(reachable))));
            }
        }
        return new OrderItems(bearable, held);
    }

    /** Why a group cannot come on one day. */
    static Finding tooMuchWaste(String names, double nitrogen, double most) {
        return Finding.of(
                        "water",
                        Severity.WAIT,
                        "Too many at once: " + names + " add " + Numbers.plain(nitrogen, 3)
                                + " mg/L of ammonia nitrogen a day, and the bacteria can handle "
                                + Numbers.plain(most, 3) + ".",
                        Nitrification.SOURCE,
                        List.of(
                                new Figure("added ammonia nitrogen", nitrogen, "mg/L a day", Nitrification.SOURCE),
                                new Figure("most the bacteria can handle", most, "mg/L a day", Nitrification.SOURCE)))
                .remedy("Add fewer at a time, let others arrive first, or feed less.");
    }

    private static ArrivalPlan.Held held(Judgement judgement, Finding gate) {
        return new ArrivalPlan.Held(
                judgement.wished().wish().id(), judgement.wished().fish().name(), gate);
    }

    /** Beyond what can be put in order at once, the later wishes are held back, and told why. */
    private static Optional<Finding> tooMany(List<OrderItem> units) {
        if (units.size() < OrderProblem.MOST_UNITS) {
            return Optional.empty();
        }
        return Optional.of(Finding.of(
                        "order",
                        Severity.WAIT,
                        "At most " + OrderProblem.MOST_UNITS + " wishes can be put in order at once.",
                        Provenance.own("a limit of the computation"),
                        List.of())
                .remedy("Drop or delete earlier wishes."));
    }

    private static Optional<Finding> noPlace(Judgement judgement, Quarantine quarantine) {
        int count = judgement.wished().count();
        if (quarantine.holds(count, 1)) {
            return Optional.empty();
        }
        int places = quarantine.tank().orElseThrow().places();
        return Optional.of(Finding.of(
                        "quarantine",
                        Severity.WAIT,
                        "The quarantine tank is too small: it has " + places + (places == 1 ? " place" : " places")
                                + " for " + count + " fish.",
                        Provenance.PRACTICE,
                        List.of(
                                Figure.measured("places in quarantine", places, ""),
                                Figure.measured("fish wished for together", count, "")))
                .remedy("Add fewer at a time, or have the shop quarantine them."));
    }

    private static OrderItem unit(Judgement judgement, ResolvedPlan stock, Quarantine quarantine) {
        ResolvedPlan.Wished wished = judgement.wished();
        WishId id = wished.wish().id();
        LocalDate today = stock.plan().asOf();
        Schedule schedule = stock.plan().schedule();
        int release = 0;
        String sentence = "";
        Optional<Finding> gate = judgement.lastGate();
        if (gate.isPresent()) {
            release = ArrivalOrder.days(today, gate.get().until().orElseThrow());
            sentence = gate.get().sentence();
        }
        // Who is put off waits all the same: whatever way is taken, its days count alike.
        int open = release;
        LocalDate wanted = schedule.notBefore().get(id);
        if (wanted != null && ArrivalOrder.days(today, wanted) > release) {
            release = ArrivalOrder.days(today, wanted);
            sentence = "You delayed it until then.";
        }
        LocalDate since = schedule.inQuarantine().get(id);
        if (since == null || quarantine.days() == 0) {
            return new OrderItem(wished.fish(), wished.count(), release, sentence, open, false);
        }
        LocalDate until = schedule.outOfQuarantine(id).orElse(since.plusDays(quarantine.days()));
        int out = ArrivalOrder.days(today, until);
        if (out > release) {
            release = out;
            sentence = "It has been in quarantine since " + since + " and stays until " + until + ".";
        }
        return new OrderItem(wished.fish(), wished.count(), release, sentence, open, true);
    }
}
