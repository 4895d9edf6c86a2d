package org.pelluna.app.losses;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.app.storage.JournalStore;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.web.Key;
import org.pelluna.app.web.Measures;
import org.pelluna.app.web.Refused;
import org.pelluna.app.web.TankCache;
import org.pelluna.app.web.Undo;
import org.pelluna.core.lessons.Crew;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.species.Invertebrate;
import org.pelluna.core.species.Invertebrates;
import org.pelluna.core.tank.AnimalGroup;
import org.pelluna.core.watch.CrewCount;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
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
    private final TankCache cache;
    private final JournalStore journal;
    private final Catalogue catalogue;

    CrewController(TankStore tanks, TankCache cache, JournalStore journal, Catalogue catalogue) {
        this.cache = cache;
        this.tanks = tanks;
        this.journal = journal;
        this.catalogue = catalogue;
    }

    /** One count. */
    record CountView(String key, String on, String words) {}

    @GetMapping
    String page(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @PathVariable UUID tankId,
            @ModelAttribute(name = "measures", binding = false) Measures measures,
            Model model) {
        ResolvedPlan stock = cache.of(keeper.id(), tankId).stock();
        model.addAttribute("tank", tanks.get(keeper.id(), tankId));
        model.addAttribute("key", Key.fresh());
        model.addAttribute("today", stock.plan().asOf());
        model.addAttribute("groups", AnimalGroup.values());
        model.addAttribute(
                "crews",
                Crew.of(stock).stream()
                        .map(one -> CrewView.of(one, stock.plan().asOf(), measures))
                        .toList());
        model.addAttribute(
                "counts",
                stock.plan().observations().crew().stream()
                        .sorted(java.util.Comparator.comparing(CrewCount::on).reversed())
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
        return "losses/crew";
    }

    @PostMapping
    String add(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @PathVariable UUID tankId,
            @RequestParam String key,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate on,
            @RequestParam Optional<AnimalGroup> group,
            @RequestParam Optional<String> name,
            @RequestParam(defaultValue = "COUNTED") CrewCount.Kind what,
            @RequestParam(defaultValue = "0") int count,
            @RequestParam(defaultValue = "1") double smallest,
            @RequestParam Optional<String> by,
            @ModelAttribute(name = "measures", binding = false) Measures measures,
            RedirectAttributes redirect) {
        tanks.get(keeper.id(), tankId);
        AnimalGroup animals = name.flatMap(Invertebrates::called)
                .map(Invertebrate::group)
                .or(() -> group)
                .orElseThrow(() -> new Refused("choose which animals"));
        CrewCount one = Refused.unless(() -> new CrewCount(
                Key.checked(key),
                on,
                animals,
                name.map(String::strip).filter(text -> !text.isEmpty()).orElse(animals.words()),
                what,
                count,
                measures.length().toCentimetres(smallest),
                what == CrewCount.Kind.LOST
                        ? by.map(String::strip).filter(text -> !text.isEmpty())
                        : Optional.empty()));
        journal.add(keeper.id(), tankId, one);
        Undo.offer(redirect, "Noted.", "/tanks/" + tankId + "/watch/items/" + one.id() + "/remove");
        return "redirect:/tanks/" + tankId + "/losses/crew";
    }
}
