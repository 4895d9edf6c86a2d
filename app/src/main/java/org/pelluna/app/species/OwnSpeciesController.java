package org.pelluna.app.species;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.pelluna.app.portrait.Portraits;
import org.pelluna.app.storage.NotFoundException;
import org.pelluna.app.storage.OwnSpeciesStore;
import org.pelluna.app.storage.StaleVersionException;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.storage.VersionMark;
import org.pelluna.app.web.Conflict;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.Measures;
import org.pelluna.app.web.Undo;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.plan.OwnSpecies;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.species.ReefStance;
import org.pelluna.core.species.Species;
import org.pelluna.core.tank.AnimalGroup;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** A species the catalogue lacks, described as like one that it has. */
@Controller
@RequestMapping("/tanks/{tankId}/own-species")
class OwnSpeciesController {
    private static final int MOST = 200;

    private final TankStore tanks;
    private final OwnSpeciesStore own;
    private final Catalogue catalogue;

    OwnSpeciesController(TankStore tanks, OwnSpeciesStore own, Catalogue catalogue) {
        this.tanks = tanks;
        this.own = own;
        this.catalogue = catalogue;
    }

    /** A species to be like. */
    record Choice(String id, String words) {}

    @GetMapping
    String page(
            Here here,
            @RequestParam(required = false) String like,
            @RequestParam(name = "species", required = false) String changed,
            Model model) {
        Optional<OwnSpecies> old = find(here, changed);
        if (changed != null && old.isEmpty()) {
            throw new NotFoundException("species");
        }
        OwnForm form = old.map(one -> OwnForm.of(one, catalogue.get(one.like()), here.measures()))
                .orElseGet(() -> Optional.ofNullable(like)
                        .map(SpeciesId::new)
                        .flatMap(catalogue::find)
                        .map(other -> OwnForm.like(other, here.measures()))
                        .orElseGet(OwnForm::new));
        model.addAttribute("form", form);
        return show(here, form, model);
    }

    private String show(Here here, OwnForm form, Model model) {
        model.addAttribute("groups", AnimalGroup.values());
        model.addAttribute("conducts", ReefStance.Conduct.values());
        Optional<Species> other =
                Optional.ofNullable(form.like).map(SpeciesId::new).flatMap(catalogue::find);
        model.addAttribute(
                "choices",
                catalogue.all().stream()
                        .map(one -> new Choice(one.id().key(), one.commonName() + " — " + one.scientificName()))
                        .sorted(Comparator.comparing(Choice::words))
                        .toList());
        other.ifPresent(one -> {
            model.addAttribute("other", one.commonName() + ", " + one.scientificName());
            model.addAttribute("sheet", Portraits.sheet(List.of(one)));
            model.addAttribute("portrait", Portraits.use(one));
        });
        return "species/own";
    }

    @PostMapping
    String put(
            Here here,
            @Valid @ModelAttribute("form") OwnForm form,
            BindingResult faults,
            Model model,
            RedirectAttributes redirect,
            HttpServletRequest request,
            HttpServletResponse response) {
        Optional<Species> other =
                Optional.ofNullable(form.like).map(SpeciesId::new).flatMap(catalogue::find);
        if (form.id != null && find(here, form.id).isEmpty()) {
            throw new NotFoundException("species");
        }
        if (!faults.hasErrors() && other.isEmpty()) {
            faults.rejectValue("like", "unknown", "Choose a fish of the catalogue.");
        }
        if (!faults.hasErrors()) {
            try {
                check(here, form, other.orElseThrow(), here.measures(), faults).ifPresent(species -> {
                    own.put(here.keeper(), here.tank(), Optional.ofNullable(form.seen), species);
                    Undo.say(redirect, species.commonName() + " is in this tank's catalogue.");
                });
            } catch (StaleVersionException e) {
                OwnSpecies now = e.now(OwnSpecies.class);
                response.setStatus(HttpStatus.CONFLICT.value());
                return Conflict.page(
                        model,
                        request,
                        now.commonName(),
                        Conflict.fields(OwnForm.of(now, other.orElseThrow(), here.measures())),
                        new Conflict.Hidden("seen", VersionMark.mark(now)),
                        "/tanks/" + here.tank() + "/own-species?species=" + now.id(),
                        Map.of());
            }
        }
        if (faults.hasErrors()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return show(here, form, model);
        }
        return "redirect:/tanks/" + here.tank() + "/species/"
                + form.species(other.orElseThrow(), here.measures()).id();
    }

    private Optional<OwnSpecies> check(
            Here here, OwnForm form, Species other, Measures measures, BindingResult faults) {
        try {
            OwnSpecies one = form.species(other, measures);
            one.faults(other).forEach(fault -> faults.reject("fault", capital(fault) + "."));
            if (catalogue.all().stream()
                    .anyMatch(known -> known.scientificName().equals(one.scientificName()))) {
                faults.rejectValue("scientificName", "known", "The catalogue has this species already.");
            }
            if (form.id == null
                    && find(here, one.id().key())
                            .filter(old -> !old.equals(one))
                            .isPresent()) {
                faults.rejectValue("scientificName", "known", "You have added this species already; change that one.");
            }
            if (tanks.plan(here.keeper(), here.tank()).ownSpecies().size() >= MOST) {
                faults.reject("full", "A tank holds at most " + MOST + " species of your own.");
            }
            return faults.hasErrors() ? Optional.empty() : Optional.of(one);
        } catch (IllegalArgumentException e) {
            faults.reject("fault", capital(String.valueOf(e.getMessage())) + ".");
            return Optional.empty();
        }
    }

    @PostMapping("/{key}/remove")
    String remove(Here here, @PathVariable String key, RedirectAttributes redirect) {
        if (own.remove(here.keeper(), here.tank(), key)) {
            Undo.say(redirect, "The species is gone from this tank's catalogue.");
            return "redirect:/tanks/" + here.tank() + "/species";
        }
        Undo.say(redirect, "It stays: a wish or a fish of this tank's record is of this species.");
        return "redirect:/tanks/" + here.tank() + "/species/" + key;
    }

    private Optional<OwnSpecies> find(Here here, String key) {
        return tanks.plan(here.keeper(), here.tank()).ownSpecies().stream()
                .filter(one -> one.id().key().equals(key))
                .findFirst();
    }

    private static String capital(String sentence) {
        return sentence.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + sentence.substring(1);
    }
}
