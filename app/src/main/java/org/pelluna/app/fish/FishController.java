package org.pelluna.app.fish;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.pelluna.app.moves.IntoQuarantine;
import org.pelluna.app.moves.MoveService;
import org.pelluna.app.storage.JournalStore;
import org.pelluna.app.storage.NotFoundException;
import org.pelluna.app.storage.TankRow;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.web.FormKey;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.Undo;
import org.pelluna.core.lead.PlanLeads;
import org.pelluna.core.plan.Absence;
import org.pelluna.core.plan.Departure;
import org.pelluna.core.plan.Life;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.tank.Purpose;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** One fish: its life, what happens to it, and what its leaving would free. */
@Controller
@RequestMapping("/tanks/{tankId}/fish/{key}")
class FishController {
    private final TankStore tanks;
    private final JournalStore journal;
    private final FishService fish;
    private final MoveService moves;
    private final IntoQuarantine quarantine;

    FishController(
            TankStore tanks, JournalStore journal, FishService fish, MoveService moves, IntoQuarantine quarantine) {
        this.journal = journal;
        this.quarantine = quarantine;
        this.moves = moves;
        this.tanks = tanks;
        this.fish = fish;
    }

    @GetMapping
    String page(Here here, @PathVariable String key, Model model) {
        var answers = here.answers();
        Resident found = answers.plan().residents().stream()
                .filter(one -> one.id().key().equals(key))
                .findFirst()
                .orElseThrow(() -> new NotFoundException("fish"));
        model.addAttribute(
                "fish",
                FishView.of(
                        answers.assessment(), found, journal.photoKeys(here.keeper(), here.tank()), here.measures()));
        model.addAttribute("lead", PlanLeads.fish(answers.stock(), found.id().key()));
        model.addAttribute("today", answers.plan().asOf());
        model.addAttribute("sexes", Life.Sex.values());
        model.addAttribute("places", Absence.Place.values());
        model.addAttribute("bonds", Life.Bond.values());
        model.addAttribute(
                "departures",
                Arrays.stream(Departure.Kind.values())
                        .filter(kind -> kind != Departure.Kind.MOVED)
                        .toList());
        TankRow row = tanks.get(here.keeper(), here.tank());
        model.addAttribute("others", others(here));
        model.addAttribute(
                "bare",
                row.kind() != Purpose.Kind.DISPLAY
                        ? List.of()
                        : others(here).stream()
                                .filter(one -> one.kind() == Purpose.Kind.QUARANTINE)
                                .toList());
        model.addAttribute("keys", new FormKey.Fresh());
        return "fish/page";
    }

    /** The keeper's other tanks. */
    private List<TankRow> others(Here here) {
        return tanks.of(here.keeper()).stream()
                .filter(one -> !one.id().equals(here.tank()))
                .toList();
    }

    /** To another tank of the keeper's, to stay. */
    @PostMapping("/move")
    String move(
            Here here,
            @PathVariable String key,
            @RequestParam String form,
            @RequestParam UUID into,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate on,
            RedirectAttributes redirect) {
        moves.move(here.keeper(), here.tank(), form, List.of(key), into, on)
                .ifPresentOrElse(
                        said -> Undo.offer(redirect, said, MoveController.undoOf(here.tank(), form)),
                        () -> Undo.say(redirect, "This is recorded already."));
        return "redirect:" + path(here.tank(), key);
    }

    /** Into a quarantine tank of the keeper's, until it is wanted back. */
    @PostMapping("/isolate")
    String isolate(
            Here here,
            @PathVariable String key,
            @RequestParam String form,
            @RequestParam UUID into,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate on,
            @RequestParam Optional<String> note,
            RedirectAttributes redirect) {
        quarantine
                .isolate(here.keeper(), here.tank(), form, key, into, on, words(note))
                .ifPresentOrElse(
                        said -> Undo.offer(redirect, said, MoveController.undoOf(here.tank(), form)),
                        () -> Undo.say(redirect, "This is recorded already."));
        return "redirect:" + path(here.tank(), key);
    }

    @PostMapping("/leave")
    String leave(
            Here here,
            @PathVariable String key,
            @RequestParam String form,
            @RequestParam Departure.Kind how,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) Optional<LocalDate> on,
            @RequestParam Optional<String> to,
            @RequestParam Optional<Double> price,
            RedirectAttributes redirect) {
        Resident then = fish.record(
                here.keeper(),
                here.tank(),
                key,
                form,
                (one, today) -> FishService.left(one, today, on, new Departure(how, words(to), price)));
        return done(redirect, here.tank(), key, form, then.name() + " is " + how.words() + ".");
    }

    @PostMapping("/out")
    String out(
            Here here,
            @PathVariable String key,
            @RequestParam String form,
            @RequestParam Absence.Place place,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) Optional<LocalDate> on,
            @RequestParam Optional<String> note,
            RedirectAttributes redirect) {
        Resident then = fish.record(
                here.keeper(),
                here.tank(),
                key,
                form,
                (one, today) -> FishService.takenOut(one, today, on, place, words(note)));
        return done(
                redirect,
                here.tank(),
                key,
                form,
                then.name() + " is " + place.words() + " and does not count until it returns.");
    }

    @PostMapping("/back")
    String back(
            Here here,
            @PathVariable String key,
            @RequestParam String form,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) Optional<LocalDate> on,
            RedirectAttributes redirect) {
        Resident then = fish.record(
                here.keeper(), here.tank(), key, form, (one, today) -> FishService.cameBack(one, today, on));
        return done(
                redirect,
                here.tank(),
                key,
                form,
                then.name() + " is back in the display, as the newcomer; watch it at a feed.");
    }

    @PostMapping("/measure")
    String measure(
            Here here,
            @PathVariable String key,
            @RequestParam String form,
            @RequestParam double length,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) Optional<LocalDate> on,
            RedirectAttributes redirect) {
        double cm = here.measures().length().toCentimetres(length);
        Resident then = fish.record(
                here.keeper(), here.tank(), key, form, (one, today) -> FishService.measured(one, today, on, cm));
        return done(
                redirect,
                here.tank(),
                key,
                form,
                then.name() + " is " + here.measures().lengthOf(cm) + " long; its growth goes on from there.");
    }

    @PostMapping("/sex")
    String sex(
            Here here,
            @PathVariable String key,
            @RequestParam String form,
            @RequestParam Life.Sex sex,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) Optional<LocalDate> on,
            RedirectAttributes redirect) {
        Resident then = fish.record(
                here.keeper(), here.tank(), key, form, (one, today) -> FishService.sexed(one, today, on, sex));
        return done(redirect, here.tank(), key, form, then.name() + " is saved as " + sex.words() + ".");
    }

    /** Takes back what one form of this fish recorded. */
    @PostMapping("/undo/{form}")
    String undo(Here here, @PathVariable String key, @PathVariable String form, RedirectAttributes redirect) {
        fish.undo(here.keeper(), here.tank(), form);
        Undo.say(redirect, "Undone.");
        return "redirect:" + path(here.tank(), key);
    }

    private static String done(RedirectAttributes redirect, UUID tankId, String key, String form, String said) {
        Undo.offer(redirect, said, path(tankId, key) + "/undo/" + form);
        return "redirect:" + path(tankId, key);
    }

    private static String path(UUID tankId, String key) {
        return "/tanks/" + tankId + "/fish/" + key;
    }

    private static Optional<String> words(Optional<String> entered) {
        return entered.map(String::strip)
                .filter(text -> !text.isEmpty())
                .map(text -> text.substring(0, Math.min(200, text.length())));
    }
}
