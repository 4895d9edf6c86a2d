package org.pelluna.app.fish;

import jakarta.servlet.http.HttpServletResponse;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.web.Key;
import org.pelluna.app.web.Measures;
import org.pelluna.app.web.SpeciesLookup;
import org.pelluna.app.web.Undo;
import org.pelluna.core.plan.Life;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.species.Species;
import org.pelluna.core.units.Numbers;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** A tank that lived before its record began: its fish entered several at once. */
@Controller
@RequestMapping("/tanks/{tankId}/residents/enter")
class EnterController {
    private static final int MOST_OF_A_KIND = 50;
    private static final int LONGEST_NAME = 55;
    private static final double LONGEST_CM = 300;

    private final TankStore tanks;
    private final FishService fish;
    private final SpeciesLookup lookup;
    private final Catalogue catalogue;

    EnterController(TankStore tanks, FishService fish, SpeciesLookup lookup, Catalogue catalogue) {
        this.tanks = tanks;
        this.fish = fish;
        this.lookup = lookup;
        this.catalogue = catalogue;
    }

    @GetMapping
    String page(@AuthenticationPrincipal KeeperPrincipal keeper, @PathVariable UUID tankId, Model model) {
        EnterForm form = new EnterForm();
        form.key = Key.fresh();
        model.addAttribute("form", form);
        return show(keeper, tankId, form, model);
    }

    private String show(KeeperPrincipal keeper, UUID tankId, EnterForm form, Model model) {
        form.fillUp();
        TankPlan plan = tanks.plan(keeper.id(), tankId);
        model.addAttribute("tank", tanks.get(keeper.id(), tankId));
        model.addAttribute("today", plan.asOf());
        model.addAttribute("exactly", Life.Arrival.values());
        model.addAttribute(
                "choices",
                plan.species(catalogue).all().stream()
                        .map(SpeciesLookup::words)
                        .sorted()
                        .toList());
        return "fish/enter";
    }

    @PostMapping
    String enter(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @PathVariable UUID tankId,
            @ModelAttribute("form") EnterForm form,
            BindingResult faults,
            @ModelAttribute(name = "measures", binding = false) Measures measures,
            Model model,
            RedirectAttributes redirect,
            HttpServletResponse response) {
        TankPlan plan = tanks.plan(keeper.id(), tankId);
        List<Resident> residents = new ArrayList<>();
        Set<String> names = new HashSet<>();
        plan.residents().forEach(one -> names.add(one.name()));
        if (!faults.hasErrors()) {
            for (int i = 0; i < form.rows.size(); i++) {
                EnterForm.Row row = form.rows.get(i);
                if (!row.isEmpty()) {
                    checked(plan, row, "rows[" + i + "].", measures, faults)
                            .ifPresent(species ->
                                    residents.addAll(Entering.of(row, species, plan.asOf(), measures, names)));
                }
            }
            if (residents.isEmpty() && !faults.hasErrors()) {
                faults.reject("empty", "Enter at least one fish.");
            }
        }
        if (faults.hasErrors()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return show(keeper, tankId, form, model);
        }
        fish.enter(keeper.id(), tankId, form.key, residents);
        Undo.offer(
                redirect,
                Numbers.count(residents.size(), "fish lives", "fish live") + " here now, as entered.",
                "/tanks/" + tankId + "/residents/enter/undo/" + form.key);
        return "redirect:/tanks/" + tankId;
    }

    private Optional<Species> checked(
            TankPlan plan, EnterForm.Row row, String field, Measures measures, BindingResult faults) {
        Optional<Species> species = lookup.meant(plan.ownSpecies(), null, row.fish);
        if (species.isEmpty()) {
            faults.rejectValue(field + "fish", "unknown", lookup.fault(plan.ownSpecies(), row.fish));
        }
        if (row.count != null && (row.count < 1 || row.count > MOST_OF_A_KIND)) {
            faults.rejectValue(field + "count", "range", "1 to " + MOST_OF_A_KIND + ".");
        }
        if (row.length != null && !(row.length > 0 && measures.length().toCentimetres(row.length) <= LONGEST_CM)) {
            faults.rejectValue(
                    field + "length", "range", "A length above 0 and at most " + measures.lengthOf(LONGEST_CM) + ".");
        }
        if (row.since != null && row.since.isAfter(plan.asOf())) {
            faults.rejectValue(field + "since", "future", "This day lies in the future.");
        }
        if (row.name != null && row.name.length() > LONGEST_NAME) {
            faults.rejectValue(field + "name", "long", "At most " + LONGEST_NAME + " letters.");
        }
        return faults.hasErrors() ? Optional.empty() : species;
    }

    /** Takes back what the form entered. */
    @PostMapping("/undo/{form}")
    String undo(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @PathVariable UUID tankId,
            @PathVariable String form,
            RedirectAttributes redirect) {
        fish.undo(keeper.id(), tankId, form);
        Undo.say(redirect, "Taken back: these fish are out of the record.");
        return "redirect:/tanks/" + tankId;
    }
}
