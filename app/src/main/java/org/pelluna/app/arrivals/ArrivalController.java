package org.pelluna.app.arrivals;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.pelluna.app.overview.ArrivalChart;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.RefusedException;
import org.pelluna.app.web.TankAnswers;
import org.pelluna.app.web.Undo;
import org.pelluna.core.plan.Resident;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
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
    private final ArrivalService arrivals;
    private final ArrivalsView view;

    ArrivalController(TankStore tanks, ArrivalService arrivals, ArrivalsView view) {
        this.tanks = tanks;
        this.arrivals = arrivals;
        this.view = view;
    }

    @GetMapping
    String page(
            Here here,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) Optional<LocalDate> from,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) Optional<LocalDate> to,
            @RequestParam(defaultValue = "false") boolean part,
            Model model) {
        TankAnswers answers = here.answers();
        if (part) {
            model.addAttribute("chart", ArrivalChart.of(answers, from, to));
            return "arrivals/page :: chart";
        }
        view.plan(answers, here.keeper(), tanks.get(here.keeper(), here.tank()), List.of(), here.measures(), model);
        view.frame(answers, here.measures(), model);
        return "arrivals/page";
    }

    /** The fish of a wish are in the display. */
    @PostMapping("/{key}/done")
    String done(
            Here here,
            @PathVariable String key,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate on,
            @RequestParam double length,
            @RequestParam(required = false) String name,
            @RequestParam Optional<Resident.Origin> origin,
            @RequestParam Optional<Resident.Method> method,
            @RequestParam Optional<Double> price,
            @RequestParam Optional<Integer> count,
            RedirectAttributes redirect) {
        ArrivalService.Fish fish = new ArrivalService.Fish(
                on,
                here.measures().length().toCentimetres(length),
                Optional.ofNullable(name).map(String::strip).filter(words -> !words.isEmpty()),
                RefusedException.unless(() -> Resident.Acquisition.of(origin, method, price)),
                count);
        Optional<String> came = arrivals.arrive(here.keeper(), here.tank(), key, fish);
        if (came.isPresent()) {
            Undo.offer(redirect, came.get() + " lives here now.", path(here.tank()) + "/" + key + "/undo");
        } else {
            Undo.say(redirect, "This arrival is done already.");
        }
        return "redirect:" + path(here.tank());
    }

    @PostMapping("/{key}/undo")
    String undo(Here here, @PathVariable String key, RedirectAttributes redirect) {
        arrivals.undoArrival(here.keeper(), here.tank(), key);
        Undo.say(redirect, "Arrival undone. The wish is in the plan again.");
        return "redirect:" + path(here.tank());
    }

    private static String path(UUID tankId) {
        return "/tanks/" + tankId + "/arrivals";
    }
}
