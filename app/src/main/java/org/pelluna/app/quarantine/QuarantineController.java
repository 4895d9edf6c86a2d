package org.pelluna.app.quarantine;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.pelluna.app.moves.MoveService;
import org.pelluna.app.storage.JournalStore;
import org.pelluna.app.storage.NotFoundException;
import org.pelluna.app.storage.TankRow;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.web.FormKey;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.RefusedException;
import org.pelluna.app.web.TankAnswers;
import org.pelluna.app.web.Undo;
import org.pelluna.core.tank.Purpose;
import org.pelluna.core.watch.Phase;
import org.pelluna.core.watch.Reservation;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** A quarantine tank: who is in it, what is done until when, and who comes next from any of the keeper's tanks. */
@Controller
@RequestMapping("/tanks/{tankId}/quarantine")
class QuarantineController {
    private final TankStore tanks;
    private final PlannedStays stays;
    private final JournalStore journal;
    private final PartService parts;
    private final MoveService moves;

    QuarantineController(
            TankStore tanks, PlannedStays stays, JournalStore journal, PartService parts, MoveService moves) {
        this.stays = stays;
        this.journal = journal;
        this.tanks = tanks;
        this.parts = parts;
        this.moves = moves;
    }

    @GetMapping
    String page(Here here, Model model) {
        TankRow row = tanks.get(here.keeper(), here.tank());
        if (row.kind() != Purpose.Kind.QUARANTINE) {
            return "redirect:" + elsewhere(here);
        }
        TankAnswers answers = here.answers();
        Map<String, String> names = new LinkedHashMap<>();
        stays.displays(here.keeper()).forEach(one -> names.put(one.id().toString(), one.name()));
        List<PlannedStay> planned = stays.of(here.keeper());
        model.addAttribute("tank", row);
        model.addAttribute(
                "quarantine", QuarantineView.of(answers.assessment().stock(), names, planned, here.measures()));
        model.addAttribute("displays", names);
        model.addAttribute(
                "oneOfSeveral",
                tanks.of(here.keeper()).stream()
                                .filter(one -> one.kind() == Purpose.Kind.QUARANTINE)
                                .count()
                        > 1);
        model.addAttribute("today", answers.plan().asOf());
        model.addAttribute("kinds", Phase.Kind.values());
        model.addAttribute("keys", new FormKey.Fresh());
        return "quarantine/page";
    }

    /** The keeper's quarantine tank, asked for from a display; where there is none, the form that makes one. */
    private String elsewhere(Here here) {
        return tanks.of(here.keeper()).stream()
                .filter(one -> one.kind() == Purpose.Kind.QUARANTINE)
                .findFirst()
                .map(one -> "/tanks/" + one.id() + "/quarantine")
                .orElse("/tanks/new?kind=QUARANTINE");
    }

    /** Keeps the days of a planned stay: the plans of all other tanks wait for it from then on. */
    @PostMapping("/reserve")
    String reserve(
            Here here,
            @RequestParam String form,
            @RequestParam UUID display,
            @RequestParam String wish,
            RedirectAttributes redirect) {
        if (tanks.get(here.keeper(), here.tank()).kind() != Purpose.Kind.QUARANTINE) {
            throw new NotFoundException("quarantine tank");
        }
        PlannedStay stay = stays.of(here.keeper()).stream()
                .filter(one -> one.tankId().equals(display.toString())
                        && one.wish().key().equals(wish))
                .findFirst()
                .orElseThrow(() -> new NotFoundException("stay"));
        Reservation days = new Reservation(
                FormKey.checked(form), stay.tankId(), stay.wish(), stay.names(), stay.from(), stay.until());
        Optional<Reservation> before = journal.reserve(here.keeper(), here.tank(), days);
        Undo.offer(
                redirect,
                "Kept for " + stay.names() + ": your other tanks plan around these days.",
                path(here.tank()) + "/reserve/" + days.id() + "/undo"
                        + before.map(one -> "?before=" + one.id()).orElse(""));
        return "redirect:" + path(here.tank());
    }

    /** Takes days kept back; the days they replaced are kept again. */
    @PostMapping("/reserve/{key}/undo")
    String unreserve(
            Here here, @PathVariable String key, @RequestParam Optional<String> before, RedirectAttributes redirect) {
        journal.unreserve(here.keeper(), here.tank(), key, before);
        Undo.say(redirect, before.isPresent() ? "The days kept before are kept again." : "The days are free again.");
        return "redirect:" + path(here.tank());
    }

    @PostMapping("/parts")
    String add(
            Here here,
            @RequestParam String form,
            @RequestParam Phase.Kind kind,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate from,
            @RequestParam int days,
            @RequestParam Optional<String> note,
            RedirectAttributes redirect) {
        parts.add(here.keeper(), here.tank(), form, kind, from, days, words(note));
        return done(redirect, here.tank(), form, "Step added. Later steps move back.");
    }

    @PostMapping("/again")
    String again(
            Here here,
            @RequestParam String form,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate on,
            @RequestParam Optional<String> why,
            RedirectAttributes redirect) {
        parts.again(here.keeper(), here.tank(), form, on, words(why).orElse("it was begun again"));
        return done(redirect, here.tank(), form, "Restarted. All plans wait for it.");
    }

    @PostMapping("/parts/{key}/remove")
    String remove(Here here, @PathVariable String key, @RequestParam String form, RedirectAttributes redirect) {
        parts.remove(here.keeper(), here.tank(), form, key);
        return done(redirect, here.tank(), form, "The part is taken out.");
    }

    @PostMapping("/undo/{form}")
    String undo(Here here, @PathVariable String form, RedirectAttributes redirect) {
        parts.undo(here.keeper(), here.tank(), form);
        Undo.say(redirect, "Undone.");
        return "redirect:" + path(here.tank());
    }

    /** Fish leave it for a display. */
    @PostMapping("/out")
    String out(
            Here here,
            @RequestParam String form,
            @RequestParam(defaultValue = "") List<String> fish,
            @RequestParam UUID into,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate on,
            RedirectAttributes redirect) {
        if (tanks.get(here.keeper(), into).kind() != Purpose.Kind.DISPLAY) {
            throw new RefusedException("choose a display");
        }
        moves.move(here.keeper(), here.tank(), form, fish, into, on)
                .ifPresentOrElse(
                        said -> Undo.offer(redirect, said, "/tanks/" + here.tank() + "/moves/" + form + "/undo"),
                        () -> Undo.say(redirect, "This is recorded already."));
        return "redirect:" + path(here.tank());
    }

    private static String done(RedirectAttributes redirect, UUID tankId, String form, String said) {
        Undo.offer(redirect, said, path(tankId) + "/undo/" + form);
        return "redirect:" + path(tankId);
    }

    private static String path(UUID tankId) {
        return "/tanks/" + tankId + "/quarantine";
    }

    private static Optional<String> words(Optional<String> entered) {
        return entered.map(String::strip)
                .filter(text -> !text.isEmpty())
                .map(text -> text.substring(0, Math.min(200, text.length())));
    }
}
