package org.pelluna.app.arrivals;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.app.overview.ArrivalChart;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.web.Measures;
import org.pelluna.app.web.Refused;
import org.pelluna.app.web.TankAnswers;
import org.pelluna.app.web.TankCache;
import org.pelluna.app.web.Undo;
import org.pelluna.core.plan.Resident;
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
    private final TankCache cache;
    private final ArrivalService arrivals;
    private final ArrivalsView view;

    ArrivalController(TankStore tanks, TankCache cache, ArrivalService arrivals, ArrivalsView view) {
        this.tanks = tanks;
        this.cache = cache;
        this.arrivals = arrivals;
        this.view = view;
    }

    @GetMapping
    String page(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @PathVariable UUID tankId,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) Optional<LocalDate> from,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) Optional<LocalDate> to,
            @RequestParam(defaultValue = "false") boolean part,
            @ModelAttribute(name = "measures", binding = false) Measures measures,
            Model model) {
        TankAnswers answers = cache.of(keeper.id(), tankId);
        if (part) {
            model.addAttribute("chart", ArrivalChart.of(answers, from, to));
            return "arrivals/page :: chart";
        }
        view.plan(answers, keeper.id(), tanks.get(keeper.id(), tankId), List.of(), measures, model);
        view.frame(answers, measures, model);
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
            @RequestParam Optional<Integer> count,
            @ModelAttribute(name = "measures", binding = false) Measures measures,
            RedirectAttributes redirect) {
        ArrivalService.Fish fish = new ArrivalService.Fish(
                on,
                measures.length().toCentimetres(length),
                Optional.ofNullable(name).map(String::strip).filter(words -> !words.isEmpty()),
                Refused.unless(() -> Resident.Acquisition.of(origin, method, price)),
                count);
        Optional<String> came = arrivals.arrive(keeper.id(), tankId, key, fish);
        if (came.isPresent()) {
            Undo.offer(redirect, came.get() + " lives here now.", path(tankId) + "/" + key + "/undo");
        } else {
            Undo.say(redirect, "This arrival is done already.");
        }
        return "redirect:" + path(tankId);
    }

    @PostMapping("/{key}/undo")
    String undo(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @PathVariable UUID tankId,
            @PathVariable String key,
            RedirectAttributes redirect) {
        arrivals.undoArrival(keeper.id(), tankId, key);
        Undo.say(redirect, "Arrival undone. The wish is in the plan again.");
        return "redirect:" + path(tankId);
    }

    private static String path(UUID tankId) {
        return "/tanks/" + tankId + "/arrivals";
    }
}
