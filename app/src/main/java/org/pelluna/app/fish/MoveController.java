package org.pelluna.app.fish;

import static java.util.Objects.requireNonNull;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.pelluna.app.moves.MoveService;
import org.pelluna.app.portrait.Portraits;
import org.pelluna.app.storage.TankRow;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.web.FindingView;
import org.pelluna.app.web.FormKey;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.Measures;
import org.pelluna.app.web.TankCache;
import org.pelluna.app.web.Undo;
import org.pelluna.core.arrival.Arrival;
import org.pelluna.core.arrival.ArrivalPlan;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.assess.MovingHouse;
import org.pelluna.core.lead.PlanLeads;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.tank.Purpose;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The fish of one tank move into another: who first, who has to wait, and what the old tank still holds. */
@Controller
class MoveController {
    private final TankStore tanks;
    private final TankCache cache;
    private final MoveService moves;
    private final Catalogue catalogue;

    MoveController(TankStore tanks, TankCache cache, MoveService moves, Catalogue catalogue) {
        this.tanks = tanks;
        this.cache = cache;
        this.moves = moves;
        this.catalogue = catalogue;
    }

    @GetMapping("/tanks/{tankId}/move")
    String page(Here here, @RequestParam Optional<UUID> into, Model model) {
        ResolvedPlan stock = here.answers().assessment().stock();
        List<TankRow> others = tanks.of(here.keeper()).stream()
                .filter(one -> !one.id().equals(here.tank()) && one.kind() == Purpose.Kind.DISPLAY)
                .toList();
        Optional<TankRow> target = into.map(id -> tanks.get(here.keeper(), id))
                .or(() -> others.size() == 1 ? Optional.of(others.get(0)) : Optional.empty());
        List<Fish> all = stock.withAbsent().residents();
        model.addAttribute("others", others);
        model.addAttribute("target", target.orElse(null));
        model.addAttribute("today", stock.plan().asOf());
        model.addAttribute("key", FormKey.fresh());
        model.addAttribute(
                "portraits", Portraits.sheet(all.stream().map(Fish::species).toList()));
        model.addAttribute("lead", "");
        model.addAttribute("steps", List.of());
        target.ifPresent(to -> show(stock, cache.of(here.keeper(), to.id()).plan(), here.measures(), model));
        model.addAttribute(
                "wishes",
                stock.wishes().stream().map(one -> one.species().commonName()).toList());
        return "fish/move";
    }

    private void show(ResolvedPlan stock, TankPlan into, Measures measures, Model model) {
        Assessment there = MovingHouse.of(stock, into, catalogue);
        Map<String, Fish> fish = stock.withAbsent().residents().stream()
                .collect(Collectors.toMap(one -> one.id().key(), one -> one));
        ArrivalPlan order = there.order();
        model.addAttribute(
                "lead",
                measures.sentence(PlanLeads.move(order, fish, into.tank().name(), into.asOf())));
        List<MoveStep> steps = new ArrayList<>();
        for (Arrival arrival : order.arrivals()) {
            boolean first = steps.isEmpty() && !arrival.date().isAfter(into.asOf());
            steps.add(new MoveStep(
                    arrival.date().toString(),
                    arrival.wishIds().stream()
                            .map(id -> MoveStep.Mover.of(requireNonNull(fish.get(id.key())), first))
                            .toList(),
                    List.of(FindingView.of(arrival.reasons().get(0), measures))));
        }
        Set<String> held = new LinkedHashSet<>();
        for (ArrivalPlan.Held one : order.held()) {
            if (held.add(one.wishId().key())) {
                steps.add(new MoveStep(
                        "",
                        List.of(MoveStep.Mover.of(
                                requireNonNull(fish.get(one.wishId().key())), false)),
                        List.of(FindingView.of(one.gate(), measures))));
            }
        }
        model.addAttribute("steps", steps);
    }

    @PostMapping("/tanks/{tankId}/move")
    String move(
            Here here,
            @RequestParam String form,
            @RequestParam(defaultValue = "") List<String> fish,
            @RequestParam UUID into,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate on,
            RedirectAttributes redirect) {
        moves.move(here.keeper(), here.tank(), form, fish, into, on)
                .ifPresentOrElse(
                        said -> Undo.offer(redirect, said, undoOf(here.tank(), form)),
                        () -> Undo.say(redirect, "This is recorded already."));
        return "redirect:/tanks/" + here.tank() + "/move?into=" + into;
    }

    /** Takes a move back in both tanks. */
    @PostMapping("/tanks/{tankId}/moves/{form}/undo")
    String undo(Here here, @PathVariable String form, RedirectAttributes redirect) {
        moves.undo(here.keeper(), form);
        Undo.say(redirect, "Undone in both tanks.");
        return "redirect:/tanks/" + here.tank();
    }

    static String undoOf(UUID tankId, String form) {
        return "/tanks/" + tankId + "/moves/" + form + "/undo";
    }
}
