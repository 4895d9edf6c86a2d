package org.pelluna.app.fish;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.web.Measures;
import org.pelluna.app.web.Refused;
import org.pelluna.app.web.SpeciesLookup;
import org.pelluna.app.web.Undo;
import org.pelluna.core.plan.Life;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.species.Species;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** A fish bought today, whatever the plan said. */
@Controller
class BoughtController {
    private static final int MOST = 50;

    private final TankStore tanks;
    private final FishService fish;
    private final SpeciesLookup lookup;

    BoughtController(TankStore tanks, FishService fish, SpeciesLookup lookup) {
        this.tanks = tanks;
        this.fish = fish;
        this.lookup = lookup;
    }

    /** Records that it is in the display, and leads to what that means. */
    @PostMapping("/tanks/{tankId}/residents/bought")
    String bought(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @PathVariable UUID tankId,
            @RequestParam String form,
            @RequestParam String speciesId,
            @RequestParam(defaultValue = "1") int count,
            @RequestParam Optional<Double> length,
            @ModelAttribute(name = "measures", binding = false) Measures measures,
            RedirectAttributes redirect) {
        TankPlan plan = tanks.plan(keeper.id(), tankId);
        Species species =
                lookup.meant(plan, speciesId, null).orElseThrow(() -> new Refused("choose a fish of the catalogue"));
        if (count < 1 || count > MOST) {
            throw new Refused("between 1 and " + MOST + " fish at once");
        }
        EnterForm.Row row = new EnterForm.Row();
        row.count = count;
        row.length = length.orElseGet(
                () -> measures.length().fromCentimetres(species.size().saleCm().value()));
        row.since = plan.asOf();
        row.exactly = Life.DatePrecision.DAY;
        Set<String> names = new HashSet<>();
        plan.residents().forEach(one -> names.add(one.name()));
        List<Resident> residents = Refused.unless(() -> Entering.of(row, species, plan.asOf(), measures, names));
        if (!fish.enter(keeper.id(), tankId, form, residents, List.of())) {
            Undo.say(redirect, "This is recorded already.");
            return "redirect:/tanks/" + tankId;
        }
        Undo.offer(
                redirect,
                (count > 1 ? count + " × " : "") + species.commonName() + (count > 1 ? " live" : " lives")
                        + " here from today; here is what that means.",
                "/tanks/" + tankId + "/residents/enter/undo/" + form);
        return "redirect:/tanks/" + tankId + "/fish/" + residents.get(0).id();
    }
}
