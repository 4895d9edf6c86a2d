package org.pelluna.app.watch;

import java.util.Arrays;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.pelluna.app.portrait.Portraits;
import org.pelluna.app.storage.JournalStore;
import org.pelluna.app.svg.Svg;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.Undo;
import org.pelluna.core.finding.Explained;
import org.pelluna.core.learn.Beliefs;
import org.pelluna.core.learn.Harm;
import org.pelluna.core.learn.Learning;
import org.pelluna.core.learn.Lesson;
import org.pelluna.core.learn.Multiple;
import org.pelluna.core.learn.SeenStrength;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.statistics.Interval;
import org.pelluna.core.units.Numbers;
import org.pelluna.core.watch.Grade;
import org.pelluna.core.watch.Observations;
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
            String harm,
            boolean warns,
            boolean counts,
            Svg strip,
            @Nullable Explained how) {}

    @GetMapping("/learned")
    String learned(Here here, Model model) {
        ResolvedPlan stock = record.stock(here, model);
        Beliefs beliefs = here.answers().beliefs();
        model.addAttribute(
                "lessons",
                stock.residents().stream()
                        .flatMap(
                                fish -> beliefs.of(fish.id()).map(one -> view(fish, one, beliefs.seenTimes())).stream())
                        .toList());
        model.addAttribute(
                "together",
                beliefs.scale().map(scale -> together(beliefs, scale)).orElse(""));
        model.addAttribute(
                "strip",
                beliefs.scale()
                        .map(scale -> PosteriorStrip.of(scale, Beliefs.ANY_TANK).toString())
                        .orElse(""));
        model.addAttribute("tankCounts", beliefs.scaleCounts());
        model.addAttribute("tankKey", Observations.WHOLE_TANK.key());
        model.addAttribute(
                "strengths",
                here.answers().strengths().stream()
                        .map(LearnedController::sentence)
                        .toList());
        model.addAttribute(
                "foresight",
                here.answers()
                        .foresight()
                        .map(one -> BacktestView.of(one, stock))
                        .orElse(null));
        model.addAttribute("foresightSource", BacktestView.SOURCE);
        model.addAttribute("source", Learning.SOURCE.words());
        return "watch/learned";
    }

    /** What was learned of the whole tank. */
    private static String together(Beliefs beliefs, Multiple scale) {
        double expected = beliefs.lessons().values().stream()
                .mapToDouble(Lesson::expected)
                .sum();
        return "You saw " + Numbers.count(beliefs.encounters(), "attack") + "; we predicted "
                + Numbers.plain(expected, 0)
                + ". "
                + (beliefs.scaleCounts()
                        ? "From these few hours, we multiply every prediction for this tank by "
                                + Numbers.significant(beliefs.seenTimes()) + ". "
                        : "The plan ignores this, as you asked. ")
                + "Each fish below is compared with that.";
    }

    /** What the record says of one strength of the model. */
    private static String sentence(SeenStrength one) {
        String figures = "× " + Numbers.plain(one.times().middle(), 2) + " (" + within(one.interval()) + "), "
                + Numbers.count(one.seen(), "attack") + " seen, " + Numbers.plain(one.expected(), 0) + " predicted";
        String says = one.differs()
                ? one.times().middle() > 1 ? "more attacks than predicted" : "fewer attacks than predicted"
                : "no clear difference yet";
        return one.sort().words() + ": " + says + "; " + figures + ".";
    }

    private static String within(Interval interval) {
        return "90 %: " + Numbers.plain(interval.low(), 2) + " to " + Numbers.plain(interval.high(), 2);
    }

    private static LessonView view(Fish fish, Lesson lesson, double tank) {
        return new LessonView(
                fish.id().key(),
                Portraits.use(fish.species()),
                fish.name(),
                lesson.seen() + " seen",
                Numbers.plain(lesson.expected(), 1),
                Numbers.plain(lesson.temper().middle(), 2),
                within(lesson.interval()),
                lesson.verdict().words(),
                harm(lesson.harm()),
                lesson.verdict().isWorse(),
                lesson.counts(),
                PosteriorStrip.of(lesson.temper(), Beliefs.any(fish.species())),
                lesson.how(tank).orElse(null));
    }

    /** How hard it attacks; nothing where it was never seen to. */
    private static String harm(Harm harm) {
        if (harm.seen() == 0) {
            return "";
        }
        String grades = Arrays.stream(Grade.values())
                .filter(grade -> harm.grades().containsKey(grade))
                .map(grade -> harm.grades().get(grade) + " " + grade.words())
                .collect(Collectors.joining(", "));
        return "In all: " + grades + "; harm of each × " + Numbers.plain(harm.middle(), 2) + " of the others' ("
                + within(harm.interval(Lesson.LEVEL)) + ").";
    }

    @PostMapping("/learned/{key}")
    String learns(
            Here here,
            @PathVariable String key,
            @RequestParam(defaultValue = "false") boolean learns,
            RedirectAttributes redirect) {
        journal.learns(here.keeper(), here.tank(), key, learns);
        Undo.say(
                redirect,
                learns ? "The plan uses what your log shows again." : "The plan now ignores what your log shows.");
        return "redirect:/tanks/" + here.tank() + "/watch/learned";
    }
}
