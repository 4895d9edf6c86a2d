package org.pelluna.app.watch;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.app.portrait.Portraits;
import org.pelluna.app.storage.JournalStore;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.web.Key;
import org.pelluna.app.web.Undo;
import org.pelluna.core.learn.Learning;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.Stock;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.statistics.Decline;
import org.pelluna.core.statistics.Interval;
import org.pelluna.core.tension.Ranks;
import org.pelluna.core.tension.Settling;
import org.pelluna.core.tension.Warning;
import org.pelluna.core.tension.WayOut;
import org.pelluna.core.units.Numbers;
import org.pelluna.core.watch.Exposure;
import org.pelluna.core.watch.Remedy;
import org.pelluna.core.watch.Task;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** What the record says: who rules, whether it settles, what could be done now, what was learned. */
@Controller
@RequestMapping("/tanks/{tankId}/watch")
class TensionController {
    private final TankStore tanks;
    private final JournalStore journal;
    private final Catalogue catalogue;
    private final Clock clock;

    TensionController(TankStore tanks, JournalStore journal, Catalogue catalogue, Clock clock) {
        this.tanks = tanks;
        this.journal = journal;
        this.catalogue = catalogue;
        this.clock = clock;
    }

    private Stock stock(KeeperPrincipal keeper, UUID tankId, Model model) {
        TankPlan plan = tanks.plan(keeper.id(), tankId);
        model.addAttribute("tank", tanks.get(keeper.id(), tankId));
        Stock stock = Learning.stock(plan, catalogue);
        model.addAttribute(
                "portraits",
                Portraits.sheet(stock.residents().stream().map(Fish::species).toList()));
        return stock;
    }

    /** One rank ready to print. */
    record RankView(int place, String portrait, String name, String score, String elo, int given, int taken) {}

