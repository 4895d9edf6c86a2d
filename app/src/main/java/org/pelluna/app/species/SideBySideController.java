package org.pelluna.app.species;

import java.util.List;
import org.pelluna.app.portrait.Portraits;
import org.pelluna.app.portrait.ScaleRow;
import org.pelluna.app.web.FindingView;
import org.pelluna.app.web.Here;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.lead.SpeciesLeads;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.shortlist.Judgement;
import org.pelluna.core.shortlist.Shortlist;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.species.Species;
import org.pelluna.core.units.Numbers;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Up to four species side by side, to one scale, as one tank sees them. */
@Controller
class SideBySideController {
    private static final int MOST = 4;

    private final Catalogue catalogue;

    SideBySideController(Catalogue catalogue) {
        this.catalogue = catalogue;
    }

    @GetMapping("/tanks/{tankId}/species-compared")
    String page(Here here, @RequestParam(name = "s", defaultValue = "") List<String> asked, Model model) {
        ResolvedPlan stock = here.answers().planning();
        Catalogue known = stock.plan().species(catalogue);
        List<Species> species = asked.stream()
                .filter(key -> !key.isBlank())
                .distinct()
                .flatMap(key -> known.find(new SpeciesId(key)).stream())
                .toList();
        List<Species> shown = species.stream().limit(MOST).toList();
        List<Judgement> judged = shown.stream()
                .map(one -> Shortlist.ask(
                        stock, one, stock.fewestMore(one), one.size().saleCm().value()))
                .map(here.answers().oneMoreWish())
                .toList();
        SideBySide compared = SideBySide.of(stock, judged, here.measures());
        model.addAttribute("compared", compared);
        model.addAttribute("together", FindingView.all(compared.together(), here.measures()));
        model.addAttribute(
                "lead",
                here.measures()
                        .sentence(SpeciesLeads.together(
                                shown.stream().map(Species::commonName).toList(), compared.together())));
        model.addAttribute(
                "careful", Numbers.plain(stock.plan().houseRules().weights().carefulPerHour()));
        model.addAttribute("more", species.size() - shown.size());
        model.addAttribute("portraits", Portraits.sheet(shown));
        model.addAttribute(
                "row", ScaleRow.of(shown, here.measures(), one -> "/tanks/" + here.tank() + "/species/" + one.id()));
        return "species/compared";
    }
}
