package org.pelluna.app.losses;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.pelluna.app.storage.JournalStore;
import org.pelluna.app.storage.NotFoundException;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.web.FindingView;
import org.pelluna.app.web.FormKey;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.RefusedException;
import org.pelluna.app.web.Undo;
import org.pelluna.core.lead.TankLeads;
import org.pelluna.core.lessons.Crew;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.shop.LivingCrew;
import org.pelluna.core.shop.PlannedCrew;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.species.Invertebrate;
import org.pelluna.core.species.Invertebrates;
import org.pelluna.core.tank.AnimalGroup;
import org.pelluna.core.watch.CrewCount;
import org.pelluna.core.watch.CrewPlan;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The clean-up crew and other invertebrates: counted, dwindling, restocked. */
@Controller
@RequestMapping("/tanks/{tankId}/losses/crew")
class CrewController {
    private final TankStore tanks;
    private final JournalStore journal;
    private final Catalogue catalogue;

    CrewController(TankStore tanks, JournalStore journal, Catalogue catalogue) {
        this.tanks = tanks;
        this.journal = journal;
        this.catalogue = catalogue;
    }

    /** One count. */
    record CountView(String key, String on, String words) {}

    @GetMapping
    String page(Here here, Model model) {
        ResolvedPlan stock = here.answers().stock();
        model.addAttribute("key", FormKey.fresh());
        model.addAttribute("today", stock.plan().asOf());
        model.addAttribute("groups", AnimalGroup.values());
        List<Crew> crews = Crew.of(stock);
        model.addAttribute("lead", TankLeads.crew(stock, crews));
        model.addAttribute(
                "crews",
                crews.stream()
                        .map(one -> CrewView.of(one, stock.plan().asOf(), here.measures()))
                        .toList());
        model.addAttribute("suits", FindingView.all(LivingCrew.water(stock), here.measures()));
        model.addAttribute(
                "counts",
                stock.plan().observations().crew().stream()
                        .sorted(Comparator.comparing(CrewCount::on).reversed())
                        .limit(40)
                        .map(one -> new CountView(
                                one.id(),
                                one.on().toString(),
                                one.count() + " " + one.name() + " "
                                        + one.kind().words()
                                        + one.by().map(who -> ", to " + who).orElse("")))
                        .toList());
        model.addAttribute("source", Crew.SOURCE.words());
        model.addAttribute(
                "known",
                Invertebrates.ALL.stream().map(Invertebrate::commonName).toList());
        model.addAttribute(
                "culprits",
                Stream.concat(
                                stock.residents().stream().map(Fish::name),
                                stock.plan().observations().crew().stream()
                                        .map(CrewCount::name)
                                        .distinct())
                        .toList());
        model.addAttribute(
                "planned",
                PlannedCrew.of(stock).stream()
                        .map(one -> PlannedCrewView.of(one, stock.plan().asOf(), here.measures()))
                        .toList());
        model.addAttribute("keys", new FormKey.Fresh());
        model.addAttribute(
                "fights",
                stock.plan().observations().crewEncounters().stream()
                        .map(one -> new CountView(
                                one.id(),
                                one.at().toLocalDate().toString(),
                                one.words(stock.plan().fishNames())))
                        .sorted(Comparator.comparing(CountView::on).reversed())
                        .limit(40)
                        .toList());
        return "losses/crew";
    }

    /** Animals to be bought. */
    @PostMapping("/plan")
    String plan(
            Here here,
            @RequestParam String key,
            @RequestParam Optional<AnimalGroup> group,
            @RequestParam Optional<String> name,
            @RequestParam(defaultValue = "1") int count,
            RedirectAttributes redirect) {
        AnimalGroup animals = group(name, group);
        CrewPlan plan = RefusedException.unless(() -> new CrewPlan(
                FormKey.checked(key),
                animals,
                called(name, animals),
                count,
                here.answers().plan().asOf()));
        journal.add(here.keeper(), here.tank(), plan);
        Undo.offer(redirect, "Planned.", "/tanks/" + here.tank() + "/watch/items/" + plan.id() + "/remove");
        return "redirect:/tanks/" + here.tank() + "/losses/crew";
    }

    /** Planned animals were bought and are in the tank. */
    @PostMapping("/plan/{plan}/bought")
    String bought(
            Here here,
            @PathVariable String plan,
            @RequestParam String key,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate on,
            @RequestParam(defaultValue = "1") int count,
            @RequestParam(defaultValue = "1") double smallest,
            RedirectAttributes redirect) {
        CrewPlan planned = here.answers().plan().observations().crewPlans().stream()
                .filter(one -> one.id().equals(plan))
                .findFirst()
                .orElseThrow(() -> new NotFoundException("plan"));
        CrewCount in = RefusedException.unless(() -> new CrewCount(
                FormKey.checked(key),
                on,
                planned.group(),
                planned.name(),
                CrewCount.Kind.ADDED,
                count,
                here.measures().length().toCentimetres(smallest)));
        journal.bought(here.keeper(), here.tank(), in, plan);
        Undo.offer(
                redirect,
                "They are in.",
                "/tanks/" + here.tank() + "/losses/crew/plan/" + plan + "/bought/undo/" + in.id());
        return "redirect:/tanks/" + here.tank() + "/losses/crew";
    }

    /** They are planned again, and were not bought. */
    @PostMapping("/plan/{plan}/bought/undo/{count}")
    String undoBought(Here here, @PathVariable String plan, @PathVariable String count, RedirectAttributes redirect) {
        journal.notBought(here.keeper(), here.tank(), count, plan);
        Undo.say(redirect, "Undone. They are planned, not bought.");
        return "redirect:/tanks/" + here.tank() + "/losses/crew";
    }

    private static AnimalGroup group(Optional<String> name, Optional<AnimalGroup> group) {
        return name.flatMap(Invertebrates::called)
                .map(Invertebrate::group)
                .or(() -> group)
                .orElseThrow(() -> new RefusedException("choose which animals"));
    }

    private static String called(Optional<String> name, AnimalGroup animals) {
        return name.map(String::strip).filter(text -> !text.isEmpty()).orElse(animals.words());
    }

    @PostMapping
    String add(
            Here here,
            @RequestParam String key,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate on,
            @RequestParam Optional<AnimalGroup> group,
            @RequestParam Optional<String> name,
            @RequestParam(defaultValue = "COUNTED") CrewCount.Kind what,
            @RequestParam(defaultValue = "0") int count,
            @RequestParam(defaultValue = "1") double smallest,
            @RequestParam Optional<String> by,
            RedirectAttributes redirect) {
        tanks.get(here.keeper(), here.tank());
        AnimalGroup animals = group(name, group);
        CrewCount one = RefusedException.unless(() -> new CrewCount(
                FormKey.checked(key),
                on,
                animals,
                called(name, animals),
                what,
                count,
                here.measures().length().toCentimetres(smallest),
                what == CrewCount.Kind.LOST
                        ? by.map(String::strip).filter(text -> !text.isEmpty())
                        : Optional.empty()));
        journal.add(here.keeper(), here.tank(), one);
        Undo.offer(redirect, "Noted.", "/tanks/" + here.tank() + "/watch/items/" + one.id() + "/remove");
        return "redirect:/tanks/" + here.tank() + "/losses/crew";
    }
}
