package org.pelluna.app.voyage;

import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.app.portrait.TankPreview;
import org.pelluna.app.storage.TankRow;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.web.Measures;
import org.pelluna.core.plan.Preset;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.tank.Cover;
import org.pelluna.core.tank.Purpose;
import org.pelluna.core.tank.Tank;
import org.pelluna.core.tank.TankShape;
import org.pelluna.core.units.LengthUnit;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;

/** The first question of the voyage: the glass. From its answer on there is a tank, which can be left and taken up anywhere. */
@Controller
class GlassController {
    private final TankStore tanks;
    private final Catalogue catalogue;
    private final Clock clock;

    GlassController(TankStore tanks, Catalogue catalogue, Clock clock) {
        this.tanks = tanks;
        this.catalogue = catalogue;
        this.clock = clock;
    }

    private Optional<Tank> earlier(KeeperPrincipal keeper) {
        List<TankRow> displays = tanks.of(keeper.id()).stream()
                .filter(row -> row.kind() == Purpose.Kind.DISPLAY)
                .toList();
        return displays.isEmpty()
                ? Optional.empty()
                : Optional.of(displays.get(displays.size() - 1).tank());
    }

    @ModelAttribute
    void choices(Model model) {
        model.addAttribute("covers", Cover.Kind.values());
        model.addAttribute("shapes", TankShape.Outline.values());
        model.addAttribute("units", LengthUnit.values());
        model.addAttribute("experiences", Tank.Experience.values());
    }

    @GetMapping("/voyage")
    String begin(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @ModelAttribute(name = "measures", binding = false) Measures measures,
            Model model) {
        GlassForm form = new GlassForm();
        form.key = UUID.randomUUID();
        form.unit = measures.length();
        earlier(keeper).ifPresent(form::begin);
        model.addAttribute("form", form);
        return "voyage/glass";
    }

    /** What is known so far, while one types. */
    @GetMapping("/voyage/preview")
    String preview(
            @ModelAttribute("form") GlassForm form,
            BindingResult ignored,
            @ModelAttribute(name = "measures", binding = false) Measures measures,
            Model model) {
        model.addAttribute(
                "preview",
                form.tank()
                        .map(tank -> TankPreview.of(tank, LocalDate.now(clock), catalogue, measures))
                        .orElse(null));
        return "parts :: known";
    }

    @PostMapping("/voyage")
    String keep(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @ModelAttribute("form") GlassForm form,
            BindingResult faults,
            @ModelAttribute(name = "measures", binding = false) Measures measures,
            Model model,
            HttpServletResponse response) {
        form.check(faults);
        earlier(keeper).ifPresent(one -> form.groups = one.holdings().keySet());
        Optional<Tank> tank = form.tank();
        if (!faults.hasErrors() && tank.isEmpty()) {
            faults.reject("contradiction", "A glass so low holds no sand and no water; is the unit right?");
        }
        if (faults.hasErrors()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            tank.ifPresent(one ->
                    model.addAttribute("preview", TankPreview.of(one, LocalDate.now(clock), catalogue, measures)));
            return "voyage/glass";
        }
        UUID id = tanks.add(
                keeper.id(),
                Optional.ofNullable(form.key).orElseGet(UUID::randomUUID),
                tank.orElseThrow(),
                Preset.forNew(tank.orElseThrow()));
        return "redirect:/tanks/" + id + "/voyage/stage";
    }
}
