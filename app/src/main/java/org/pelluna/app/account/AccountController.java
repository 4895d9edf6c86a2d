package org.pelluna.app.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.pelluna.app.storage.KeeperRow;
import org.pelluna.app.storage.Keepers;
import org.pelluna.app.storage.NotFoundException;
import org.pelluna.app.storage.Quotas;
import org.pelluna.app.web.Theme;
import org.pelluna.core.units.LengthUnit;
import org.pelluna.core.units.TemperatureUnit;
import org.pelluna.core.units.VolumeUnit;
import org.springframework.http.HttpHeaders;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** A keeper's account on one page, their units, and the day and night look. */
@Controller
class AccountController {
    private final Accounts accounts;
    private final Keepers keepers;
    private final Devices devices;
    private final RecoveryMethods waysBack;
    private final Quotas quotas;

    AccountController(Accounts accounts, Keepers keepers, Devices devices, RecoveryMethods waysBack, Quotas quotas) {
        this.accounts = accounts;
        this.keepers = keepers;
        this.devices = devices;
        this.waysBack = waysBack;
        this.quotas = quotas;
    }

    @GetMapping("/account")
    String account(
            Model model,
            HttpServletRequest request,
            HttpServletResponse response,
            @AuthenticationPrincipal KeeperPrincipal who) {
        KeeperRow keeper = accounts.get(who.id());
        model.addAttribute("keeper", keeper);
        model.addAttribute("email", keeper.email().orElse(null));
        model.addAttribute("second", keeper.secondFactor().isPresent());
        model.addAttribute("closing", keeper.closingAt().orElse(null));
        model.addAttribute("codesLeft", waysBack.codesLeft(who.id()));
        model.addAttribute("devices", devices.of(who.getUsername(), SafetyController.session(request)));
        model.addAttribute("rooms", quotas.of(who.id()));
        if (request.getSession().getAttribute(SafetyController.NEW_KEY) instanceof String key) {
            model.addAttribute("newKey", key.replaceAll("(.{4})", "$1 ").strip());
            model.addAttribute("newKeyPicture", QrPicture.of(SecondFactor.address(key, who.getUsername())));
        }
        response.setHeader(HttpHeaders.CACHE_CONTROL, "no-store");
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
