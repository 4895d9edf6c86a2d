package org.pelluna.core.arrival;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.pelluna.core.finding.Figure;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.finding.Stance;
import org.pelluna.core.headroom.InchRule;
import org.pelluna.core.plan.Stock;
import org.pelluna.core.shortlist.Judgement;
import org.pelluna.core.units.Numbers;

/** Puts the wishes of a plan in order and dates them. */
public final class ArrivalOrder {
    private ArrivalOrder() {}

    /**
     * The best order of the wishes that are in the plan.
     *
     * @param stock the plan
     * @param judgements what the shortlist says of each wish
     */
    public static ArrivalPlan of(Stock stock, List<Judgement> judgements) {
        List<Unit> units = new ArrayList<>();
        List<ArrivalPlan.Held> held = new ArrayList<>();
        for (Judgement judgement : judgements) {
            if (judgement.inPlan()) {
                Optional<Finding> gate = judgement.undatedGate().or(() -> tooMany(units));
                if (gate.isPresent()) {
                    held.add(new ArrivalPlan.Held(
                            judgement.wished().wish().id(),
                            judgement.wished().fish().name(),
                            gate.get()));
                } else {
                    units.add(unit(judgement, stock.plan().asOf()));
                }
            }
        }
        OrderProblem problem = new OrderProblem(stock, units);
        boolean proved = units.size() <= ExactOrder.MOST_UNITS;
        List<Integer> order = proved ? ExactOrder.solve(problem) : InsertionOrder.solve(problem);
        return new ArrivalPlan(
                arrivals(problem, order, stock.plan().asOf()),
                problem.cost(order),
                proved,
                held,
                planFindings(problem, stock));
    }

    /** Beyond what can be put in order at once, the later wishes are held back, and told why. */
    private static Optional<Finding> tooMany(List<Unit> units) {
        if (units.size() < OrderProblem.MOST_UNITS) {
            return Optional.empty();
        }
        return Optional.of(Finding.of(
                        "order",
                        Stance.WAIT,
                        "At most " + OrderProblem.MOST_UNITS + " wishes can be put in order at once.",
                        Provenance.own("a limit of the computation"),
                        List.of())
                .remedy("Strike or remove wishes that stand before it."));
    }

    private static Unit unit(Judgement judgement, LocalDate today) {
        Stock.Wished wished = judgement.wished();
        return judgement
                .lastGate()
                .map(gate -> new Unit(
                        wished.fish(),
                        wished.count(),
                        (int) Math.max(
                                0, ChronoUnit.DAYS.between(today, gate.until().orElseThrow())),
                        gate.sentence()))
                .orElseGet(() -> new Unit(wished.fish(), wished.count(), 0, ""));
    }

    private static List<Arrival> arrivals(OrderProblem problem, List<Integer> order, LocalDate today) {
        List<Arrival> arrivals = new ArrayList<>();
        Reasons reasons = new Reasons(problem, order, today);
        int settled = 0;
        int ready = problem.firstDay();
        for (int place = 0; place < order.size(); place++) {
            int group = order.get(place);
            int day = problem.day(settled, group, ready);
            arrivals.add(new Arrival(
                    place + 1,
                    today.plusDays(day),
                    Groups.units(problem, group).stream()
                            .map(unit -> unit.fish().id())
                            .toList(),
                    Groups.names(problem, group),
                    problem.fish(group),
                    problem.step(settled, group, day),
                    problem.inchesWith(settled | group),
                    problem.ceilingInches(day),
                    reasons.of(place, settled, ready)));
            settled |= group;
            ready = problem.readyAfter(group, day);
        }
        return arrivals;
    }

    private static List<Finding> planFindings(OrderProblem problem, Stock stock) {
        int all = (1 << problem.size()) - 1;
        double wanted = problem.inchesWith(all);
        double ceiling = problem.ceilingInches(Integer.MAX_VALUE);
        if (wanted <= ceiling) {
            return List.of();
        }
        InchRule rule = new InchRule(stock.plan().tank(), stock.plan().houseRules());
        return List.of(Finding.of(
                "headroom",
                Stance.STOP,
                "All together come to " + Numbers.plain(wanted)
                        + " in of adult fish; even the mature tank's ceiling is "
                        + Numbers.plain(ceiling) + " in. Strike wishes worth "
                        + Numbers.plain(wanted - ceiling) + " in, or set another figure in the house rules.",
                InchRule.SOURCE,
                List.of(
                        Figure.measured("net water", rule.gallons(), "gal"),
                        new Figure("all fish, adult", wanted, "in", InchRule.SOURCE),
                        new Figure("ceiling once mature", ceiling, "in", InchRule.SOURCE))));
    }

    /** Groups of units, for sentences. */
    static final class Groups {
        private Groups() {}

        static List<Unit> units(OrderProblem problem, int group) {
            List<Unit> units = new ArrayList<>();
            for (int rest = group; rest != 0; rest &= rest - 1) {
                units.add(problem.unit(Integer.numberOfTrailingZeros(rest)));
            }
            return units;
        }

        static String names(OrderProblem problem, int group) {
            return units(problem, group).stream().map(Unit::name).collect(Collectors.joining(" and "));
        }
    }
}
