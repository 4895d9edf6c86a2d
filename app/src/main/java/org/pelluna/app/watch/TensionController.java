package org.pelluna.app.watch;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.pelluna.app.portrait.Portraits;
import org.pelluna.app.svg.Svg;
import org.pelluna.app.web.Here;
import org.pelluna.core.finding.Explained;
import org.pelluna.core.lead.PeckingOrderLead;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.tension.Ranks;
import org.pelluna.core.tension.Settling;
import org.pelluna.core.units.Numbers;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What the record says of now: who rules, and whether it settles. */
@Controller
@RequestMapping("/tanks/{tankId}/watch")
class TensionController {
    private final WatchRecord record;

    TensionController(WatchRecord record) {
        this.record = record;
    }

    /** One rank ready to print. */
    record RankView(int place, Svg portrait, String name, String score, String elo, int given, int taken) {}

    @GetMapping("/rank")
    String rank(Here here, Model model) {
        ResolvedPlan stock = record.stock(here, model);
        Ranks ranks = Ranks.of(stock);
        List<RankView> views = new ArrayList<>();
        for (Ranks.Rank one : ranks.ranked()) {
            views.add(new RankView(
                    views.size() + 1,
                    Portraits.use(one.fish().species()),
                    one.fish().name(),
                    Numbers.plain(one.davidsScore(), 2).replace('-', '−'),
                    Numbers.plain(one.elo(), 0),
                    one.given(),
                    one.taken()));
        }
        model.addAttribute("lead", PeckingOrderLead.of(ranks));
        model.addAttribute("ranks", views);
        model.addAttribute("encounters", ranks.encounters());
        model.addAttribute(
                "linearity",
                ranks.linearity()
                        .map(one -> "Chance alone gives an order like this " + Numbers.plain(100 * one.p(), 0)
                                + " times in 100. Linearity h′ = "
                                + Numbers.plain(one.h(), 2) + " (1 is a perfectly straight order); "
                                + Numbers.count(one.unknown(), "pair was", "pairs were") + " never seen to meet.")
                        .orElse(""));
        model.addAttribute(
                "ladder",
                ranks.encounters() == 0 ? "" : RankChart.svg(ranks, stock.plan().asOf()));
        model.addAttribute("network", ranks.ranked().size() < 2 ? "" : NetworkChart.svg(ranks));
        model.addAttribute(
                "pairs",
                ranks.pairs().stream()
                        .filter(pair -> pair.observed() > 0 || pair.predicted() >= 0.5)
                        .limit(60)
                        .toList());
        return "watch/rank";
    }

    /** One course ready to print. */
    record SettlingView(
            String name,
            String by,
            String since,
            String counts,
            String rate,
            String course,
            String calm,
            String verdict,
            boolean alarm,
            Svg chart,
            @Nullable Explained how,
            String fishId) {}

    @GetMapping("/settling")
    String settling(
            Here here,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) Optional<LocalDate> from,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) Optional<LocalDate> to,
            @RequestParam(defaultValue = "") String of,
            @RequestParam(defaultValue = "false") boolean part,
            Model model) {
        ResolvedPlan stock = record.stock(here, model);
        TankPlan plan = stock.plan();
        List<SettlingView> courses = here.answers().settling().stream()
                .map(one -> {
                    boolean asked = SettlingChart.key(one).equals(of);
                    return view(one, plan, asked ? from : Optional.empty(), asked ? to : Optional.empty());
                })
                .toList();
        model.addAttribute("courses", courses);
        model.addAttribute("drawn", courses.stream().anyMatch(one -> one.chart() != Svg.NONE));
        model.addAttribute("warnings", here.answers().warnings());
        model.addAttribute("source", Settling.SOURCE.words());
        return part ? "watch/settling :: drawn" : "watch/settling";
    }

    private static String name(TankPlan plan, String id) {
        return plan.residents().stream()
                .filter(one -> one.id().key().equals(id))
                .map(org.pelluna.core.plan.Resident::name)
                .findFirst()
                .orElse(id);
    }

    private static SettlingView view(Settling one, TankPlan plan, Optional<LocalDate> from, Optional<LocalDate> to) {
        boolean watched = !one.course().watches().isEmpty();
        return new SettlingView(
                name(plan, one.victimId().key()),
                one.aggressorId()
                        .map(id -> name(plan, id.key()))
                        .map(name -> "attacked by " + name)
                        .orElse("attacked by all"),
                one.since().toString(),
                Numbers.count(one.encounters(), "attack") + " in " + Numbers.plain(one.hours(), 1) + " h watched",
                watched ? SettlingWords.rate(one, plan.asOf()) : "not watched yet",
                watched ? SettlingWords.sure(one) : "",
                one.settles() == Settling.State.QUIET || !watched ? "" : SettlingWords.calm(one, plan.asOf()),
                one.settles().words(),
                one.settles() == Settling.State.NOT_SETTLING,
                watched ? SettlingChart.svg(one, plan, from, to) : Svg.NONE,
                one.how(plan.asOf()).orElse(null),
                one.victimId().key());
    }
}
