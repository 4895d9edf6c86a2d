package org.pelluna.core.arrival;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.pelluna.core.finding.Figure;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.forecast.WaterFit;
import org.pelluna.core.forecast.WaterReserve;
import org.pelluna.core.plan.Approaches;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.shortlist.Judgement;
import org.pelluna.core.units.Numbers;
import org.pelluna.core.water.Nitrification;

/** Puts the wishes of a plan in order and dates them. */
public final class ArrivalOrder {
    private ArrivalOrder() {}

    /**
     * The order of the wishes that are in the plan: the keeper's own, or the best.
     *
     * @param stock the plan
     * @param judgements what the shortlist says of each wish
     */
    public static ArrivalPlan of(ResolvedPlan stock, List<Judgement> judgements) {
        return of(stock, judgements, WaterReserve.of(stock, WaterFit.of(stock)));
    }

    /**
     * The same where it is known what the water bears.
     *
     * @param water the reserve of the same plan
     */
    public static ArrivalPlan of(ResolvedPlan stock, List<Judgement> judgements, WaterReserve water) {
        BorneOrder units = BorneOrder.of(stock, OrderItems.of(stock, judgements, water), water);
        OrderProblem problem = units.problem();
        FoundOrder best = units.found();
        OwnOrder own = OwnOrder.of(stock, units.placed(), water);
        boolean isOwn = !own.order().isEmpty();
        OrderProblem taken = isOwn ? own.problem() : problem;
        List<Integer> order = isOwn ? own.order() : best.order();
        List<Arrival> arrivals = arrivals(taken, order, stock.plan().asOf());
        Optional<ArrivalPlan.Return> back = own.out().filter(out -> isOwn).map(fish -> back(fish, arrivals));
        return new ArrivalPlan(
                back.isPresent() ? arrivals.subList(0, arrivals.size() - 1) : arrivals,
                taken.cost(order),
                isOwn ? OptionalDouble.empty() : best.gap(),
                isOwn ? Optional.of(problem.cost(best.order())) : Optional.empty(),
                units.held(),
                back,
                planFindings(stock, taken, order, isOwn));
    }

    /** The return of a resident: the last of the arrivals. */
    private static ArrivalPlan.Return back(Fish fish, List<Arrival> arrivals) {
        Arrival last = arrivals.get(arrivals.size() - 1);
        return new ArrivalPlan.Return(fish.id(), fish.name(), last.date(), last.boxDays());
    }

    static List<Arrival> arrivals(OrderProblem problem, List<Integer> order, LocalDate today) {
        List<Arrival> arrivals = new ArrayList<>();
        Reasons reasons = new Reasons(problem, order, today);
        for (OrderStep step : problem.steps(order)) {
            int group = step.group();
            arrivals.add(new Arrival(
                    arrivals.size() + 1,
                    today.plusDays(step.day()),
                    Groups.units(problem, group).stream().map(OrderItem::wishId).toList(),
                    Groups.names(problem, group),
                    problem.fish(group),
                    step.cost(),
                    problem.room(step.settled() | group, step.day()),
                    step.boxDays(),
                    reasons.of(arrivals.size(), step.settled(), step.ready())));
        }
        return arrivals;
    }

    private static List<Finding> planFindings(
            ResolvedPlan stock, OrderProblem problem, List<Integer> order, boolean own) {
        List<Finding> findings = new ArrayList<>();
        if (!order.isEmpty()) {
            StockingPause.byTest(stock).ifPresent(findings::add);
        }
        RoomUse room = problem.room(problem.all(), Integer.MAX_VALUE);
        if (room.over() && room.counts()) {
            findings.add(Finding.of(
                    "headroom",
                    Severity.STOP,
                    "Too many fish: all together make " + measure(room.used(), room.unit()) + " of " + room.name()
                            + ", and the mature tank's limit is " + measure(room.limit(), room.unit())
                            + ". Drop wishes worth " + measure(room.used() - room.limit(), room.unit())
                            + ", or change the limit in your house rules.",
                    room.source(),
                    List.of(
                            new Figure(room.name() + ", all grown", room.used(), room.unit(), room.source()),
                            new Figure("limit once mature", room.limit(), room.unit(), room.source()))));
        }
        int settled = 0;
        for (int group : order) {
            // Rivals that come apart are told below, pair by pair.
            if (!problem.isPossible(settled, group) && problem.bringsItsKin(settled, group)) {
                findings.add(notAllowed(problem, settled, group));
            }
            settled |= group;
        }
        findings.addAll(problem.precedence()
                .leftAside(order, own ? "you placed them so" : "otherwise the bacteria could not keep up"));
        findings.addAll(LongWait.findings(problem, order, stock.plan().asOf()));
        if (stock.plan().houseRules().approaches().kin() == Approaches.Kin.SAME_DAY) {
            findings.addAll(apart(problem, order));
        }
        return findings;
    }

    /** Rivals of one genus on separate days, though the house lets them in only together: said, with the reason. */
    private static List<Finding> apart(OrderProblem problem, List<Integer> order) {
        List<Finding> findings = new ArrayList<>();
        for (int i = 0; i < problem.size(); i++) {
            for (int j = i + 1; j < problem.size(); j++) {
                int both = 1 << i | 1 << j;
                if (problem.days().isKin(i, j) && order.stream().noneMatch(group -> (group & both) == both)) {
                    findings.add(Finding.of(
                                    "kin",
                                    Severity.CAREFUL,
                                    problem.unit(i).name() + " and "
                                            + problem.unit(j).name()
                                            + " are close relatives and arrive on separate days, against your house rules. "
                                            + (problem.groups().contains(both)
                                                    ? "Your own order or the water keeps them apart."
                                                    : "The quarantine tank or your approach to surgeonfish keeps them apart."),
                                    Provenance.PRACTICE,
                                    List.of())
                            .remedy("Drop one of them, or choose another approach in the house rules."));
                }
            }
        }
        return findings;
    }

    private static Finding notAllowed(OrderProblem problem, int settled, int group) {
        String names = Groups.names(problem, group);
        if (!problem.water().bears(settled, group)
                && problem.water().nitrogen(group) <= problem.water().mostNitrogen(settled)) {
            return Finding.of(
                            "water",
                            Severity.STOP,
                            "Too many at once: " + names
                                    + " would take ammonia or nitrite over its limit, however long they wait.",
                            Nitrification.SOURCE,
                            List.of())
                    .remedy("Add fewer at a time, or let others arrive first.");
        }
        if (!problem.water().bears(settled, group)) {
            return OrderItems.tooMuchWaste(
                    names, problem.water().nitrogen(group), problem.water().mostNitrogen(settled));
        }
        return Finding.of(
                "quarantine",
                Severity.STOP,
                names + " would arrive before fish that are already in quarantine.",
                Provenance.PRACTICE,
                List.of());
    }

    private static String measure(double value, String unit) {
        return Numbers.plain(value, 2) + (unit.isEmpty() ? "" : " " + unit);
    }

    /** Days from the day of the plan, not below 0. */
    static int days(LocalDate today, LocalDate day) {
        return (int) Math.max(0, ChronoUnit.DAYS.between(today, day));
    }
}
