package org.pelluna.app.arrivals;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.app.portrait.Portraits;
import org.pelluna.app.storage.RecordStore;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.web.FindingView;
import org.pelluna.app.web.Key;
import org.pelluna.app.web.Measures;
import org.pelluna.app.web.Undo;
import org.pelluna.core.arrival.Arrival;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.headroom.InchRule;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.Stock;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.units.Numbers;
import org.pelluna.core.watch.LogEntry;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The order of arrival with its dates and reasons, and the arrival done. */
@Controller
@RequestMapping("/tanks/{tankId}/arrivals")
class ArrivalController {
    private final TankStore tanks;
    private final RecordStore record;
    private final Catalogue catalogue;

    ArrivalController(TankStore tanks, RecordStore record, Catalogue catalogue) {
        this.tanks = tanks;
        this.record = record;
        this.catalogue = catalogue;
    }

    /** One arrival ready to print. */
    record ArrivalView(
            int place,
            String date,
            String away,
            List<WishLine> wishes,
            String headroom,
            boolean overHeadroom,
            String cost,
            List<FindingView> reasons) {}

    /** One wish of an arrival. */
    record WishLine(String key, String portrait, String name, String scientificName, String length) {}

    /** A wish without a date. */
    record HeldView(String portrait, String name, FindingView gate) {}

    @GetMapping
    String page(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @PathVariable UUID tankId,
            @ModelAttribute(name = "measures", binding = false) Measures measures,
            Model model) {
        Assessment assessment = Assessment.of(tanks.plan(keeper.id(), tankId), catalogue);
        Map<String, Stock.Wished> wished = new HashMap<>();
        assessment.stock().wishes().forEach(one -> wished.put(one.wish().id(), one));
        LocalDate today = assessment.stock().plan().asOf();
        var order = assessment.order();
        model.addAttribute("tank", tanks.get(keeper.id(), tankId));
        model.addAttribute("today", today);
        model.addAttribute("proved", order.proved());
        model.addAttribute("total", Numbers.plain(order.cost().total(), 2));
        model.addAttribute(
                "parts",
                List.of(
                        Numbers.plain(order.cost().pressure(), 2),
                        Numbers.plain(order.cost().lateness(), 2),
                        Numbers.plain(order.cost().shyness(), 2)));
        model.addAttribute(
                "arrivals",
                order.arrivals().stream()
                        .map(arrival -> view(arrival, wished, today, measures))
                        .toList());
        model.addAttribute(
                "held",
                order.held().stream()
                        .map(held -> new HeldView(
                                Portraits.use(wished.get(held.wishId()).species()),
                                held.name(),
                                FindingView.of(held.gate(), measures)))
                        .toList());
        model.addAttribute(
                "planFindings",
                order.findings().stream()
                        .map(finding -> FindingView.of(finding, measures))
                        .toList());
        model.addAttribute(
                "portraits",
                Portraits.sheet(
                        wished.values().stream().map(Stock.Wished::species).toList()));
        model.addAttribute("chart", chart(assessment, wished));
        return "arrivals/page";
    }

    private static ArrivalView view(
            Arrival arrival, Map<String, Stock.Wished> wished, LocalDate today, Measures measures) {
        long days = java.time.temporal.ChronoUnit.DAYS.between(today, arrival.date());
        return new ArrivalView(
                arrival.place(),
                arrival.date().toString(),
                days <= 0 ? "now" : "in " + (days < 21 ? days + " days" : Math.round(days / 7.0) + " weeks"),
                arrival.wishIds().stream()
                        .map(wished::get)
                        .map(one -> new WishLine(
                                one.wish().id(),
                                Portraits.use(one.species()),
                                (one.count() > 1 ? one.count() + " × " : "")
                                        + one.species().commonName(),
                                one.species().scientificName(),
                                measures.lengthField(one.fish().growth().startLengthCm())))
                        .toList(),
                Numbers.plain(arrival.room().used()) + " of "
                        + Numbers.plain(arrival.room().limit())
                        + (arrival.room().unit() + " of " + arrival.room().name()).strip() + " from then",
                arrival.overHeadroom(),
                Numbers.plain(arrival.cost().pressure()),
                arrival.reasons().stream()
                        .map(finding -> FindingView.of(finding, measures))
                        .toList());
    }

