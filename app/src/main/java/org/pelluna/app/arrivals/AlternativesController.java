package org.pelluna.app.arrivals;

import java.util.List;
import java.util.UUID;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.web.TankCache;
import org.pelluna.core.arrival.Alternative;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.budget.Budget;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.units.Numbers;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** Other ways to bring the same fish in, side by side; and what the plan costs. */
@Controller
class AlternativesController {
    private final TankStore tanks;
    private final TankCache cache;

    AlternativesController(TankStore tanks, TankCache cache) {
        this.cache = cache;
        this.tanks = tanks;
    }

    /** One way; bars are out of 100, the dearest way's whole cost. */
    record Way(
            String title,
            String words,
            String proof,
            String total,
            List<Bar> bars,
            String last,
            String unionised,
            boolean overLimit,
            List<String> order) {}

    /** One part of a cost. */
    record Bar(String name, String value, int width) {}

    @GetMapping("/tanks/{tankId}/arrivals/alternatives")
    String alternatives(@AuthenticationPrincipal KeeperPrincipal keeper, @PathVariable UUID tankId, Model model) {
        Assessment assessment = cache.of(keeper.id(), tankId).assessment();
        ResolvedPlan stock = assessment.stock();
        List<Alternative> ways = Alternative.of(
                stock, assessment.judgements(), cache.of(keeper.id(), tankId).fit());
        double dearest =
                ways.stream().mapToDouble(one -> one.cost().total()).max().orElse(1);
        model.addAttribute("tank", tanks.get(keeper.id(), tankId));
        model.addAttribute("ways", ways.stream().map(one -> way(one, dearest)).toList());
        return "arrivals/alternatives";
    }

    private static Way way(Alternative one, double dearest) {
        return new Way(
                one.title(),
                one.words(),
                one.proved() ? "proved: no order of this kind has a lower score" : "not proved",
                Numbers.plain(one.cost().total()),
                List.of(
                        bar("pressure", one.cost().pressure(), dearest),
                        bar("waiting", one.cost().lateness(), dearest),
                        bar("shy after bold", one.cost().shyness(), dearest)),
                one.last().toString(),
                Numbers.plain(one.water().fourDays(), 4),
                !one.water().bearable(),
                one.order());
    }

    private static Bar bar(String name, double value, double dearest) {
        return new Bar(name, Numbers.plain(value), (int) Math.round(100 * value / dearest));
    }

    /** One fish of the budget. */
    record Line(String date, String name, String price, String soFar, String pressure, String by, boolean atRisk) {}

    @GetMapping("/tanks/{tankId}/arrivals/money")
    String money(@AuthenticationPrincipal KeeperPrincipal keeper, @PathVariable UUID tankId, Model model) {
        Assessment assessment = cache.of(keeper.id(), tankId).assessment();
        Budget budget = Budget.of(assessment.stock(), assessment.order(), assessment.planned());
        model.addAttribute("tank", tanks.get(keeper.id(), tankId));
        model.addAttribute(
                "lines",
                budget.lines().stream()
                        .map(line -> new Line(
                                line.date().map(Object::toString).orElse(""),
                                line.name(),
                                line.price()
                                        .map(price -> Numbers.plain(price, 2))
                                        .orElse("no price"),
                                Numbers.plain(line.soFar(), 0),
                                Numbers.plain(line.pressure()),
                                line.by(),
                                line.atRisk()))
                        .toList());
        model.addAttribute("price", Numbers.plain(budget.price(), 2));
        model.addAttribute("atRisk", Numbers.plain(budget.atRisk(), 2));
        model.addAttribute("lost", Numbers.plain(budget.lost(), 2));
        model.addAttribute("saltKg", Numbers.plain(budget.saltGramsADay() * 30.4 / 1000, 2));
        model.addAttribute("saltMoney", Numbers.plain(budget.saltADay() * 30.4, 2));
        return "arrivals/money";
    }
}
