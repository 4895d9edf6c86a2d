package org.pelluna.app.species;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.pelluna.app.portrait.Portraits;
import org.pelluna.app.portrait.ScalePlate;
import org.pelluna.app.portrait.ScaleRow;
import org.pelluna.app.storage.NotFoundException;
import org.pelluna.app.svg.Svg;
import org.pelluna.app.web.FindingView;
import org.pelluna.app.web.FormKey;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.Measures;
import org.pelluna.app.web.TankAnswers;
import org.pelluna.app.web.TankCatalogue;
import org.pelluna.app.web.VerdictView;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.lead.SpeciesLeads;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.OwnSpecies;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.shortlist.Glance;
import org.pelluna.core.shortlist.Judgement;
import org.pelluna.core.shortlist.Shortlist;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.species.Family;
import org.pelluna.core.species.Habits;
import org.pelluna.core.species.Species;
import org.pelluna.core.tank.AnimalGroup;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;

/** The catalogue, seen from one tank. */
@Controller
@RequestMapping("/tanks/{tankId}/species")
class SpeciesController {
    private static final int A_PAGE = 24;

    private final Catalogue catalogue;
    private final TankCatalogue known;

    SpeciesController(Catalogue catalogue, TankCatalogue known) {
        this.catalogue = catalogue;
        this.known = known;
    }

    /** One fish of the list. */
    record Line(
            String id,
            String name,
            String scientificName,
            Family family,
            String adult,
            Svg portrait,
            Svg swim,
            VerdictView verdict,
            String reason) {}

    @GetMapping
    String list(Here here, @ModelAttribute("asked") SpeciesFilter asked, Model model) {
        TankAnswers answers = here.answers();
        TankPlan plan = answers.plan();
        Map<SpeciesId, Glance> judgements = answers.verdicts();
        List<Fish> residents = answers.stock().residents();
        boolean ordered = asked.q != null;
        List<Glance> found = known.names(plan.ownSpecies()).find(asked.q == null ? "" : asked.q).stream()
                .flatMap(one -> Optional.ofNullable(judgements.get(one.id())).stream())
                .filter(one -> asked.admits(one.species(), here.measures()))
                .filter(one -> asked.admits(one, residents))
                .sorted(ordered ? (one, other) -> 0 : Comparator.comparing(Glance::verdict))
                .toList();
        int from = Math.min(Math.max(0, asked.from), Math.max(0, found.size() - 1));
        List<Glance> page = found.stream().skip(from).limit(A_PAGE).toList();
        double swim = plan.tank().swimCm();
        model.addAttribute("lead", SpeciesLeads.list(found));
        model.addAttribute("found", found.size());
        model.addAttribute("all", judgements.size());
        model.addAttribute("from", from);
        model.addAttribute("last", Math.min(from + A_PAGE, found.size()));
        model.addAttribute("swim", here.measures().lengthOf(swim));
        model.addAttribute("next", from + A_PAGE < found.size() ? asked.query(from + A_PAGE) : null);
        model.addAttribute("previous", from > 0 ? asked.query(Math.max(0, from - A_PAGE)) : null);
        model.addAttribute(
                "lines",
                page.stream().map(one -> line(one, swim, here.measures())).toList());
        List<Species> shown = page.stream().map(Glance::species).toList();
        model.addAttribute("portraits", Portraits.sheet(shown));
        model.addAttribute(
                "row",
                shown.size() < 2
                        ? Svg.NONE
                        : ScaleRow.of(shown, here.measures(), one -> "/tanks/" + here.tank() + "/species/" + one.id()));
        model.addAttribute(
                "families",
                catalogue.all().stream()
                        .map(Family::of)
                        .distinct()
                        .sorted(Comparator.comparing(Family::called))
                        .toList());
        model.addAttribute("zones", Habits.Zone.values());
        model.addAttribute("groups", AnimalGroup.values());
        return "species/list";
    }

    @GetMapping("/{speciesId}")
    String entry(Here here, @PathVariable String speciesId, Model model) {
        ResolvedPlan stock = here.answers().planning();
        Species species = stock.plan()
                .species(catalogue)
                .find(new SpeciesId(speciesId))
                .orElseThrow(() -> new NotFoundException("species"));
        Judgement judgement = here.answers()
                .oneMoreWish()
                .apply(Shortlist.ask(
                        stock,
                        species,
                        stock.fewestMore(species),
                        species.size().saleCm().value()));
        model.addAttribute("entry", EntryView.of(species, stock.plan().species(catalogue), here.measures()));
        model.addAttribute("count", judgement.wished().count());
        model.addAttribute("verdict", VerdictView.of(judgement));
        model.addAttribute(
                "lead",
                here.measures()
                        .sentence(SpeciesLeads.entry(
                                stock.plan().tank().name(),
                                judgement,
                                here.answers()
                                        .assessment()
                                        .order()
                                        .dateOf(judgement.wished().wish().id()))));
        model.addAttribute("findings", FindingView.all(judgement.findings(), here.measures()));
        model.addAttribute("company", CompanyView.of(stock, species));
        model.addAttribute("key", FormKey.fresh());
        model.addAttribute("own", speciesId.startsWith(OwnSpecies.PREFIX));
        model.addAttribute("figures", OwnFigureView.of(stock.plan(), species.id(), catalogue, here.measures()));
        model.addAttribute("figureKinds", OwnFigureView.kinds(species, here.measures()));
        return "species/entry";
    }

    private static Line line(Glance judged, double swimCm, Measures measures) {
        Species species = judged.species();
        int count = judged.count();
        return new Line(
                species.id().key(),
                (count > 1 ? count + " × " : "") + species.commonName(),
                species.scientificName(),
                Family.of(species),
                measures.lengthOf(species.size().adultCm().value()),
                Portraits.use(species),
                ScalePlate.inSwim(species, swimCm),
                VerdictView.of(judged),
                measures.sentence(judged.telling()));
    }
}
