package org.pelluna.app.arrivals;

import static java.util.Objects.requireNonNull;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.pelluna.app.portrait.FishInReef;
import org.pelluna.app.portrait.Portraits;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.Measures;
import org.pelluna.app.web.TankAnswers;
import org.pelluna.core.arrival.Arrival;
import org.pelluna.core.arrival.ArrivalCalendar;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.Wish;
import org.pelluna.core.shop.PlannedCrew;
import org.pelluna.core.shop.ShopCard;
import org.pelluna.core.shortlist.Judgement;
import org.pelluna.core.species.Invertebrate;
import org.pelluna.core.species.Invertebrates;
import org.pelluna.core.units.Numbers;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** What a keeper takes along on paper: the shopping list, and the tank with its plan, a page each. */
@Controller
class PaperController {

    /** One line of the shopping list, and of the plan. */
    record Line(
            String from,
            String arrives,
            String number,
            String name,
            String scientificName,
            String size,
            String price,
            String care,
            String help) {}

    /** Invertebrates to be bought. */
    record Animal(String from, String number, String name, String scientificName, String care) {}

    /** One fish that lives here. */
    record Lives(String name, String species, String length) {}

    @GetMapping("/tanks/{tankId}/arrivals/paper")
    String paper(Here here, Model model) {
        TankAnswers answers = here.answers();
        LocalDate today = answers.plan().asOf();
        Map<WishId, Judgement> judged = new HashMap<>();
        answers.assessment()
                .judgements()
                .forEach(one -> judged.put(one.wished().wish().id(), one));
        List<Line> lines =
                ArrivalCalendar.of(
                                answers.assessment().stock(),
                                answers.assessment().order(),
                                answers.assessment().planned())
                        .stream()
                        .flatMap(lane -> lane.arrival().wishIds().stream()
                                .map(id -> line(lane, requireNonNull(judged.get(id)), answers, here.measures())))
                        .toList();
        model.addAttribute("today", today);
        model.addAttribute("lines", lines);
        model.addAttribute(
                "animals",
                PlannedCrew.of(answers.stock()).stream()
                        .map(one -> animal(one, today))
                        .toList());
        model.addAttribute(
                "lives",
                answers.stock().residents().stream()
                        .map(fish -> new Lives(
                                fish.name(),
                                fish.species().commonName(),
                                here.measures().lengthOf(fish.lengthCmOn(today))))
                        .toList());
        model.addAttribute(
                "portraits",
                Portraits.sheet(
                        answers.stock().residents().stream().map(Fish::species).toList()));
        model.addAttribute("drawing", FishInReef.today(answers.stock(), here.measures(), 0));
        model.addAttribute(
                "water",
                here.measures().volumeOf(answers.plan().tank().netWater().litres()) + " net, SG "
                        + Numbers.plain(answers.plan().tank().regime().specificGravity(), 4) + ", "
                        + here.measures()
                                .temperatureOf(answers.plan().tank().regime().temperatureCelsius()));
        return "arrivals/paper";
    }

    private static Line line(ArrivalCalendar.Lane lane, Judgement judgement, TankAnswers answers, Measures measures) {
        Wish wish = judgement.wished().wish();
        Arrival arrival = lane.arrival();
        ShopCard card = ShopCard.of(answers.planning(), judgement.wished().species(), wish.count(), asked -> judgement);
        boolean bought = answers.plan().schedule().inQuarantine().containsKey(wish.id());
        return new Line(
                bought
                        ? "bought"
                        : lane.span(ArrivalCalendar.Span.Kind.LOOK)
                                .map(span -> span.from().toString())
                                .orElse(arrival.date().toString()),
                arrival.date().toString(),
                String.valueOf(wish.count()),
                judgement.wished().species().commonName(),
                judgement.wished().species().scientificName(),
                wish.lengthCm()
                        .map(measures::lengthOf)
                        .or(() -> card.smallestCm()
                                .map(cm -> measures.lengthOf(cm) + " to "
                                        + measures.lengthOf(card.largestCm().orElse(cm))))
                        .orElse(""),
                wish.price().map(sum -> Numbers.plain(sum, 2)).orElse(""),
                careful(judgement.findings()),
                arrival.boxDays() > 0
                        ? Numbers.count(arrival.boxDays(), "day", "days") + " in the box, then released at lights-out"
                        : "released at lights-out");
    }

    private static Animal animal(PlannedCrew one, LocalDate today) {
        return new Animal(
                one.from()
                        .map(day -> day.isAfter(today) ? day.toString() : "now")
                        .orElse("not yet"),
                String.valueOf(one.plan().count()),
                one.plan().name(),
                Invertebrates.called(one.plan().name())
                        .map(Invertebrate::scientificName)
                        .orElse(one.plan().group().words()),
                careful(one.findings()));
    }

    /** Where to be careful: the gravest two of its findings. */
    private static String careful(List<Finding> findings) {
        return findings.stream()
                .filter(finding -> finding.severity() == Severity.STOP || finding.severity() == Severity.CAREFUL)
                .map(Finding::sentence)
                .limit(2)
                .collect(Collectors.joining(" "));
    }
}
