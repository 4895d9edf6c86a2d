package org.pelluna.app.arrivals;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.app.storage.RecordStore;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.web.Assessments;
import org.pelluna.app.web.Key;
import org.pelluna.app.web.Measures;
import org.pelluna.app.web.Undo;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.learn.Learning;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.Stock;
import org.pelluna.core.species.Catalogue;
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
    private final Assessments assessments;
    private final ArrivalsView view;

    ArrivalController(
            TankStore tanks, RecordStore record, Catalogue catalogue, Assessments assessments, ArrivalsView view) {
        this.view = view;
        this.tanks = tanks;
        this.record = record;
        this.catalogue = catalogue;
        this.assessments = assessments;
    }

    @GetMapping
    String page(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @PathVariable UUID tankId,
            @ModelAttribute(name = "measures", binding = false) Measures measures,
            Model model) {
        Assessment assessment = assessments.of(tankId, tanks.plan(keeper.id(), tankId));
        view.plan(assessment, tanks.get(keeper.id(), tankId), List.of(), measures, model);
        view.frame(assessment, measures, model);
        return "arrivals/page";
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
            @RequestParam Optional<Resident.Origin> origin,
            @RequestParam Optional<Resident.Method> method,
            @RequestParam Optional<Double> price,
            @ModelAttribute(name = "measures", binding = false) Measures measures,
            RedirectAttributes redirect) {
        Stock stock = Learning.stock(tanks.plan(keeper.id(), tankId), catalogue);
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
        Optional<Resident.Coming> coming = Resident.Coming.of(origin, method, price);
        List<Resident> arrived = residents(found.get(), on, measures.length().toCentimetres(length), name, coming);
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

    private static List<Resident> residents(
            Stock.Wished wished, LocalDate on, double lengthCm, String name, Optional<Resident.Coming> coming) {
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
                    wished.wish().individual(),
                    coming));
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
