package org.pelluna.app.shop;

import java.util.List;
import java.util.Optional;
import org.pelluna.app.portrait.FishChoice;
import org.pelluna.app.portrait.Portraits;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.svg.Svg;
import org.pelluna.app.web.FindingView;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.Measures;
import org.pelluna.app.web.SpeciesLookup;
import org.pelluna.app.web.TankCatalogue;
import org.pelluna.core.arrival.ArrivalCalendar;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.shop.InvertebrateCard;
import org.pelluna.core.shop.ShopCard;
import org.pelluna.core.species.Invertebrate;
import org.pelluna.core.species.Invertebrates;
import org.pelluna.core.species.Species;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** One question, one answer; and what to look for next. */
@Controller
class ShopController {
    private static final int OTHERS = 7;

    private static final int MOST_NEXT = 3;

    private final TankStore tanks;
    private final TankCatalogue known;
    private final SpeciesLookup lookup;

    ShopController(TankStore tanks, TankCatalogue known, SpeciesLookup lookup) {
        this.lookup = lookup;
        this.tanks = tanks;
        this.known = known;
    }

    private static final int MOST_AT_ONCE = 50;

    /** A fish the text may also have meant. */
    record Other(String id, String name, String scientificName) {}

    /** An arrival to look for, from which day, and the day it is to come. */
    record Next(String names, String look, String comes) {}

    /** The card ready to print. */
    record CardView(
            String id,
            String name,
            String scientificName,
            Svg portrait,
            String severity,
            String answer,
            String size,
            List<FindingView> reasons,
            List<FindingView> checks) {}

    @GetMapping("/tanks/{tankId}/shop")
    String shop(
            Here here,
            @RequestParam(name = "q") Optional<String> asking,
            @RequestParam Optional<String> species,
            @RequestParam Optional<String> meant,
            @RequestParam(defaultValue = "0") int count,
            Model model) {
        String text = asking.orElse("");
        var plan = tanks.plan(here.keeper(), here.tank());
        List<Species> found =
                text.isBlank() ? List.of() : known.names(plan.ownSpecies()).find(text);
        boolean isChosen = species.isPresent() || meant.isPresent();
        Optional<Species> named = isChosen
                ? lookup.meant(plan, species.orElse(null), meant.orElse(null))
                : lookup.meant(plan, null, text);
        model.addAttribute("q", text);
        model.addAttribute("count", count > 0 ? count : null);
        List<Invertebrate> animals = isChosen ? List.of() : Invertebrates.find(text);
        Optional<Invertebrate> animal = animals.stream()
                .filter(one -> one.isCalled(text))
                .findFirst()
                .or(() -> found.isEmpty() ? animals.stream().findFirst() : Optional.empty());
        if (animal.isPresent()) {
            model.addAttribute(
                    "animal",
                    AnimalView.of(InvertebrateCard.of(here.answers().stock(), animal.get()), here.measures()));
        }
        model.addAttribute("animals", others(animals, animal));
        model.addAttribute("missed", !text.isBlank() && found.isEmpty() && named.isEmpty() && animal.isEmpty());
        Optional<Species> fish = animal.isPresent() ? Optional.empty() : named;
        fish.ifPresent(one -> {
            model.addAttribute(
                    "card",
                    view(
                            ShopCard.of(
                                    here.answers().planning(),
                                    one,
                                    Math.max(0, Math.min(MOST_AT_ONCE, count)),
                                    here.answers().oneMoreWish()),
                            here.measures()));
            model.addAttribute("portraits", Portraits.sheet(List.of(one)));
        });
        boolean asks = fish.isEmpty() && animal.isEmpty() && !found.isEmpty();
        if (asks) {
            model.addAttribute("asked", FishChoice.of(lookup.choices(plan.ownSpecies(), text)));
        }
        model.addAttribute(
                "others",
                found.stream()
                        .filter(one -> !asks && fish.filter(one::equals).isEmpty())
                        .limit(OTHERS)
                        .map(one -> new Other(one.id().key(), one.commonName(), one.scientificName()))
                        .toList());
        if (!asks && fish.isEmpty() && animal.isEmpty()) {
            model.addAttribute("next", next(here.answers().assessment()));
        }
        return "shop/page";
    }

    private static List<Next> next(Assessment assessment) {
        return ArrivalCalendar.of(assessment.stock(), assessment.order(), assessment.planned()).stream()
                .flatMap(lane -> lane.span(ArrivalCalendar.Span.Kind.LOOK).stream()
                        .map(look -> new Next(
                                lane.arrival().names(),
                                look.from().toString(),
                                lane.arrival().date().toString())))
                .limit(MOST_NEXT)
                .toList();
    }

    private static List<String> others(List<Invertebrate> animals, Optional<Invertebrate> meant) {
        return animals.stream()
                .filter(one -> meant.filter(one::equals).isEmpty())
                .limit(OTHERS)
                .map(Invertebrate::commonName)
                .toList();
    }

    private static CardView view(ShopCard card, Measures measures) {
        String from = card.laterFrom().map(day -> ", from " + day).orElse("");
        return new CardView(
                card.species().id().key(),
                (card.judgement().wished().count() > 1
                                ? card.judgement().wished().count() + " × "
                                : "")
                        + card.species().commonName(),
                card.species().scientificName(),
                Portraits.use(card.species()),
                switch (card.answer()) {
                    case TODAY -> card.reasons().isEmpty() ? "fine" : "careful";
                    case LATER -> "wait";
                    case NO -> "stop";
                },
                card.answer().words()
                        + (card.answer() == ShopCard.Answer.TODAY
                                        && !card.reasons().isEmpty()
                                ? ", with care"
                                : "")
                        + from,
                card.smallestCm()
                        .map(cm -> measures.lengthOf(cm) + " to "
                                + measures.lengthOf(card.largestCm().orElse(cm)))
                        .orElse(""),
                views(card.reasons(), measures),
                views(card.checks(), measures));
    }

    private static List<FindingView> views(List<org.pelluna.core.finding.Finding> findings, Measures measures) {
        return findings.stream().map(one -> FindingView.of(one, measures)).toList();
    }
}
