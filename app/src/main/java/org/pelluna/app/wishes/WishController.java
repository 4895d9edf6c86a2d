package org.pelluna.app.wishes;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.pelluna.app.portrait.FishChoice;
import org.pelluna.app.portrait.Portraits;
import org.pelluna.app.storage.RecordStore;
import org.pelluna.app.storage.ShareStore;
import org.pelluna.app.storage.StaleVersionException;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.storage.VersionMark;
import org.pelluna.app.web.Conflict;
import org.pelluna.app.web.FindingView;
import org.pelluna.app.web.FormKey;
import org.pelluna.app.web.HeadlineView;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.Measures;
import org.pelluna.app.web.RefusedException;
import org.pelluna.app.web.SpeciesLookup;
import org.pelluna.app.web.Undo;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.Life;
import org.pelluna.core.plan.OwnSpecies;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.ShopSighting;
import org.pelluna.core.plan.Wish;
import org.pelluna.core.shortlist.Judgement;
import org.pelluna.core.shortlist.WishesTogether;
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
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** Wishes and what the shortlist says of them. */
@Controller
@RequestMapping("/tanks/{tankId}/wishes")
class WishController {
    private final TankStore tanks;
    private final RecordStore record;
    private final ShareStore shares;
    private final Catalogue catalogue;
    private final SpeciesLookup named;

    WishController(TankStore tanks, RecordStore record, ShareStore shares, Catalogue catalogue, SpeciesLookup named) {
        this.tanks = tanks;
        this.record = record;
        this.shares = shares;
        this.catalogue = catalogue;
        this.named = named;
    }

    /** One choice of the list of species. */
    record Choice(String id, String words) {}

    /** The wishes of one verdict, under its heading. */
    record Shelf(String severity, String heading, List<WishView> wishes) {}

    private static List<Shelf> shelves(List<WishView> wishes) {
        return Stream.of(
                        new Shelf("fine", "Yes", List.of()),
                        new Shelf("careful", "Yes, with care", List.of()),
                        new Shelf("wait", "Later", List.of()),
                        new Shelf("stop", "No", List.of()))
                .map(empty -> new Shelf(
                        empty.severity(),
                        empty.heading(),
                        wishes.stream()
                                .filter(wish -> wish.shelf().equals(empty.severity()))
                                .toList()))
                .filter(shelf -> !shelf.wishes().isEmpty())
                .toList();
    }

    @GetMapping
    String page(Here here, Model model) {
        WishForm form = new WishForm();
        form.key = FormKey.fresh();
        model.addAttribute("form", form);
        return show(here, here.measures(), model);
    }

    private String show(Here here, Measures measures, Model model) {
        Assessment assessment = here.answers().assessment();
        List<WishView> wishes = assessment.judgements().stream()
                .map(judgement -> WishView.of(judgement, assessment.order(), measures))
                .toList();
        model.addAttribute("headline", HeadlineView.ofWishes(assessment, "/tanks/" + here.tank(), measures));
        model.addAttribute("shelves", shelves(wishes));
        model.addAttribute("today", assessment.stock().plan().asOf());
        model.addAttribute("origins", Resident.Origin.values());
        model.addAttribute("sexes", Life.Sex.values());
        model.addAttribute("holds", ShopSighting.Hold.values());
        model.addAttribute("shared", shares.isOpen(here.keeper(), here.tank(), ShareStore.Purpose.WISHES));
        model.addAttribute(
                "price",
                assessment.judgements().stream()
                        .filter(Judgement::inPlan)
                        .mapToDouble(one -> one.wished().wish().price().orElse(0.0))
                        .sum());
        model.addAttribute(
                "planFindings",
                Stream.concat(
                                WishesTogether.findings(assessment.stock(), assessment.judgements()).stream(),
                                assessment.order().findings().stream())
                        .map(finding -> FindingView.of(finding, measures))
                        .toList());
        model.addAttribute(
                "portraits",
                Portraits.sheet(assessment.stock().wishes().stream()
                        .map(ResolvedPlan.Wished::species)
                        .toList()));
        model.addAttribute(
                "choices",
                assessment.stock().plan().species(catalogue).all().stream()
                        .map(one -> new Choice(one.id().key(), SpeciesLookup.words(one)))
                        .sorted(java.util.Comparator.comparing(Choice::words))
                        .toList());
        return "wishes/page";
    }

