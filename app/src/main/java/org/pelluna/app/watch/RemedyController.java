package org.pelluna.app.watch;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.pelluna.app.storage.JournalStore;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.svg.Svg;
import org.pelluna.app.web.FormKey;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.RefusedException;
import org.pelluna.app.web.Undo;
import org.pelluna.core.id.FishId;
import org.pelluna.core.lead.RemediesLead;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.tension.RateChange;
import org.pelluna.core.tension.RemedyEffect;
import org.pelluna.core.watch.Remedy;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** What was tried against aggression, and what it did. */
@Controller
@RequestMapping("/tanks/{tankId}/watch")
class RemedyController {
    /** The last remedies are drawn; of earlier ones the table tells. */
    private static final int DRAWN = 3;

    private final WatchRecord record;
    private final TankStore tanks;
    private final JournalStore journal;
    private final Catalogue catalogue;

    RemedyController(WatchRecord record, TankStore tanks, JournalStore journal, Catalogue catalogue) {
        this.record = record;
        this.tanks = tanks;
        this.journal = journal;
        this.catalogue = catalogue;
    }

    /** A remedy with what it did. */
    record RemedyView(
            String key,
            String what,
            String when,
            boolean lasts,
            String note,
            RateChangeView all,
            List<RateChangeView> by,
            String steppedIn,
            Svg chart) {}

    /** What a kind of remedy has done in all the keeper's tanks. */
    record TallyView(String what, int tried, int helped, int worse) {}

    @GetMapping("/remedies")
    String remedies(Here here, Model model) {
        TankPlan plan = record.open(here, model);
        FishChoices faces = FishChoices.into(model, plan, catalogue);
        model.addAttribute("kinds", Remedy.Kind.values());
        List<RemedyEffect> effects = here.answers().remedies();
        model.addAttribute("lead", RemediesLead.of(effects, plan.fishNames(), plan.asOf()));
        List<RemedyEffect> drawn = effects.subList(0, Math.min(DRAWN, effects.size()));
        model.addAttribute(
                "remedies",
                effects.stream()
                        .map(one -> view(
                                one,
                                faces,
                                ChronoUnit.DAYS.between(one.quarrelSince(), plan.asOf()),
                                drawn.contains(one) ? RemedyChart.svg(one) : Svg.NONE))
                        .toList());
        List<RemedyEffect> all = Stream.concat(
                        effects.stream(),
                        tanks.of(here.keeper()).stream()
                                .filter(row -> !row.id().equals(here.tank()))
                                .flatMap(row -> here.of(row.id()).answers().remedies().stream()))
                .toList();
        model.addAttribute(
                "tallies",
                RemedyEffect.tally(all).stream()
                        .map(one -> new TallyView(one.kind().words(), one.tried(), one.helped(), one.worse()))
                        .toList());
        return "watch/remedies";
    }

    private static RemedyView view(RemedyEffect one, FishChoices faces, double day, Svg chart) {
        Remedy remedy = one.remedy();
        return new RemedyView(
                remedy.id(),
                remedy.kind().words()
                        + remedy.fishId().map(id -> ", " + faces.name(id)).orElse(""),
                remedy.from() + remedy.until().map(last -> " to " + last).orElse(", still on"),
                remedy.until().isEmpty(),
                remedy.note().orElse(""),
                RateChangeView.of(one, one.all(), "all together", day),
                one.byAggressor().stream()
                        .map(change -> RateChangeView.of(one, change, faces.name(change.aggressorId(), ""), day))
                        .toList(),
                one.steppedIn()
                        .map(change -> faces.name(change.aggressorId(), "") + " stepped in: "
                                + RateChange.encounters(change.after()) + " attacks since, "
                                + RateChange.encounters(change.before()) + " before.")
                        .orElse(""),
                chart);
    }

    @PostMapping("/remedies")
    String remedy(
            Here here,
            @RequestParam String key,
            @RequestParam Optional<Remedy.Kind> remedy,
            @RequestParam Optional<String> fish,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate from,
            @RequestParam Optional<String> note,
            RedirectAttributes redirect) {
        record.seen(here, from.atStartOfDay());
        Remedy begun = new Remedy(
                FormKey.checked(key),
                remedy.orElseThrow(() -> new RefusedException("choose what was tried")),
                fish.filter(one -> !one.isBlank()).map(FishId::new),
                from,
                Optional.empty(),
                WatchRecord.note(note.orElse(null)));
        journal.add(here.keeper(), here.tank(), begun);
        Undo.offer(
                redirect,
                "Remedy saved. Keep watching as before.",
                WatchRecord.path(here.tank()) + "/items/" + begun.id() + "/remove");
        return "redirect:" + WatchRecord.path(here.tank()) + "/remedies";
    }

    @PostMapping("/remedies/{key}/end")
    String end(
            Here here,
            @PathVariable String key,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate on) {
        record.seen(here, on.atStartOfDay());
        journal.change(
                here.keeper(),
                here.tank(),
                key,
                remedy -> RefusedException.unless(() -> new Remedy(
                        remedy.id(), remedy.kind(), remedy.fishId(), remedy.from(), Optional.of(on), remedy.note())));
        return "redirect:" + WatchRecord.path(here.tank()) + "/remedies";
    }
}
