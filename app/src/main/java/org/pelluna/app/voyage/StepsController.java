package org.pelluna.app.voyage;

import jakarta.servlet.http.HttpServletResponse;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.app.storage.RecordStore;
import org.pelluna.app.storage.TankRow;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.web.Key;
import org.pelluna.app.web.Measures;
import org.pelluna.app.web.SpeciesLookup;
import org.pelluna.app.web.TankCache;
import org.pelluna.app.web.VerdictView;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.assess.Headline;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.Preset;
import org.pelluna.core.plan.Wish;
import org.pelluna.core.shortlist.Judgement;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.species.Species;
import org.pelluna.core.tank.AnimalGroup;
import org.pelluna.core.tank.Tank;
import org.pelluna.core.tank.UsualTank;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The questions after the glass: how far the tank is, what else lives in it, which fish are wished for. */
@Controller
@RequestMapping("/tanks/{tankId}/voyage")
class StepsController {
    private final TankStore tanks;
    private final TankCache cache;
    private final RecordStore record;
    private final SpeciesLookup named;
    private final Catalogue catalogue;

    StepsController(TankStore tanks, TankCache cache, RecordStore record, SpeciesLookup named, Catalogue catalogue) {
        this.tanks = tanks;
        this.cache = cache;
        this.record = record;
        this.named = named;
        this.catalogue = catalogue;
    }

    /** A wish and the verdict on it. */
    record WishView(String name, String scientificName, VerdictView verdict, String because) {}

    private Assessment known(KeeperPrincipal keeper, UUID tankId, Measures measures, Model model) {
        Assessment assessment = cache.of(keeper.id(), tankId).assessment();
        model.addAttribute("tank", tanks.get(keeper.id(), tankId));
        model.addAttribute("today", assessment.stock().plan().asOf());
        model.addAttribute(
                "preview",
                Preview.of(
                        assessment,
                        assessment.judgements().isEmpty()
                                ? ""
                                : measures.sentence(Headline.of(assessment).next()),
                        measures));
        return assessment;
    }

    @GetMapping("/stage")
    String stage(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @PathVariable UUID tankId,
            @ModelAttribute(name = "measures", binding = false) Measures measures,
            Model model) {
        Tank tank = tanks.get(keeper.id(), tankId).tank();
        boolean living =
                !known(keeper, tankId, measures, model).stock().residents().isEmpty();
        model.addAttribute("stages", Stage.values());
        model.addAttribute(
                "stage",
                living
                        ? Stage.FISH
                        : tank.cycledOn().isPresent()
                                ? Stage.CYCLED
                                : tank.cyclingSince().isPresent() ? Stage.CYCLING : Stage.NO_WATER);
        model.addAttribute("day", tank.cycledOn().or(tank::cyclingSince).orElse(null));
        return "voyage/stage";
    }

    @PostMapping("/stage")
    String keepStage(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @PathVariable UUID tankId,
            @RequestParam Stage stage,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) Optional<LocalDate> day) {
        boolean cycled = stage == Stage.CYCLED || stage == Stage.FISH;
        LocalDate today = cache.of(keeper.id(), tankId).plan().asOf();
        change(
                keeper,
                tankId,
                tank -> tank.with(as -> as.cycledOn(
                                cycled
                                        ? day.or(() -> stage == Stage.CYCLED ? Optional.of(today) : Optional.empty())
                                        : Optional.empty())
                        .cyclingSince(cycled ? Optional.empty() : day)));
        return "redirect:/tanks/" + tankId + "/voyage/life" + (stage == Stage.FISH ? "?fish=true" : "");
    }

    @GetMapping("/life")
    String life(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @PathVariable UUID tankId,
            @RequestParam(defaultValue = "false") boolean fish,
            @ModelAttribute(name = "measures", binding = false) Measures measures,
            Model model) {
        known(keeper, tankId, measures, model);
        model.addAttribute("groups", AnimalGroup.values());
        model.addAttribute(
                "kept", tanks.get(keeper.id(), tankId).tank().holdings().keySet());
        model.addAttribute("fish", fish);
        return "voyage/life";
    }

    @PostMapping("/life")
    String keepLife(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @PathVariable UUID tankId,
            @RequestParam(required = false) List<AnimalGroup> groups,
            @RequestParam(defaultValue = "false") boolean fish) {
        Set<AnimalGroup> chosen = EnumSet.noneOf(AnimalGroup.class);
        Optional.ofNullable(groups).ifPresent(chosen::addAll);
        change(keeper, tankId, tank -> {
            var sizes = UsualTank.usual(chosen);
            // A length the keeper has given stays.
            tank.holdings().forEach((group, cm) -> sizes.computeIfPresent(group, (any, usual) -> cm));
            return tank.withHoldings(sizes);
        });
        return "redirect:/tanks/" + tankId + (fish ? "/residents/enter?voyage=true" : "/voyage/wishes");
    }

    private void change(KeeperPrincipal keeper, UUID tankId, java.util.function.UnaryOperator<Tank> change) {
        TankRow row = tanks.get(keeper.id(), tankId);
        Tank tank = change.apply(row.tank());
        boolean asOffered = row.houseRules().equals(Preset.forNew(row.tank()));
        tanks.change(keeper.id(), tankId, row.version(), tank, asOffered ? Preset.forNew(tank) : row.houseRules());
    }

    @GetMapping("/wishes")
    String wishes(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @PathVariable UUID tankId,
            @ModelAttribute(name = "measures", binding = false) Measures measures,
            Model model) {
        Assessment assessment = known(keeper, tankId, measures, model);
        model.addAttribute("key", Key.fresh());
        model.addAttribute(
                "wishes",
                assessment.judgements().stream().map(one -> view(one, measures)).toList());
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

    @PostMapping("/wishes")
    String wish(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @PathVariable UUID tankId,
            @RequestParam String key,
            @RequestParam Optional<String> fish,
            @RequestParam(defaultValue = "1") int count,
            @ModelAttribute(name = "measures", binding = false) Measures measures,
            Model model,
            HttpServletResponse response) {
        var own = cache.of(keeper.id(), tankId).plan().ownSpecies();
        Optional<Species> meant = named.meant(own, null, fish.orElse(null));
        String fault = meant.isEmpty()
                ? named.fault(own, fish.orElse(null))
                : count < 1 || count > 50 ? "One to fifty of a kind." : "";
        if (!fault.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            model.addAttribute("fault", fault);
            model.addAttribute("entered", fish.orElse(""));
            return wishes(keeper, tankId, measures, model);
        }
        record.addWish(
                keeper.id(),
                tankId,
                new Wish(
                        new WishId(Key.checked(key)),
                        meant.orElseThrow().id(),
                        count,
                        Optional.empty(),
                        Optional.empty(),
                        Wish.Decision.OPEN,
                        Optional.empty()));
        return "redirect:/tanks/" + tankId + "/voyage/wishes";
    }

    /** The steps by name, for the line at the head. */
    @ModelAttribute("steps")
    List<String> steps() {
        return Arrays.asList("The glass", "How far it is", "What else lives in it", "Wishes", "The plan");
    }
}