    private static String chart(Assessment assessment, Map<String, Stock.Wished> wished) {
        List<Arrival> arrivals = assessment.order().arrivals();
        if (arrivals.isEmpty()) {
            return "";
        }
        var plan = assessment.stock().plan();
        InchRule rule = new InchRule(plan.tank(), plan.houseRules());
        List<CourseChart.Step> ceilings = new ArrayList<>();
        ceilings.add(new CourseChart.Step(plan.asOf(), rule.ceilingInches(plan.asOf())));
        rule.matureOn()
                .filter(day -> day.isAfter(plan.asOf()))
                .ifPresent(day -> ceilings.add(new CourseChart.Step(day, rule.matureCeilingInches())));
        List<CourseChart.Stop> stops = arrivals.stream()
                .map(arrival -> new CourseChart.Stop(
                        arrival.date(),
                        arrival.place(),
                        arrival.wishIds().stream()
                                .map(id -> Portraits.key(wished.get(id).species()))
                                .toList(),
                        arrival.room().used()))
                .toList();
        double now = InchRule.inches(assessment.stock().residents());
        return new CourseChart(plan.asOf(), now, stops, ceilings).svg();
    }

    /** The fish of a wish are in the display. */
    @PostMapping("/{key}/done")
    String done(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @PathVariable UUID tankId,
            @PathVariable String key,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate on,
            @RequestParam double length,
            @RequestParam(required = false) String name,
            @ModelAttribute(name = "measures", binding = false) Measures measures,
            RedirectAttributes redirect) {
        Stock stock = Stock.of(tanks.plan(keeper.id(), tankId), catalogue);
        Optional<Stock.Wished> found = stock.wishes().stream()
                .filter(wished -> wished.wish().id().equals(key))
                .findFirst();
        if (found.isEmpty()) {
            Undo.say(redirect, "This arrival is done already.");
            return "redirect:" + path(tankId);
        }
        if (on.isAfter(record.today())) {
            throw new IllegalArgumentException("an arrival can be marked done on its day or later, not before");
        }
        List<Resident> arrived = residents(found.get(), on, measures.length().toCentimetres(length), name);
        record.arrive(
                keeper.id(),
                tankId,
                key,
                arrived,
                arrived.stream().map(ArrivalController::entry).toList());
        Undo.offer(
                redirect,
                found.get().species().commonName() + " has arrived; the order has been judged anew.",
                path(tankId) + "/" + key + "/undo");
        return "redirect:" + path(tankId);
    }

    private static List<Resident> residents(Stock.Wished wished, LocalDate on, double lengthCm, String name) {
        String called = name == null || name.isBlank() ? wished.species().commonName() : name.strip();
        if (called.length() > 55) {
            throw new IllegalArgumentException("a name has at most 55 letters");
        }
        List<Resident> arrived = new ArrayList<>();
        for (int i = 1; i <= wished.count(); i++) {
            String one = wished.count() == 1 ? called : called + " " + i;
            arrived.add(new Resident(
                    Key.fresh(),
                    wished.species().id(),
                    one,
                    on,
                    lengthCm,
                    Optional.empty(),
                    wished.wish().individual()));
        }
        return arrived;
    }

    private static LogEntry entry(Resident resident) {
        return new LogEntry(
                Key.fresh(),
                resident.arrivedOn().atTime(LocalTime.of(21, 0)),
                LogEntry.Kind.ARRIVAL,
                Optional.empty(),
                Optional.of(resident.id()),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    @PostMapping("/{key}/undo")
    String undo(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @PathVariable UUID tankId,
            @PathVariable String key,
            RedirectAttributes redirect) {
        record.undoArrival(keeper.id(), tankId, key);
        Undo.say(redirect, "The arrival is taken back; the wish is in the plan again.");
        return "redirect:" + path(tankId);
    }

    private static String path(UUID tankId) {
        return "/tanks/" + tankId + "/arrivals";
    }
}
