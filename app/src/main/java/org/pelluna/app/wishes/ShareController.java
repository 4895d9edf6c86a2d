package org.pelluna.app.wishes;

import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import java.util.List;
import java.util.Optional;
import org.pelluna.app.portrait.FishChoice;
import org.pelluna.app.storage.ShareStore;
import org.pelluna.app.web.FormKey;
import org.pelluna.app.web.SpeciesLookup;
import org.pelluna.app.web.TankCatalogue;
import org.pelluna.app.web.Undo;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.OwnSpecies;
import org.pelluna.core.plan.Wish;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.species.Species;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The family's page: add a wish, without an account, and nothing else. */
@Controller
@RequestMapping("/share/{token}")
class ShareController {
    private final ShareStore shares;
    private final TankCatalogue known;
    private final SpeciesLookup named;

    ShareController(ShareStore shares, TankCatalogue known, SpeciesLookup named) {
        this.shares = shares;
        this.known = known;
        this.named = named;
    }

    /** A wish as the family sees it. */
    record SharedWish(String name, String askedBy) {}

    @GetMapping
    String page(@PathVariable String token, Model model) {
        WishForm form = new WishForm();
        form.key = FormKey.fresh();
        model.addAttribute("form", form);
        return show(token, model);
    }

    private String show(String token, Model model) {
        ShareStore.Shared shared = shares.behind(token);
        Catalogue catalogue = known.with(shared.ownSpecies());
        model.addAttribute("token", token);
        model.addAttribute("tankName", shared.tankName());
        model.addAttribute(
                "wishes",
                shared.wishes().stream()
                        .map(wish -> new SharedWish(
                                (wish.count() > 1 ? wish.count() + " × " : "")
                                        + catalogue.get(wish.speciesId()).commonName(),
                                wish.askedBy().orElse("")))
                        .toList());
        model.addAttribute(
                "choices",
                catalogue.all().stream().map(SpeciesLookup::words).sorted().toList());
        return "wishes/share";
    }

    @PostMapping
    String add(
            @PathVariable String token,
            @Valid @ModelAttribute("form") WishForm form,
            BindingResult faults,
            Model model,
            RedirectAttributes redirect,
            HttpServletResponse response) {
        List<OwnSpecies> own = shares.behind(token).ownSpecies();
        form.fish = form.chosen == null ? form.fish : form.chosen;
        Optional<Species> meant = named.meant(own, null, form.fish);
        if (meant.isEmpty()) {
            faults.rejectValue("fish", "unknown", named.fault(own, form.fish));
            model.addAttribute("asked", FishChoice.of(named.choices(own, form.fish)));
        }
        if (!faults.hasErrors()) {
            Wish wish = new Wish(
                    new WishId(FormKey.checked(form.key)),
                    meant.orElseThrow().id(),
                    form.count,
                    Optional.empty(),
                    Optional.ofNullable(form.askedBy),
                    Wish.Decision.OPEN,
                    Optional.empty());
            if (shares.addWish(token, wish)) {
                Undo.say(redirect, meant.orElseThrow().commonName() + " is on the list.");
                return "redirect:/share/" + token;
            }
            faults.reject("full", "The list is full; ask the keeper to thin it first.");
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return show(token, model);
    }
}