    @GetMapping("/rank")
    String rank(@AuthenticationPrincipal KeeperPrincipal keeper, @PathVariable UUID tankId, Model model) {
        Stock stock = stock(keeper, tankId, model);
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
        model.addAttribute("ranks", views);
        model.addAttribute("encounters", ranks.encounters());
        model.addAttribute(
                "linearity",
                ranks.linearity()
                        .map(one ->
                                "Linearity h′ = " + Numbers.plain(one.h(), 2) + " (1: a straight order), as straight by"
                                        + " chance " + Numbers.plain(100 * one.p(), 1) + " times in a hundred; "
                                        + one.unknown() + " pairs were never seen to meet.")
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
            String chart,
            String fishId) {}

    @GetMapping("/settling")
    String settling(@AuthenticationPrincipal KeeperPrincipal keeper, @PathVariable UUID tankId, Model model) {
        Stock stock = stock(keeper, tankId, model);
        TankPlan plan = stock.plan();
        Exposure exposure = Exposure.of(plan.log(), plan.journal().watches());
        model.addAttribute(
                "courses",
                Settling.of(plan).stream().map(one -> view(one, plan, exposure)).toList());
        model.addAttribute("warnings", Warning.of(plan));
        model.addAttribute("source", Settling.SOURCE.words());
        return "watch/settling";
    }

    private static String name(TankPlan plan, String id) {
        return plan.residents().stream()
                .filter(one -> one.id().equals(id))
                .map(org.pelluna.core.plan.Resident::name)
                .findFirst()
                .orElse(id);
    }

    private static SettlingView view(Settling one, TankPlan plan, Exposure exposure) {
        Optional<Decline> decline = one.decline();
        return new SettlingView(
                name(plan, one.victimId()),
                one.aggressorId().map(id -> name(plan, id)).orElse("all together"),
                one.since().toString(),
                one.encounters() + " encounters in " + Numbers.plain(one.hours(), 1) + " h watched",
                one.hours() > 0
                        ? Numbers.plain(one.rate(), 1) + " an hour in the last week (95 %: "
                                + interval(one.rateInterval()) + "); others here suffer "
                                + Numbers.plain(one.background(), 1)
                        : "not watched yet",
                decline.map(fit -> "changes by " + percent(fit.slope()) + " a day (95 %: "
                                + percent(fit.slopeInterval().low()) + " to "
                                + percent(fit.slopeInterval().high())
                                + ")")
                        .orElse("too few encounters for a course"),
                one.settles() == Settling.Verdict.QUIET
                        ? ""
                        : one.calmOn().map(day -> "calm about " + day).orElse(""),
                one.settles().words(),
                one.settles() == Settling.Verdict.NOT_SETTLING,
                one.hours() > 0 ? SettlingChart.svg(one, plan, exposure) : "",
                one.victimId());
    }

    private static String interval(Interval interval) {
        return Numbers.plain(interval.low(), 1) + " to "
                + (Double.isInfinite(interval.high()) ? "∞" : Numbers.plain(interval.high(), 1));
    }

    private static String percent(double slope) {
        double share = 100 * (Math.exp(Math.max(-20, Math.min(3, slope))) - 1);
        return (share >= 0 ? "+" : "−") + Numbers.plain(Math.abs(share), 0) + " %";
    }

    /** One way out ready to print; bars out of 100. */
    record WayView(
            int index,
            String title,
            String words,
            String pressure,
            int width,
            String later,
            int laterWidth,
            String days,
            String cost,
            boolean reversible,
            String from,
            List<String> steps) {}

    /** The fish that could be helped. */
    record Harried(String id, String name) {}

    @GetMapping("/what-now")
    String whatNow(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @PathVariable UUID tankId,
            @RequestParam Optional<String> fish,
            Model model) {
        Stock stock = stock(keeper, tankId, model);
        Optional<Fish> chosen = fish.flatMap(id -> stock.residents().stream()
                        .filter(one -> one.id().equals(id))
                        .findFirst())
                .or(() -> stock.residents().stream().max(java.util.Comparator.comparing(Fish::arrivesOn)));
        model.addAttribute(
                "fishes",
                stock.residents().stream()
                        .map(one -> new Harried(one.id(), one.name()))
                        .toList());
        model.addAttribute("chosen", chosen.map(Fish::id).orElse(""));
        model.addAttribute("chosenName", chosen.map(Fish::name).orElse(""));
        model.addAttribute("key", Key.fresh());
        List<WayOut> ways = chosen.map(one -> WayOut.of(stock, one)).orElse(List.of());
        double most = ways.stream()
                .mapToDouble(one -> Math.max(one.pressure(), one.later()))
                .max()
                .orElse(1);
        List<WayView> views = new ArrayList<>();
        for (WayOut one : ways) {
            views.add(new WayView(
                    views.size(),
                    one.title(),
                    one.words(),
                    Numbers.plain(one.pressure(), 1),
                    (int) Math.round(100 * one.pressure() / Math.max(0.01, most)),
                    Numbers.plain(one.later(), 1),
                    (int) Math.round(100 * one.later() / Math.max(0.01, most)),
                    one.days() == 0 ? "today" : one.days() + (one.days() == 1 ? " day" : " days"),
                    one.cost(),
                    one.reversible(),
                    one.from(),
                    one.steps().stream()
                            .map(step -> (step.inDays() == 0 ? "today" : "in " + step.inDays() + " days") + ": "
                                    + step.words())
                            .toList()));
        }
        model.addAttribute("ways", views);
        return "watch/what-now";
    }

    /** Writes the steps of a way into the calendar, and begins its remedy. */
    @PostMapping("/what-now")
    String choose(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @PathVariable UUID tankId,
            @RequestParam String fish,
            @RequestParam(defaultValue = "0") int way,
            @RequestParam String key,
            RedirectAttributes redirect) {
        Stock stock = Learning.stock(tanks.plan(keeper.id(), tankId), catalogue);
        Fish chosen = stock.residents().stream()
                .filter(one -> one.id().equals(fish))
                .findFirst()
                .orElseThrow(() -> new org.pelluna.app.storage.NotYours("fish"));
        List<WayOut> ways = WayOut.of(stock, chosen);
        if (way < 0 || way >= ways.size()) {
            throw new IllegalArgumentException("there is no such way any more; look again");
        }
        String id = Key.checked(key);
        LocalDate today = LocalDate.now(clock);
        WayOut taken = ways.get(way);
        for (int i = 0; i < taken.steps().size(); i++) {
            WayOut.Step step = taken.steps().get(i);
            journal.add(
                    keeper.id(), tankId, new Task(id + "-" + i, today.plusDays(step.inDays()), step.words(), false));
        }
        taken.kind()
                .filter(kind -> kind != Remedy.Kind.GIVEN_UP)
                .ifPresent(kind -> journal.add(
                        keeper.id(),
                        tankId,
                        new Remedy(
                                id + "-r",
                                kind,
                                Optional.of(fish),
                                today,
                                Optional.empty(),
                                Optional.of(taken.title()))));
        Undo.say(redirect, taken.steps().size() + " tasks are in the calendar; they come up under Today.");
        return "redirect:/today";
    }

    /** A lesson ready to print. */
    record LessonView(
            String id,
            String portrait,
            String name,
            String seen,
            String expected,
            String factor,
            String interval,
            String says,
            boolean contradicts,
            boolean counts,
            int low,
            int mean,
            int high) {}

    @GetMapping("/learned")
    String learned(@AuthenticationPrincipal KeeperPrincipal keeper, @PathVariable UUID tankId, Model model) {
        Stock stock = stock(keeper, tankId, model);
        Map<String, Learning.Lesson> lessons = Learning.of(Stock.of(stock.plan(), catalogue));
        model.addAttribute(
                "lessons",
                stock.residents().stream()
                        .filter(fish -> lessons.containsKey(fish.id()))
                        .map(fish -> view(fish, lessons.get(fish.id())))
                        .toList());
        int seen = lessons.values().stream().mapToInt(Learning.Lesson::seen).sum();
        double expected =
                lessons.values().stream().mapToDouble(Learning.Lesson::expected).sum();
        model.addAttribute(
                "together",
                "All together: " + seen + " seen, " + Numbers.plain(expected, 0) + " expected"
                        + (expected > 0
                                ? ", × " + Numbers.plain(seen / expected, 2)
                                        + ". Far from 1, the tank as a whole differs from the model, and not one fish."
                                : "."));
        model.addAttribute("source", Learning.SOURCE.words());
        return "watch/learned";
    }

    private static LessonView view(Fish fish, Learning.Lesson lesson) {
        Interval interval = lesson.interval();
        return new LessonView(
                fish.id(),
                Portraits.use(fish.species()),
                fish.name(),
                String.valueOf(lesson.seen()),
                Numbers.plain(lesson.expected(), 1),
                Numbers.plain(lesson.posterior().mean(), 2),
                Numbers.plain(interval.low(), 2) + " to " + Numbers.plain(interval.high(), 2),
                says(lesson),
                lesson.contradicts(),
                lesson.counts(),
                scaled(interval.low()),
                scaled(lesson.posterior().mean()),
                scaled(interval.high()));
    }

    private static String says(Learning.Lesson lesson) {
        String than = lesson.posterior().mean() < 1 ? "meeker than its kind" : "harsher than its kind";
        return lesson.contradicts()
                ? "▲ contradicts the catalogue: far " + than
                : lesson.differs() ? than : "as its kind, so far";
    }

    /** A multiple on a scale of doublings from an eighth to eight times, out of 300. */
    private static int scaled(double multiple) {
        return (int) Math.round(Math.max(6, Math.min(294, 150 + 50 * Math.log(multiple) / Math.log(2))));
    }

    @PostMapping("/learned/{key}")
    String learns(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @PathVariable UUID tankId,
            @PathVariable String key,
            @RequestParam(defaultValue = "false") boolean learns,
            RedirectAttributes redirect) {
        journal.learns(keeper.id(), tankId, key, learns);
        Undo.say(
                redirect,
                learns
                        ? "The log teaches the plan about it again; everything is judged anew."
                        : "What was learned of it no longer counts; everything is judged anew.");
        return "redirect:/tanks/" + tankId + "/watch/learned";
    }
}
