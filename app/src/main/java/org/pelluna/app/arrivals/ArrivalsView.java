package org.pelluna.app.arrivals;

import static java.util.Objects.requireNonNull;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.pelluna.app.chart.WaterPanels;
import org.pelluna.app.overview.ArrivalChart;
import org.pelluna.app.portrait.Portraits;
import org.pelluna.app.storage.TankRow;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.svg.Svg;
import org.pelluna.app.web.FindingView;
import org.pelluna.app.web.FormKey;
import org.pelluna.app.web.HeadlineView;
import org.pelluna.app.web.Measures;
import org.pelluna.app.web.TankAnswers;
import org.pelluna.core.arrival.Arrival;
import org.pelluna.core.arrival.ArrivalCalendar;
import org.pelluna.core.arrival.ArrivalPlan;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.forecast.WaterForecast;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.Setback;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.tank.Purpose;
import org.pelluna.core.units.Dates;
import org.pelluna.core.units.Numbers;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** What the page of arrivals shows, whole or after a move. */
@Component
class ArrivalsView {
    private static final int AFTER_DAYS = 40;

    private final Catalogue catalogue;
    private final TankStore tanks;

    ArrivalsView(Catalogue catalogue, TankStore tanks) {
        this.catalogue = catalogue;
        this.tanks = tanks;
    }

    /** One arrival ready to print. */
    record ArrivalView(
            int place,
            String date,
            String away,
            List<WishLine> wishes,
            List<String> days,
            String headroom,
            boolean overHeadroom,
            String cost,
            List<FindingView> reasons) {}

    /** One wish of an arrival; a guest is in a quarantine tank of the keeper's. */
    record WishLine(
            String key,
            Svg portrait,
            String name,
            String scientificName,
            String length,
            String inQuarantine,
            boolean isGuest,
            int count) {}

    /** A wish without a date. */
    record HeldView(Svg portrait, String name, FindingView gate) {}

    /** What did not go by the plan. */
    record SetbackView(String on, String words) {}

    /** What stands around the plan, whatever is moved; the rule that decides a far date is worked out here only, since it takes judging anew. */
    void frame(TankAnswers answers, Measures measures, Model model) {
        ResolvedPlan stock = answers.assessment().stock();
        TankPlan plan = stock.plan();
        model.addAttribute(
                "portraits",
                Portraits.sheet(stock.wishes().stream()
                        .map(ResolvedPlan.Wished::species)
                        .toList()));
        model.addAttribute(
                "deciding",
                answers.deciding()
                        .map(one -> one.names() + " could arrive on " + one.soonest() + " if you answered “"
                                + one.other() + "” to “" + one.question() + "”.")
                        .orElse(""));
        model.addAttribute("quarantine", QuarantineForm.of(plan.schedule().quarantine(), plan, measures));
        model.addAttribute(
                "species",
                plan.species(catalogue).all().stream()
                        .map(one -> one.commonName() + " — " + one.scientificName())
                        .sorted()
                        .toList());
    }

    /**
     * The plan, anew after each move.
     *
     * @param changes what a move has changed, a sentence each
     */
    void plan(TankAnswers answers, UUID keeperId, TankRow tank, List<String> changes, Measures measures, Model model) {
        Assessment assessment = answers.assessment();
        ResolvedPlan stock = assessment.stock();
        TankPlan plan = stock.plan();
        ArrivalPlan order = assessment.order();
        Map<WishId, ResolvedPlan.Wished> wished = new HashMap<>();
        stock.wishes().forEach(one -> wished.put(one.wish().id(), one));
        List<ArrivalCalendar.Lane> lanes = ArrivalCalendar.of(stock, order, assessment.planned());
        List<WaterForecast.Day> water = ArrivalChart.water(answers);
        model.addAttribute("tank", tank);
        model.addAttribute("headline", HeadlineView.ofArrivals(assessment, "/tanks/" + tank.id(), measures));
        model.addAttribute(
                "bare",
                tanks.of(keeperId).stream()
                        .filter(one -> one.kind() == Purpose.Kind.QUARANTINE)
                        .toList());
        model.addAttribute("keys", new FormKey.Fresh());
        model.addAttribute("key", FormKey.fresh());
        model.addAttribute("today", plan.asOf());
        if (!model.containsAttribute("changes")) {
            model.addAttribute("changes", changes);
        }
        order(answers, model);
        model.addAttribute(
                "arrivals",
                lanes.stream().map(lane -> view(lane, wished, plan, measures)).toList());
        model.addAttribute(
                "held",
                order.held().stream()
                        .map(held -> new HeldView(
                                Portraits.use(requireNonNull(wished.get(held.wishId()))
                                        .species()),
                                held.name(),
                                FindingView.of(held.gate(), measures)))
                        .toList());
        model.addAttribute("planFindings", FindingView.all(order.findings(), measures));
        model.addAttribute("chart", ArrivalChart.of(answers, Optional.empty(), Optional.empty()));
        model.addAttribute("waterWords", water.isEmpty() ? "" : WaterPanels.worst(water, plan.asOf()));
        model.addAttribute("kinds", Setback.Kind.values());
        model.addAttribute("origins", Resident.Origin.values());
        model.addAttribute("methods", Resident.Method.values());
        model.addAttribute("setbacks", setbacks(plan));
        model.addAttribute("animals", PlannedInvertebrates.of(stock));
        model.addAttribute("hasQuarantine", plan.schedule().quarantine().isPresent());
    }

