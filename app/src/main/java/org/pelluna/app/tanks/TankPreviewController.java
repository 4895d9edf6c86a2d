package org.pelluna.app.tanks;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Optional;
import org.pelluna.app.portrait.TankPreview;
import org.pelluna.app.web.Measures;
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
    private final Catalogue catalogue;
    private final Clock clock;

    TankPreviewController(Catalogue catalogue, Clock clock) {
        this.catalogue = catalogue;
        this.clock = clock;
    }

    @GetMapping("/tanks/preview")
    String preview(
            @ModelAttribute("form") TankForm form,
            BindingResult faults,
            @ModelAttribute(name = "measures", binding = false) Measures measures,
            Model model) {
        model.addAttribute(
                "preview",
                tank(form, faults, measures)
                        .map(tank -> TankPreview.of(tank, LocalDate.now(clock), catalogue, measures))
                        .orElse(null));
        return "parts :: known";
    }

    /** The tank as far as it is entered; empty while anything of it is missing or contradicts another. */
    private static Optional<Tank> tank(TankForm form, BindingResult faults, Measures measures) {
        form.name = form.name == null ? "New tank" : form.name;
        TankFormCheck.check(form, faults, measures);
        try {
            return faults.hasErrors() ? Optional.empty() : Optional.of(form.tank(measures, Optional.empty()));
        } catch (IllegalArgumentException contradiction) {
            return Optional.empty();
        }
    }
}
