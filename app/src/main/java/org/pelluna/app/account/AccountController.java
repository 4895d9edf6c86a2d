package org.pelluna.app.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import java.util.Optional;
import org.pelluna.app.demo.DemoKeeper;
import org.pelluna.app.portrait.Portraits;
import org.pelluna.app.storage.KeeperRow;
import org.pelluna.app.storage.Keepers;
import org.pelluna.app.storage.NotFoundException;
import org.pelluna.app.web.Measures;
import org.pelluna.app.web.Theme;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.units.LengthUnit;
import org.pelluna.core.units.TemperatureUnit;
import org.pelluna.core.units.VolumeUnit;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Signing up and in, units, and the day and night look. */
@Controller
class AccountController {
    /** Species shown on the sign-in page. */
    private static final int FRIEZE = 12;

    private final Accounts accounts;
    private final Keepers keepers;
    private final Optional<DemoKeeper> demo;
    private final Catalogue catalogue;

    AccountController(Accounts accounts, Keepers keepers, Optional<DemoKeeper> demo, Catalogue catalogue) {
        this.catalogue = catalogue;
        this.accounts = accounts;
        this.keepers = keepers;
        this.demo = demo;
    }

    @GetMapping("/sign-in")
    String signIn(Model model, @AuthenticationPrincipal KeeperPrincipal keeper) {
        if (keeper != null) {
            return "redirect:/today";
        }
        model.addAttribute("demoOffered", demo.isPresent());
        model.addAttribute("frieze", Portraits.frieze(catalogue.all(), FRIEZE));
        model.addAttribute("catalogueNote", catalogueNote());
        return "account/sign-in";
    }

    private String catalogueNote() {
        var saleLengths = catalogue.all().stream()
                .mapToDouble(species -> species.size().saleCm().value())
                .summaryStatistics();
        return "From the catalogue of " + catalogue.all().size()
                + " species: grown fish, all to one scale. In the shop they are "
                + Measures.METRIC.lengthOf(saleLengths.getMin()) + " to "
                + Measures.METRIC.lengthOf(saleLengths.getMax()) + " long.";
    }

    @PostMapping("/sign-in/demo")
    String demo(HttpServletRequest request, HttpServletResponse response) {
        DemoKeeper offered = demo.orElseThrow(() -> new NotFoundException("demo keeper"));
        accounts.signIn(offered.keeper(), request, response);
        return "redirect:/today";
    }

    @GetMapping("/sign-up")
    String signUp(@ModelAttribute("form") SignUpForm form) {
        return "account/sign-up";
    }

    @PostMapping("/sign-up")
    String signUp(
            @Valid @ModelAttribute("form") SignUpForm form,
            BindingResult faults,
            HttpServletRequest request,
            HttpServletResponse response) {
        if (!faults.hasErrors()) {
            Optional<KeeperRow> created = accounts.create(form.username, form.displayName, form.password);
            if (created.isPresent()) {
                accounts.signIn(created.get(), request, response);
                return "redirect:/voyage";
            }
            faults.rejectValue("username", "taken", "This name is taken; please choose another.");
        }
        return "account/sign-up";
    }

    @GetMapping("/account")
    String account(Model model) {
        model.addAttribute("lengthUnits", LengthUnit.values());
        model.addAttribute("volumeUnits", VolumeUnit.values());
        model.addAttribute("temperatureUnits", TemperatureUnit.values());
        return "account/account";
    }

    @PostMapping("/account/units")
    @Transactional
    String units(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @RequestParam LengthUnit length,
            @RequestParam VolumeUnit volume,
            @RequestParam TemperatureUnit temperature) {
        keepers.findById(keeper.id())
                .orElseThrow(() -> new NotFoundException("keeper"))
                .prefers(length, volume, temperature);
        return "redirect:/account?saved";
    }

    /** Switches between the day and the night look; without scripts, and before signing in too. */
    @PostMapping("/look")
    String look(
            @RequestParam Theme look,
            @RequestParam(defaultValue = "/today") String back,
            HttpServletResponse response) {
        look.remember(response);
        boolean ours = back.startsWith("/") && !back.startsWith("//") && !back.contains("\\");
        return "redirect:" + (ours ? back : "/today");
    }
}
