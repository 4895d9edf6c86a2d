package org.pelluna.app.watch;

import java.util.Map;
import java.util.UUID;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.app.portrait.Portraits;
import org.pelluna.app.storage.JournalStore;
import org.pelluna.app.svg.Svg;
import org.pelluna.app.web.Undo;
import org.pelluna.core.id.FishId;
import org.pelluna.core.learn.Learning;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.statistics.Interval;
import org.pelluna.core.units.Numbers;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** What the record has taught of each fish, and whether that shall count. */
@Controller
@RequestMapping("/tanks/{tankId}/watch")
class LearnedController {
    private final WatchRecord record;
    private final JournalStore journal;
    private final Catalogue catalogue;

    LearnedController(WatchRecord record, JournalStore journal, Catalogue catalogue) {
        this.record = record;
        this.journal = journal;
        this.catalogue = catalogue;
    }

    /** A lesson ready to print. */
    record LessonView(
            String id,
            Svg portrait,
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
        ResolvedPlan stock = record.stock(keeper, tankId, model);
        Map<FishId, Learning.Lesson> lessons = record.answers(keeper, tankId).lessons();
        model.addAttribute(
                "lessons",
                stock.residents().stream()
                        .filter(fish -> lessons.containsKey(fish.id()))
                        .map(fish -> view(fish, lessons.get(fish.id())))
                        .toList());
        model.addAttribute(
                "together",
                lessons.values().stream()
                        .findFirst()
                        .map(one -> together(one, lessons))
                        .orElse(""));
        model.addAttribute("source", Learning.SOURCE.words());
        return "watch/learned";
    }

    /** First what holds for the tank, as it is watched. */
    private static String together(Learning.Lesson any, Map<FishId, Learning.Lesson> lessons) {
        int seen = lessons.values().stream().mapToInt(Learning.Lesson::seen).sum();
        double expected =
                lessons.values().stream().mapToDouble(Learning.Lesson::expected).sum();
        Interval scale = any.scale().interval(0.9);
        return "In this tank, as you watch it, about "
                + Numbers.plain(any.scale().middle(), 2)
                + " times as much is seen as predicted (90 %: " + Numbers.plain(scale.low(), 2) + " to "
                + Numbers.plain(scale.high(), 2) + "): " + Numbers.count(seen, "encounter") + " seen, "
                + Numbers.plain(expected, 0) + " predicted. Each fish below is judged beside that.";
    }

    private static LessonView view(Fish fish, Learning.Lesson lesson) {
        Interval interval = lesson.interval();
        return new LessonView(
                fish.id().key(),
                Portraits.use(fish.species()),
                fish.name(),
                lesson.seen() + " seen" + (lesson.hard() > 0 ? ", hard " + Numbers.count(lesson.hard(), "time") : ""),
                Numbers.plain(lesson.expected(), 1),
                Numbers.plain(lesson.temper().middle(), 2),
                Numbers.plain(interval.low(), 2) + " to " + Numbers.plain(interval.high(), 2),
                says(lesson),
                lesson.differs() && interval.low() > 1,
                lesson.counts(),
                scaled(interval.low()),
                scaled(lesson.temper().middle()),
                scaled(interval.high()));
    }

    private static String says(Learning.Lesson lesson) {
        if (!lesson.differs()) {
            return lesson.hard() > 0 && lesson.interval().high() < 1
                    ? "attacks rarely, but hard: not taken for gentle"
                    : "no different from its species, as far as can be told";
        }
        return lesson.interval().low() > 1
                ? "▲ more aggressive than its species here"
                : "gentler than its species here";
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
                        : "What was learned of it is ignored; everything is judged anew.");
        return "redirect:/tanks/" + tankId + "/watch/learned";
    }
}