    private static List<SetbackView> setbacks(TankPlan plan) {
        return plan.schedule().setbacks().stream()
                .map(one -> new SetbackView(
                        one.on().toString(),
                        one.fish() + " " + one.kind().words()
                                + one.note().map(note -> ": " + note).orElse("")))
                .toList();
    }

    /** How good the order is. */
    private static void order(TankAnswers answers, Model model) {
        ArrivalPlan order = answers.assessment().order();
        TankPlan plan = answers.plan();
        model.addAttribute("claim", order.claim());
        model.addAttribute("outcome", ArrivalOutlook.of(order));
        model.addAttribute("own", order.best().isPresent());
        model.addAttribute(
                "against",
                order.best().map(best -> against(order, best.total())).orElse(""));
        model.addAttribute(
                "back",
                order.back()
                        .map(back -> back.name()
                                + " returns last, on " + back.on()
                                + (back.boxDays() > 0
                                        ? ", after " + Numbers.count(back.boxDays(), "day", "days")
                                                + " in the acclimation box."
                                        : "."))
                        .orElse(""));
        model.addAttribute(
                "decided",
                !plan.schedule().order().isEmpty()
                        || !plan.schedule().notBefore().isEmpty());
        model.addAttribute("total", Numbers.plain(order.cost().total()));
        model.addAttribute(
                "parts",
                List.of(
                        Numbers.plain(order.cost().pressure()),
                        Numbers.plain(order.cost().lateness()),
                        Numbers.plain(order.cost().shyness())));
    }

    /** The keeper's own order beside the best in the usual way. */
    private static String against(ArrivalPlan own, double best) {
        double dearer = own.cost().total() - best;
        return Math.abs(dearer) < 0.005
                ? "Your own order: its score is that of the best."
                : "Your own order: its score is " + Numbers.plain(Math.abs(dearer))
                        + (dearer > 0 ? " above the best." : " below the best in the usual way.");
    }

    private static ArrivalView view(
            ArrivalCalendar.Lane lane, Map<WishId, ResolvedPlan.Wished> wished, TankPlan plan, Measures measures) {
        Arrival arrival = lane.arrival();
        long days = ChronoUnit.DAYS.between(plan.asOf(), arrival.date());
        return new ArrivalView(
                arrival.place(),
                arrival.date().toString(),
                days <= 0 ? "now" : Dates.distance(arrival.date(), plan.asOf()),
                arrival.wishIds().stream()
                        .map(wished::get)
                        .map(one -> line(one, plan, measures))
                        .toList(),
                lane.spans().stream()
                        .filter(span -> span.kind() != ArrivalCalendar.Span.Kind.WATCH)
                        .map(span -> span.words()
                                + (span.kind() == ArrivalCalendar.Span.Kind.RELEASE ? " on " : " from ")
                                + span.from())
                        .toList(),
                Numbers.plain(arrival.room().used()) + " of "
                        + Numbers.plain(arrival.room().limit()) + " "
                        + (arrival.room().unit() + " of " + arrival.room().name()).strip() + " from then",
                arrival.overHeadroom(),
                Numbers.count(arrival.cost().pressure(), "attack"),
                FindingView.all(arrival.reasons(), measures));
    }

    private static WishLine line(ResolvedPlan.Wished one, TankPlan plan, Measures measures) {
        LocalDate since = plan.schedule().inQuarantine().get(one.wish().id());
        return new WishLine(
                one.wish().id().key(),
                Portraits.use(one.species()),
                (one.count() > 1 ? one.count() + " × " : "") + one.species().commonName(),
                one.species().scientificName(),
                measures.lengthField(one.fish().growth().startLengthCm()),
                since == null ? "" : since.toString(),
                plan.schedule().outOfQuarantine(one.wish().id()).isPresent(),
                one.count());
    }
}
