package org.pelluna.app.voyage;

import jakarta.servlet.http.HttpServletResponse;
import java.util.Optional;
import org.pelluna.app.portrait.FishChoice;
import org.pelluna.app.storage.RecordStore;
import org.pelluna.app.web.FormKey;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.Measures;
import org.pelluna.app.web.SpeciesLookup;
import org.pelluna.app.web.VerdictView;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.Wish;
import org.pelluna.core.shortlist.Judgement;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.species.Species;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The last question of the voyage: which fish are wished for, each with its verdict at once. */
@Controller
@RequestMapping("/tanks/{tankId}/voyage/wishes")
class FirstWishController {
    private final KnownSoFar known;
    private final RecordStore record;
    private final SpeciesLookup named;
    private final Catalogue catalogue;

    FirstWishController(KnownSoFar known, RecordStore record, SpeciesLookup named, Catalogue catalogue) {
        this.known = known;
        this.record = record;
        this.named = named;
        this.catalogue = catalogue;
    }

    /** A wish and the verdict on it. */
    record WishView(String name, String scientificName, VerdictView verdict, String because) {}

    @GetMapping
    String wishes(Here here, Model model) {
        Assessment assessment = known.of(here, here.measures(), model);
        model.addAttribute("key", FormKey.fresh());
        model.addAttribute(
                "wishes",
                assessment.judgements().stream()
                        .map(one -> view(one, here.measures()))
                        .toList());
        model.addAttribute(
                "choices",
                assessment.stock().plan().species(catalogue).all().stream()
                        .map(SpeciesLookup::words)
                        .sorted()
                        .toList());
        return "voyage/wishes";
    }

    private static WishView view(Judgement judgement, Measures measures) {
        return new WishView(
                (judgement.wished().count() > 1 ? judgement.wished().count() + " × " : "")
                        + judgement.wished().species().commonName(),
                judgement.wished().species().scientificName(),
                VerdictView.of(judgement),
                judgement.findings().isEmpty()
                        ? ""
                        : measures.sentence(judgement.findings().get(0).reason()));
    }

    @PostMapping
    String wish(
            Here here,
            @RequestParam String key,
            @RequestParam(name = "fish") Optional<String> entered,
            @RequestParam Optional<String> chosen,
            @RequestParam(defaultValue = "1") int count,
            Model model,
            HttpServletResponse response) {
        var own = here.answers().plan().ownSpecies();
        Optional<String> fish = chosen.or(() -> entered);
        Optional<Species> meant = named.meant(own, null, fish.orElse(null));
        String fault =
                meant.isEmpty() ? named.fault(own, fish.orElse(null)) : count < 1 || count > 50 ? "Enter 1 to 50." : "";
        if (!fault.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            model.addAttribute("fault", fault);
            model.addAttribute("entered", fish.orElse(""));
            model.addAttribute("count", count);
            if (meant.isEmpty()) {
                model.addAttribute("asked", FishChoice.of(named.choices(own, fish.orElse(null))));
            }
            return wishes(here, model);
        }
        record.addWish(
                here.keeper(),
                here.tank(),
                new Wish(
                        new WishId(FormKey.checked(key)),
                        meant.orElseThrow().id(),
                        count,
                        Optional.empty(),
                        Optional.empty(),
                        Wish.Decision.OPEN,
                        Optional.empty()));
        return "redirect:/tanks/" + here.tank() + "/voyage/wishes";
    }
}
