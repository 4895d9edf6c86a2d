package org.pelluna.app.fish;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.RefusedException;
import org.pelluna.app.web.SpeciesLookup;
import org.pelluna.app.web.Undo;
import org.pelluna.core.plan.Life;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.species.Species;
import org.springframework.stereotype.Controller;
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
            Here here,
            @RequestParam String form,
            @RequestParam String speciesId,
            @RequestParam(defaultValue = "1") int count,
            @RequestParam Optional<Double> length,
            RedirectAttributes redirect) {
        TankPlan plan = tanks.plan(here.keeper(), here.tank());
        Species species = lookup.meant(plan, speciesId, null)
                .orElseThrow(() -> new RefusedException("choose a fish of the catalogue"));
        if (count < 1 || count > MOST) {
            throw new RefusedException("between 1 and " + MOST + " fish at once");
        }
        EnterForm.Row row = new EnterForm.Row();
        row.count = count;
        row.length = length.orElseGet(() ->
                here.measures().length().fromCentimetres(species.size().saleCm().value()));
        row.since = plan.asOf();
        row.exactly = Life.DatePrecision.DAY;
        Set<String> names = new HashSet<>();
        plan.residents().forEach(one -> names.add(one.name()));
        List<Resident> residents =
                RefusedException.unless(() -> Entering.of(row, species, plan.asOf(), here.measures(), names));
        if (!fish.enter(here.keeper(), here.tank(), form, residents, List.of())) {
            Undo.say(redirect, "This is recorded already.");
            return "redirect:/tanks/" + here.tank();
        }
        Undo.offer(
                redirect,
                (count > 1 ? count + " × " : "") + species.commonName() + (count > 1 ? " live" : " lives")
                        + " here from today; here is what that means.",
                "/tanks/" + here.tank() + "/residents/enter/undo/" + form);
        return "redirect:/tanks/" + here.tank() + "/fish/" + residents.get(0).id();
    }
}
