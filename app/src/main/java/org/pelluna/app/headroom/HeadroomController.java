package org.pelluna.app.headroom;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;
import org.pelluna.app.web.FindingView;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.Measures;
import org.pelluna.core.arrival.Alternative;
import org.pelluna.core.arrival.Arrival;
import org.pelluna.core.forecast.Future;
import org.pelluna.core.headroom.Headroom;
import org.pelluna.core.headroom.Load;
import org.pelluna.core.plan.Approaches;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.units.Numbers;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** Three approaches of capacity, for today, for the grown fish and for the plan. */
@Controller
class HeadroomController {
    private final Catalogue catalogue;

    HeadroomController(Catalogue catalogue) {
        this.catalogue = catalogue;
    }

    /** A moment: which fish count, how grown, and the day whose limit holds, since a limit rises as a tank matures. */
    private record Moment(String name, List<Fish> fish, ToDoubleFunction<Fish> length, LocalDate limitOn) {}

    /**
     * One load at one moment.
     *
     * @param width of its bar, 0 to 100; the limit stands at {@link #LIMIT_AT}
     */
    record Bar(String moment, String sum, int width, boolean over, List<String> steps, String source) {}

    /** What one approach says. */
    record SchoolView(String title, boolean chosen, String name, List<Bar> bars) {}

    /** A fish as it grows. */
    record GrowthView(String name, String species, List<SizeView> sizes) {}

    /** Its size on one date; {@code width} of 100 stands for a quarter of the clear swim. */
    record SizeView(String length, String band, String mass, double width) {}

    private static final int LIMIT_AT = 66;
    private static final double SWIM_LENGTHS = 400;
    private static final List<Integer> YEARS_AHEAD = List.of(0, 1, 3);

    @GetMapping("/tanks/{tankId}/headroom")
    String page(Here here, Model model) {
        ResolvedPlan stock = here.answers().stock();
        TankPlan plan = stock.plan();
        ResolvedPlan all = stock.withAbsent();
        List<Fish> planned = new ArrayList<>(all.residents());
        Alternative.coming(all, here.answers().assessment().order()).forEach(day -> planned.addAll(day.fish()));
        LocalDate last = here.answers().assessment().order().arrivals().stream()
                .map(Arrival::date)
                .max(LocalDate::compareTo)
                .orElse(plan.asOf());
        List<Moment> moments = List.of(
                new Moment("today", stock.residents(), fish -> fish.lengthCmOn(plan.asOf()), plan.asOf()),
                new Moment("all grown", all.residents(), fish -> fish.growth().adultLengthCm(), plan.asOf()),
                new Moment(
                        "with the whole plan, grown",
                        planned,
                        fish -> fish.growth().adultLengthCm(),
                        last));
        List<SchoolView> approaches = approaches(plan, planned, moments);
        model.addAttribute("approaches", approaches);
        model.addAttribute("lead", lead(approaches));
        model.addAttribute("limitAt", LIMIT_AT);
        model.addAttribute("residents", stock.residents().size());
        model.addAttribute(
                "growth",
                stock.residents().stream()
                        .map(fish -> growth(fish, plan, here.measures()))
                        .toList());
        model.addAttribute("future", FindingView.all(Future.findings(stock), here.measures()));
        return "headroom/page";
    }

    /** Whether there is room, by the keeper's own approach: for the fish here when grown, and with the whole plan. */
    private static String lead(List<SchoolView> approaches) {
        List<SchoolView> own = approaches.stream().filter(SchoolView::chosen).toList();
        for (int moment = 1; moment < own.get(0).bars().size(); moment++) {
            for (SchoolView one : own) {
                Bar bar = one.bars().get(moment);
                if (bar.over()) {
                    return (moment == 1
                                    ? "This tank is over its limit once its fish are grown: "
                                    : "There is no room for the whole plan: ")
                            + one.name() + " " + bar.sum() + ".";
                }
            }
        }
        SchoolView first = own.get(0);
        return "There is room, even with the whole plan: " + first.name() + " "
                + first.bars().get(first.bars().size() - 1).sum() + ".";
    }

    /** What each approach of capacity counts, at each moment. */
    private static List<SchoolView> approaches(TankPlan plan, List<Fish> planned, List<Moment> moments) {
        Headroom headroom = new Headroom(plan.tank(), plan.houseRules(), plan.asOf());
        List<SchoolView> approaches = new ArrayList<>();
        for (Approaches.Ceiling approach : Approaches.Ceiling.values()) {
            boolean chosen = plan.houseRules().approaches().ceiling() == approach;
            List<String> names = headroom
                    .of(approach, planned, fish -> fish.growth().adultLengthCm())
                    .stream()
                    .map(Load::name)
                    .toList();
            for (String name : names) {
                approaches.add(new SchoolView(
                        approach.words(),
                        chosen,
                        name,
                        moments.stream()
                                .map(moment -> bar(
                                        moment.name(),
                                        new Headroom(plan.tank(), plan.houseRules(), moment.limitOn())
                                                .of(approach, moment.fish(), moment.length()).stream()
                                                        .filter(load ->
                                                                load.name().equals(name))
                                                        .findFirst()
                                                        .orElseThrow()))
                                .toList()));
            }
        }
        return approaches;
    }

    private static GrowthView growth(Fish fish, TankPlan plan, Measures measures) {
        return new GrowthView(
                fish.name(),
                fish.species().commonName(),
                YEARS_AHEAD.stream()
                        .map(years -> Future.size(fish, plan.asOf().plusYears(years)))
                        .map(size -> new SizeView(
                                measures.lengthOf(size.lengthCm()),
                                Numbers.plain(measures.length().fromCentimetres(size.slowCm())) + "–"
                                        + Numbers.plain(measures.length().fromCentimetres(size.fastCm())),
                                Numbers.plain(size.massGrams(), 0) + " g",
                                Math.min(100, size.lengthCm() / plan.tank().swimCm() * SWIM_LENGTHS)))
                        .toList());
    }

    private static Bar bar(String moment, Load load) {
        String unit = load.unit().isEmpty() ? "" : " " + load.unit();
        int decimals = Numbers.decimalsToTell(load.used(), load.limit(), load.limit() < 2 ? 2 : 1);
        return new Bar(
                moment,
                Numbers.plain(load.used(), decimals) + " of " + Numbers.plain(load.limit(), decimals) + unit,
                (int) Math.round(Math.min(1.5, load.share()) * LIMIT_AT),
                !load.fits(),
                load.steps(),
                load.source().words());
    }
}
