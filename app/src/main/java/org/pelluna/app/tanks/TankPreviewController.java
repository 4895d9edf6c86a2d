package org.pelluna.app.tanks;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Optional;
import org.pelluna.app.portrait.TankPreview;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.Measures;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.tank.Tank;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;

/** The tank to scale beside its full form, with its net water, as one types. */
@Controller
class TankPreviewController {
    private final TankStore tanks;
    private final Catalogue catalogue;
    private final Clock clock;

    TankPreviewController(TankStore tanks, Catalogue catalogue, Clock clock) {
        this.tanks = tanks;
        this.catalogue = catalogue;
        this.clock = clock;
    }

    /** The same of a tank that is kept: with its fish, by its own rules as they are entered. */
    @GetMapping("/tanks/{tankId}/preview")
    String changed(Here here, @ModelAttribute("form") TankForm form, BindingResult faults, Model model) {
        TankPlan plan = tanks.plan(here.keeper(), here.tank());
        model.addAttribute(
                "preview",
                tank(form, faults, here.measures(), Optional.of(plan.tank()))
                        .flatMap(tank -> entered(plan.withTank(tank), form))
                        .map(entered -> TankPreview.of(ResolvedPlan.of(entered, catalogue), here.measures()))
                        .orElse(null));
        return "parts :: known";
    }

    private static Optional<TankPlan> entered(TankPlan plan, TankForm form) {
        try {
            return Optional.of(plan.withHouseRules(form.houseRules(plan.houseRules())));
        } catch (IllegalArgumentException contradiction) {
            return Optional.empty();
        }
    }

    @GetMapping("/tanks/preview")
    String preview(
            @ModelAttribute("form") TankForm form,
            BindingResult faults,
            @ModelAttribute(name = "measures", binding = false) Measures measures,
            Model model) {
        model.addAttribute(
                "preview",
                tank(form, faults, measures, Optional.empty())
                        .map(tank -> TankPreview.of(tank, LocalDate.now(clock), catalogue, measures))
                        .orElse(null));
        return "parts :: known";
    }

    /** The tank as far as it is entered; empty while anything of it is missing or contradicts another. */
    private static Optional<Tank> tank(TankForm form, BindingResult faults, Measures measures, Optional<Tank> before) {
        form.name = form.name == null ? "New tank" : form.name;
        TankFormCheck.check(form, faults, measures);
        try {
            return faults.hasErrors() ? Optional.empty() : Optional.of(form.tank(measures, before));
        } catch (IllegalArgumentException contradiction) {
            return Optional.empty();
        }
    }
}