    @PostMapping
    String add(
            Here here,
            @Valid @ModelAttribute("form") WishForm form,
            BindingResult faults,
            Model model,
            RedirectAttributes redirect,
            HttpServletResponse response) {
        List<OwnSpecies> own = tanks.plan(here.keeper(), here.tank()).ownSpecies();
        form.fish = form.chosen == null ? form.fish : form.chosen;
        Optional<Species> meant = named.meant(own, form.speciesId, form.fish);
        if (meant.isEmpty()) {
            faults.rejectValue(
                    "fish", "unknown", named.fault(own, form.speciesId == null ? form.fish : form.speciesId));
            model.addAttribute("asked", FishChoice.of(named.choices(own, form.fish)));
        }
        if (form.price != null && !(form.price >= 0 && form.price <= 1_000_000)) {
            faults.rejectValue("price", "range", "Price: enter 0 or more, or leave it empty.");
        }
        if (form.length != null && !(form.length > 0 && here.measures().length().toCentimetres(form.length) <= 300)) {
            faults.rejectValue(
                    "length", "range", "Length: enter more than 0, or leave it empty for the usual size at sale.");
        }
        if (faults.hasErrors()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return show(here, here.measures(), model);
        }
        Wish wish = new Wish(
                new WishId(FormKey.checked(form.key)),
                meant.orElseThrow().id(),
                form.count,
                Optional.ofNullable(form.length).map(here.measures().length()::toCentimetres),
                Optional.ofNullable(form.askedBy),
                Wish.Decision.OPEN,
                Optional.empty(),
                Optional.ofNullable(form.price),
                Optional.empty());
        record.addWish(here.keeper(), here.tank(), wish);
        Undo.offer(
                redirect,
                meant.orElseThrow().commonName() + " is on the list.",
                path(here.tank()) + "/" + wish.id() + "/remove");
        return "redirect:" + path(here.tank());
    }

    @PostMapping("/{key}/decide")
    String decide(
            Here here,
            @PathVariable String key,
            @RequestParam Wish.Decision decision,
            @RequestParam(required = false) String note,
            @RequestParam Optional<String> seen,
            Model model,
            HttpServletRequest request,
            HttpServletResponse response) {
        Optional<String> words = Optional.ofNullable(note).map(String::strip).filter(text -> !text.isEmpty());
        if (words.filter(text -> text.length() > 500).isPresent()) {
            throw new RefusedException("a note has at most 500 characters");
        }
        try {
            record.decide(
                    here.keeper(),
                    here.tank(),
                    key,
                    seen,
                    decision,
                    decision == Wish.Decision.OPEN ? Optional.empty() : words);
        } catch (StaleVersionException e) {
            Wish now = e.now(Wish.class);
            response.setStatus(HttpStatus.CONFLICT.value());
            return Conflict.page(
                    model,
                    request,
                    "Your decision on this wish",
                    Map.of(
                            "decision", now.decision().name(),
                            "note", now.decisionNote().orElse("")),
                    new Conflict.Hidden("seen", VersionMark.mark(now)),
                    path(here.tank()),
                    Map.of());
        }
        return "redirect:" + path(here.tank());
    }

    @PostMapping("/{key}/remove")
    String remove(Here here, @PathVariable String key, RedirectAttributes redirect) {
        record.removeWish(here.keeper(), here.tank(), key);
        Undo.offer(redirect, "The wish is removed.", path(here.tank()) + "/" + key + "/restore");
        return "redirect:" + path(here.tank());
    }

    @PostMapping("/{key}/restore")
    String restore(Here here, @PathVariable String key, RedirectAttributes redirect) {
        record.restoreWish(here.keeper(), here.tank(), key);
        Undo.say(redirect, "Undone. The wish is back.");
        return "redirect:" + path(here.tank());
    }

    /** Makes a link for the family; it is shown this once, and ends the one before. */
    @PostMapping("/share")
    String share(Here here, RedirectAttributes redirect) {
        String token = shares.open(here.keeper(), here.tank(), ShareStore.Purpose.WISHES);
        redirect.addFlashAttribute(
                "shareLink",
                ServletUriComponentsBuilder.fromCurrentContextPath()
                        .path("/share/" + token)
                        .toUriString());
        return "redirect:" + path(here.tank());
    }

    @PostMapping("/share/revoke")
    String revoke(Here here, RedirectAttributes redirect) {
        shares.revoke(here.keeper(), here.tank(), ShareStore.Purpose.WISHES);
        Undo.say(redirect, "The family's link no longer works.");
        return "redirect:" + path(here.tank());
    }

    private static String path(UUID tankId) {
        return "/tanks/" + tankId + "/wishes";
    }
}
