package org.pelluna.app.arrivals;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.app.portrait.FishInReef;
import org.pelluna.app.portrait.Portraits;
import org.pelluna.app.storage.TankRow;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.svg.Svg;
import org.pelluna.app.web.FindingView;
import org.pelluna.app.web.Measures;
import org.pelluna.app.web.TankAnswers;
import org.pelluna.app.web.TankCache;
import org.pelluna.core.arrival.Alternative;
import org.pelluna.core.arrival.Arrival;
import org.pelluna.core.arrival.ArrivalCalendar;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.assess.Headline;
import org.pelluna.core.forecast.WaterForecast;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.tank.Purpose;
import org.pelluna.core.units.Dates;
import org.pelluna.core.units.Numbers;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;

/** The whole plan on one page: what comes next, when, and what is still missing on the way to it. */
@Controller
class PlanController {
    private static final int AFTER_DAYS = 60;

    private final TankStore tanks;
    private final TankCache cache;

    PlanController(TankStore tanks, TankCache cache) {
        this.tanks = tanks;
        this.cache = cache;
    }

    /** Who comes, and when. */
    record ComingView(int place, String date, String away, String names, List<Svg> portraits, String box) {}

    /** A wish without a date. */
    record HeldView(String name, FindingView gate) {}

    @GetMapping("/tanks/{tankId}/plan")
    String plan(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @PathVariable UUID tankId,
            @ModelAttribute(name = "measures", binding = false) Measures measures,
            Model model) {
        TankRow row = tanks.get(keeper.id(), tankId);
        if (row.kind() != Purpose.Kind.DISPLAY) {
            return "redirect:/tanks/" + tankId;
        }
        TankAnswers answers = cache.of(keeper.id(), tankId);
        Assessment assessment = answers.assessment();
        ResolvedPlan stock = assessment.stock();
        Headline headline = Headline.of(assessment);
        String base = "/tanks/" + tankId;
        model.addAttribute("tank", row);
        model.addAttribute(
                "portraits",
                Portraits.sheet(java.util.stream.Stream.concat(
                                stock.residents().stream().map(one -> one.species()),
                                stock.wishes().stream().map(ResolvedPlan.Wished::species))
                        .toList()));
        model.addAttribute("drawing", FishInReef.today(stock, measures, 0));
        model.addAttribute("next", measures.sentence(headline.next()));
        model.addAttribute("hardest", headline.hardest().orElse(""));
        model.addAttribute("held", headline.held().map(measures::sentence).orElse(""));
        model.addAttribute("step", headline.step().words());
        model.addAttribute("stepAddress", base + address(headline.step()));
        model.addAttribute("parts", PlanPart.of(assessment, headline, base, measures));
        model.addAttribute(
                "coming",
                assessment.order().arrivals().stream()
                        .map(one -> coming(one, stock))
                        .toList());
        model.addAttribute(
                "without",
                assessment.order().held().stream()
                        .map(one -> new HeldView(one.name(), FindingView.of(one.gate(), measures)))
                        .toList());
        model.addAttribute("chart", chart(answers));
        return "arrivals/plan";
    }

    private static String address(Headline.Step step) {
        return switch (step) {
            case WISH, UNHOLD -> "/wishes";
            case TEST -> "/water";
            case LOOK -> "/shop";
            case WAIT -> "/arrivals";
            case WATCH -> "/watch";
        };
    }

    private static ComingView coming(Arrival arrival, ResolvedPlan stock) {
        LocalDate today = stock.plan().asOf();
        boolean now = !arrival.date().isAfter(today);
        return new ComingView(
                arrival.place(),
                now ? "now" : arrival.date().toString(),
                now ? "as soon as you find a good one" : Dates.distance(arrival.date(), today),
                arrival.names(),
                stock.wishes().stream()
                        .filter(one -> arrival.wishIds().contains(one.wish().id()))
                        .map(one -> Portraits.use(one.species()))
                        .toList(),
                arrival.boxDays() > 0 ? Numbers.count(arrival.boxDays(), "day") + " in the acclimation box" : "");
    }

    private static String chart(TankAnswers answers) {
        Assessment assessment = answers.assessment();
        List<ArrivalCalendar.Lane> lanes =
                ArrivalCalendar.of(assessment.stock(), assessment.order(), assessment.planned());
        if (lanes.isEmpty()) {
            return "";
        }
        LocalDate last = lanes.get(lanes.size() - 1).arrival().date();
        List<WaterForecast.Day> water = answers.reserve()
                .forecast()
                .days(Alternative.coming(assessment.stock(), assessment.order()), last.plusDays(AFTER_DAYS));
        return new LaneChart(assessment.stock(), lanes, water, ArrivalsView.shareNow(assessment.stock()))
                .svg()
                .toString();
    }
}
