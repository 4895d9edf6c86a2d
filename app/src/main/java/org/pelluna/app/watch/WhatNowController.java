package org.pelluna.app.watch;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.pelluna.app.storage.JournalStore;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.web.FormKey;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.RefusedException;
import org.pelluna.app.web.Undo;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.tension.RemedyAdvice;
import org.pelluna.core.tension.RemedyOption;
import org.pelluna.core.units.Dates;
import org.pelluna.core.units.Numbers;
import org.pelluna.core.watch.Remedy;
import org.pelluna.core.watch.Task;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** What could be done after trouble, and doing it. */
@Controller
@RequestMapping("/tanks/{tankId}/watch")
class WhatNowController {
    private final WatchRecord record;
    private final TankStore tanks;
    private final JournalStore journal;
    private final Catalogue catalogue;
    private final Clock clock;

    WhatNowController(WatchRecord record, TankStore tanks, JournalStore journal, Catalogue catalogue, Clock clock) {
        this.record = record;
        this.tanks = tanks;
        this.journal = journal;
        this.catalogue = catalogue;
        this.clock = clock;
    }

    /** One way out ready to print; bars out of 100. */
    record WayView(
            String key,
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
    record Attacked(String id, String name) {}

    @GetMapping("/what-now")
    String whatNow(Here here, @RequestParam Optional<String> fish, Model model) {
        ResolvedPlan stock = record.stock(here, model);
        Optional<Fish> chosen = fish.flatMap(id -> stock.residents().stream()
                        .filter(one -> one.id().key().equals(id))
                        .findFirst())
                .or(() -> stock.residents().stream().max(java.util.Comparator.comparing(Fish::arrivesOn)));
        model.addAttribute(
                "fishes",
                stock.residents().stream()
                        .map(one -> new Attacked(one.id().key(), one.name()))
                        .toList());
        model.addAttribute("chosen", chosen.map(one -> one.id().key()).orElse(""));
        model.addAttribute("chosenName", chosen.map(Fish::name).orElse(""));
        model.addAttribute("key", FormKey.fresh());
        LocalDate today = stock.plan().asOf();
        Optional<RemedyAdvice> advice = chosen.map(one -> RemedyAdvice.of(stock, one));
        List<RemedyOption> helping = advice.stream()
                .flatMap(one -> Stream.concat(one.best().stream(), one.helping().stream()))
                .toList();
        List<RemedyOption> idle = advice.map(RemedyAdvice::idle).orElse(List.of());
        double most = Stream.concat(helping.stream(), idle.stream())
                .mapToDouble(one -> Math.max(one.pressure(), one.later()))
                .max()
                .orElse(1);
        model.addAttribute("lead", advice.map(RemedyAdvice::sentence).orElse(""));
        model.addAttribute("alone", chosen.isPresent() && stock.residents().size() == 1);
        model.addAttribute(
                "ways", helping.stream().map(one -> view(one, most, today)).toList());
        model.addAttribute(
                "idle", idle.stream().map(one -> view(one, most, today)).toList());
        return "watch/what-now";
    }

    private static WayView view(RemedyOption one, double most, LocalDate today) {
        return new WayView(
                one.way().name(),
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
                        .map(step -> Dates.distance(today.plusDays(step.inDays()), today) + ": " + step.words())
                        .toList());
    }

    /** Writes the steps of a way into the calendar, and begins its remedy. */
    @PostMapping("/what-now")
    String choose(
            Here here,
            @RequestParam String fish,
            @RequestParam RemedyOption.Way way,
            @RequestParam String key,
            RedirectAttributes redirect) {
        ResolvedPlan stock = here.answers().stock();
        Fish chosen = stock.residents().stream()
                .filter(one -> one.id().key().equals(fish))
                .findFirst()
                .orElseThrow(() -> new org.pelluna.app.storage.NotFoundException("fish"));
        RemedyOption taken = RemedyOption.of(stock, chosen).stream()
                .filter(one -> one.way() == way)
                .findFirst()
                .orElseThrow(() ->
                        new RefusedException("this way is not open any more, since the tank has changed; look again"));
        String id = FormKey.checked(key);
        LocalDate today = LocalDate.now(clock);
        List<Task> tasks = new ArrayList<>();
        for (RemedyOption.Step step : taken.steps()) {
            tasks.add(new Task(
                    id + "-" + tasks.size(),
                    today.plusDays(step.inDays()),
                    step.words(),
                    false,
                    Optional.of(about(step, chosen, stock))));
        }
        Optional<Remedy> remedy = taken.kind()
                .filter(kind -> kind != Remedy.Kind.GIVEN_UP)
                .map(kind -> new Remedy(
                        id + "-r",
                        kind,
                        Optional.of(chosen.id()),
                        today,
                        Optional.empty(),
                        Optional.of(taken.title())));
        journal.add(here.keeper(), here.tank(), tasks, remedy);
        Undo.say(redirect, taken.steps().size() + " tasks are in your calendar and under Today.");
        return "redirect:/today";
    }

    /** The fish a step is about: another that it names, or else the one that is attacked. */
    private static FishId about(RemedyOption.Step step, Fish chosen, ResolvedPlan stock) {
        return stock.residents().stream()
                .filter(fish -> !fish.id().equals(chosen.id()) && step.words().contains(fish.name()))
                .map(Fish::id)
                .findFirst()
                .orElse(chosen.id());
    }
}
