package org.pelluna.app.arrivals;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.pelluna.app.storage.NotFoundException;
import org.pelluna.app.web.FormKey;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.TankAnswers;
import org.pelluna.app.web.Undo;
import org.pelluna.core.arrival.Alternative;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.budget.Budget;
import org.pelluna.core.lead.PlanLeads;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.Schedule;
import org.pelluna.core.units.Numbers;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Other ways to bring the same fish in, side by side; and what the plan costs. */
@Controller
class AlternativesController {
    private final WayService service;

    AlternativesController(WayService service) {
        this.service = service;
    }

    /** One way; bars are out of 100, the dearest way's whole cost. */
    record Way(
            String key,
            boolean taken,
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
    String alternatives(Here here, Model model) {
        TankAnswers answers = here.answers();
        ResolvedPlan stock = answers.planning();
        List<Alternative> ways = Alternative.distinct(ways(answers));
        double dearest =
                ways.stream().mapToDouble(one -> one.cost().total()).max().orElse(1);
        model.addAttribute("form", FormKey.fresh());
        List<Way> views = ways.stream().map(one -> way(one, dearest, stock)).toList();
        model.addAttribute("ways", views);
        model.addAttribute("lead", lead(ways, stock));
        return "arrivals/alternatives";
    }

    /**
     * How the keeper's own order compares with the lowest score of an order of the same fish; empty without an order. An order of
     * fewer fish always scores lower, so it is left out.
     */
    private static String lead(List<Alternative> ways, ResolvedPlan stock) {
        Optional<Alternative> lowest = ways.stream()
                .filter(one -> !one.key().equals(Alternative.FEWER))
                .min(Comparator.comparingDouble(one -> one.cost().total()));
        Optional<Alternative> own = ways.stream()
                .filter(one -> !one.key().equals(Alternative.FEWER)
                        && way(one, 1, stock).taken())
                .findFirst();
        if (lowest.isEmpty()) {
            return "";
        }
        String best = Numbers.plain(lowest.get().cost().total());
        if (own.isEmpty()) {
            return "“" + lowest.get().title() + "” has the best score, " + best + ".";
        }
        String mine = Numbers.plain(own.get().cost().total());
        return mine.equals(best)
                ? "Your order has the best score, " + mine + "."
                : "“" + lowest.get().title() + "” scores better than your order: " + best + " instead of " + mine + ".";
    }

    private static List<Alternative> ways(TankAnswers answers) {
        return Alternative.of(answers.planning(), answers.assessment().judgements(), answers.reserve());
    }

    /** Takes a way: its order is the keeper's from then on, and its tasks come up under Today. */
    @PostMapping("/tanks/{tankId}/arrivals/alternatives/{way}/take")
    String take(Here here, @PathVariable String way, @RequestParam String form, RedirectAttributes redirect) {
        TankAnswers answers = here.answers();
        Alternative taken = ways(answers).stream()
                .filter(one -> one.key().equals(way))
                .findFirst()
                .orElseThrow(() -> new NotFoundException("way"));
        service.take(
                here.keeper(),
                here.tank(),
                form,
                taken,
                answers.planning(),
                answers.assessment().order());
        Undo.offer(
                redirect,
                taken.title() + ": this is your order now, with its dates.",
                "/tanks/" + here.tank() + "/arrivals/alternatives/undo/" + form);
        return "redirect:/tanks/" + here.tank() + "/arrivals";
    }

    @PostMapping("/tanks/{tankId}/arrivals/alternatives/undo/{form}")
    String undo(Here here, @PathVariable String form, RedirectAttributes redirect) {
        service.undo(here.keeper(), here.tank(), form);
        Undo.say(redirect, "Undone. The order is as before.");
        return "redirect:/tanks/" + here.tank() + "/arrivals";
    }

    private static Way way(Alternative one, double dearest, ResolvedPlan stock) {
        boolean usual = stock.plan().schedule().order().isEmpty();
        return new Way(
                one.key(),
                one.key().equals("best") ? usual : isTaken(one, stock),
                one.title(),
                one.words(),
                one.claim(),
                Numbers.plain(one.cost().total()),
                List.of(
                        bar("attacks in first weeks", one.cost().pressure(), dearest),
                        bar("waiting", one.cost().lateness(), dearest),
                        bar("shy fish after bold fish", one.cost().shyness(), dearest)),
                one.last().toString(),
                Numbers.plain(one.water().fourDays(), 4),
                !one.water().bearable(),
                one.order());
    }

    /** Whether the keeper's order is this one, carried out in this way. */
    private static boolean isTaken(Alternative one, ResolvedPlan stock) {
        Schedule schedule = stock.plan().schedule();
        return schedule.order().equals(one.wishOrder(stock))
                && schedule.way().equals(one.way(stock))
                && one.putOffTo(stock)
                        .filter(day -> schedule.notBefore().values().stream().noneMatch(day::equals))
                        .isEmpty();
    }

    private static Bar bar(String name, double value, double dearest) {
        return new Bar(name, Numbers.plain(value), (int) Math.round(100 * value / dearest));
    }

    /** One fish of the budget. */
    record Line(String date, String name, String price, String soFar, String pressure, String by, boolean atRisk) {}

    @GetMapping("/tanks/{tankId}/arrivals/money")
    String money(Here here, Model model) {
        Assessment assessment = here.answers().assessment();
        Budget budget = Budget.of(assessment.stock(), assessment.order(), assessment.planned());
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
        model.addAttribute("lead", PlanLeads.money(budget));
        model.addAttribute("price", Numbers.plain(budget.price(), 2));
        model.addAttribute("atRisk", Numbers.plain(budget.atRisk(), 2));
        model.addAttribute("lost", Numbers.plain(budget.lost(), 2));
        model.addAttribute("saltKg", Numbers.plain(budget.saltGramsADay() * 30.4 / 1000, 2));
        model.addAttribute("saltMoney", Numbers.plain(budget.saltADay() * 30.4, 2));
        return "arrivals/money";
    }
}
