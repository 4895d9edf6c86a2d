package org.pelluna.app.fish;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.app.moves.IntoQuarantine;
import org.pelluna.app.moves.MoveService;
import org.pelluna.app.storage.JournalStore;
import org.pelluna.app.storage.NotFoundException;
import org.pelluna.app.storage.TankRow;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.web.Key;
import org.pelluna.app.web.Measures;
import org.pelluna.app.web.TankCache;
import org.pelluna.app.web.Undo;
import org.pelluna.core.plan.Absence;
import org.pelluna.core.plan.Departure;
import org.pelluna.core.plan.Life;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.tank.Purpose;
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

/** One fish: its life, what happens to it, and what its leaving would free. */
@Controller
@RequestMapping("/tanks/{tankId}/fish/{key}")
class FishController {
    private final TankStore tanks;
    private final TankCache cache;
    private final JournalStore journal;
    private final FishService fish;
    private final MoveService moves;
    private final IntoQuarantine quarantine;

    FishController(
            TankStore tanks,
            TankCache cache,
            JournalStore journal,
            FishService fish,
            MoveService moves,
            IntoQuarantine quarantine) {
        this.journal = journal;
        this.quarantine = quarantine;
        this.moves = moves;
        this.tanks = tanks;
        this.cache = cache;
        this.fish = fish;
    }

    @GetMapping
    String page(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @PathVariable UUID tankId,
            @PathVariable String key,
            @ModelAttribute(name = "measures", binding = false) Measures measures,
            Model model) {
        var answers = cache.of(keeper.id(), tankId);
        Resident found = answers.plan().residents().stream()
                .filter(one -> one.id().key().equals(key))
                .findFirst()
                .orElseThrow(() -> new NotFoundException("fish"));
        model.addAttribute("tank", tanks.get(keeper.id(), tankId));
        model.addAttribute(
                "fish", FishView.of(answers.assessment(), found, journal.photoKeys(keeper.id(), tankId), measures));
        model.addAttribute("today", answers.plan().asOf());
        model.addAttribute("sexes", Life.Sex.values());
        model.addAttribute("places", Absence.Place.values());
        model.addAttribute("bonds", Life.Bond.values());
        model.addAttribute(
                "departures",
                Arrays.stream(Departure.Kind.values())
                        .filter(kind -> kind != Departure.Kind.MOVED)
                        .toList());
        TankRow here = tanks.get(keeper.id(), tankId);
        model.addAttribute("others", others(keeper, tankId));
        model.addAttribute(
                "bare",
                here.kind() != Purpose.Kind.DISPLAY
                        ? List.of()
                        : others(keeper, tankId).stream()
                                .filter(one -> one.kind() == Purpose.Kind.QUARANTINE)
                                .toList());
        model.addAttribute("keys", new Key.Fresh());
        return "fish/page";
    }

    /** The keeper's other tanks. */
    private List<TankRow> others(KeeperPrincipal keeper, UUID tankId) {
        return tanks.of(keeper.id()).stream()
                .filter(one -> !one.id().equals(tankId))
                .toList();
    }

    /** To another tank of the keeper's, to stay. */
    @PostMapping("/move")
    String move(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @PathVariable UUID tankId,
            @PathVariable String key,
            @RequestParam String form,
            @RequestParam UUID into,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate on,
            RedirectAttributes redirect) {
        moves.move(keeper.id(), tankId, form, List.of(key), into, on)
                .ifPresentOrElse(
                        said -> Undo.offer(redirect, said, MoveController.undoOf(tankId, form)),
                        () -> Undo.say(redirect, "This is recorded already."));
        return "redirect:" + path(tankId, key);
    }

    /** Into a quarantine tank of the keeper's, until it is wanted back. */
    @PostMapping("/isolate")
    String isolate(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @PathVariable UUID tankId,
            @PathVariable String key,
            @RequestParam String form,
            @RequestParam UUID into,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate on,
            @RequestParam Optional<String> note,
            RedirectAttributes redirect) {
        quarantine
                .isolate(keeper.id(), tankId, form, key, into, on, words(note))
                .ifPresentOrElse(
                        said -> Undo.offer(redirect, said, MoveController.undoOf(tankId, form)),
                        () -> Undo.say(redirect, "This is recorded already."));
        return "redirect:" + path(tankId, key);
    }

    @PostMapping("/leave")
    String leave(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @PathVariable UUID tankId,
            @PathVariable String key,
            @RequestParam String form,
            @RequestParam Departure.Kind how,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) Optional<LocalDate> on,
            @RequestParam Optional<String> to,
            @RequestParam Optional<Double> price,
            RedirectAttributes redirect) {
        Resident then = fish.record(
                keeper.id(),
                tankId,
                key,
                form,
                (one, today) -> FishService.left(one, today, on, new Departure(how, words(to), price)));
        return done(redirect, tankId, key, form, then.name() + " is " + how.words() + ".");
    }

    @PostMapping("/out")
    String out(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @PathVariable UUID tankId,
            @PathVariable String key,
            @RequestParam String form,
            @RequestParam Absence.Place place,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) Optional<LocalDate> on,
            @RequestParam Optional<String> note,
            RedirectAttributes redirect) {
        Resident then = fish.record(
                keeper.id(),
                tankId,
                key,
                form,
                (one, today) -> FishService.takenOut(one, today, on, place, words(note)));
        return done(
                redirect,
                tankId,
                key,
                form,
                then.name() + " is " + place.words() + " and does not count until it returns.");
    }

    @PostMapping("/back")
    String back(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @PathVariable UUID tankId,
            @PathVariable String key,
            @RequestParam String form,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) Optional<LocalDate> on,
            RedirectAttributes redirect) {
        Resident then =
                fish.record(keeper.id(), tankId, key, form, (one, today) -> FishService.cameBack(one, today, on));
        return done(
                redirect,
                tankId,
                key,
                form,
                then.name() + " is back in the display, as the newcomer; watch it at a feed.");
    }

    @PostMapping("/measure")
    String measure(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @PathVariable UUID tankId,
            @PathVariable String key,
            @RequestParam String form,
            @RequestParam double length,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) Optional<LocalDate> on,
            @ModelAttribute(name = "measures", binding = false) Measures measures,
            RedirectAttributes redirect) {
        double cm = measures.length().toCentimetres(length);
        Resident then =
                fish.record(keeper.id(), tankId, key, form, (one, today) -> FishService.measured(one, today, on, cm));
        return done(
                redirect,
                tankId,
                key,
                form,
                then.name() + " is " + measures.lengthOf(cm) + " long; its growth goes on from there.");
    }

    @PostMapping("/sex")
    String sex(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @PathVariable UUID tankId,
            @PathVariable String key,
            @RequestParam String form,
            @RequestParam Life.Sex sex,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) Optional<LocalDate> on,
            RedirectAttributes redirect) {
        Resident then =
                fish.record(keeper.id(), tankId, key, form, (one, today) -> FishService.sexed(one, today, on, sex));
        return done(redirect, tankId, key, form, then.name() + " is saved as " + sex.words() + ".");
    }

    /** Takes back what one form of this fish recorded. */
    @PostMapping("/undo/{form}")
    String undo(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @PathVariable UUID tankId,
            @PathVariable String key,
            @PathVariable String form,
            RedirectAttributes redirect) {
        fish.undo(keeper.id(), tankId, form);
        Undo.say(redirect, "Undone.");
        return "redirect:" + path(tankId, key);
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
