package org.pelluna.app.arrivals;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.pelluna.app.storage.NotFoundException;
import org.pelluna.app.storage.RecordStore;
import org.pelluna.app.storage.ScheduleStore;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.web.FormKey;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.RefusedException;
import org.pelluna.app.web.TankAnswers;
import org.pelluna.app.web.Undo;
import org.pelluna.core.arrival.ArrivalPlan;
import org.pelluna.core.arrival.Move;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.Setback;
import org.pelluna.core.plan.Wish;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** What the keeper decides of the calendar, and what life makes of it. */
@Controller
@RequestMapping("/tanks/{tankId}/arrivals")
class ScheduleController {
    private static final int HORIZON_YEARS = 10;

    private final TankStore tanks;
    private final RecordStore record;
    private final ScheduleStore schedules;
    private final ArrivalService arrivals;
    private final ArrivalsView view;

    ScheduleController(
            TankStore tanks, RecordStore record, ScheduleStore schedules, ArrivalService arrivals, ArrivalsView view) {
        this.tanks = tanks;
        this.record = record;
        this.schedules = schedules;
        this.arrivals = arrivals;
        this.view = view;
    }

    /** Moves an arrival to another day; asked from a script, the plan as it is then comes back in part. */
    @PostMapping("/move")
    String move(
            Here here,
            @RequestParam String wish,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate to,
            @RequestParam(defaultValue = "false") boolean part,
            Model model,
            RedirectAttributes redirect) {
        Assessment before = here.answers().assessment();
        LocalDate today = before.stock().plan().asOf();
        if (to.isAfter(today.plusYears(HORIZON_YEARS))) {
            throw new RefusedException("an arrival can be put off by ten years at most");
        }
        ArrivalPlan plan = before.order();
        if (plan.arrivals().stream().noneMatch(one -> one.wishIds().contains(new WishId(wish)))) {
            throw new NotFoundException("arrival");
        }
        LocalDate day = to.isBefore(today) ? today : to;
        schedules.change(here.keeper(), here.tank(), schedule -> Move.to(schedule, plan, new WishId(wish), day));
        TankAnswers after = here.answers();
        List<String> changes = Move.changes(plan, after.assessment().order());
        List<String> told = changes.isEmpty() ? List.of("This move changes nothing.") : changes;
        if (part) {
            view.plan(after, here.keeper(), tanks.get(here.keeper(), here.tank()), told, here.measures(), model);
            return "arrivals/page :: plan";
        }
        redirect.addFlashAttribute("changes", told);
        return back(here.tank());
    }

    /** Back to the best order, with nothing put off. */
    @PostMapping("/best")
    String best(Here here, RedirectAttributes redirect) {
        schedules.change(
                here.keeper(),
                here.tank(),
                old -> old.with(as -> as.order(List.of()).notBefore(Map.of()).way(Optional.empty())));
        Undo.say(redirect, "Back to the best order. No fish is delayed.");
        return back(here.tank());
    }

    @PostMapping("/quarantine")
    String quarantine(
            Here here,
            @ModelAttribute("quarantine") QuarantineForm form,
            @RequestParam(defaultValue = "false") boolean none,
            RedirectAttributes redirect) {
        tanks.get(here.keeper(), here.tank());
        var tank = none
                ? Optional.<org.pelluna.core.plan.QuarantineTank>empty()
                : Optional.of(RefusedException.unless(() -> form.tank(here.measures())));
        schedules.change(here.keeper(), here.tank(), schedule -> schedule.quarantine(tank));
        Undo.say(redirect, none ? "No quarantine tank of your own." : "The calendar now respects the quarantine tank.");
        return back(here.tank());
    }

    /** The fish of a wish went into quarantine, or did not after all. */
    @PostMapping("/{key}/in-quarantine")
    String inQuarantine(
            Here here,
            @PathVariable String key,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate since,
            RedirectAttributes redirect) {
        wish(here, key);
        if (since.isAfter(record.today())) {
            throw new RefusedException("a fish is in quarantine since today or before");
        }
        schedules.change(here.keeper(), here.tank(), schedule -> schedule.quarantined(new WishId(key), since));
        Undo.say(redirect, "In quarantine since " + since + "; the calendar counts from there.");
        return back(here.tank());
    }

    /** Late, sick, not found, dead in quarantine, swapped: the plan is made anew from today. */
    @PostMapping("/{key}/setback")
    String setback(
            Here here,
            @PathVariable String key,
            @RequestParam Setback.Kind kind,
            @RequestParam(defaultValue = "14") int days,
            @RequestParam Optional<String> note,
            @RequestParam Optional<String> instead,
            @RequestParam Optional<Integer> count,
            @RequestParam(name = "key", required = false) String sent,
            RedirectAttributes redirect) {
        String id = FormKey.checked(sent);
        arrivals.setBack(
                        here.keeper(),
                        here.tank(),
                        key,
                        id,
                        new ArrivalService.Told(
                                kind,
                                days,
                                note.map(String::strip).filter(words -> !words.isEmpty() && words.length() <= 500),
                                instead.map(String::strip).filter(words -> !words.isEmpty()),
                                count))
                .ifPresent(told -> Undo.offer(
                        redirect,
                        told + ". Plan updated from today.",
                        "/tanks/" + here.tank() + "/arrivals/" + key + "/setback/" + id + "/undo"));
        return back(here.tank());
    }

    @PostMapping("/{key}/setback/{setback}/undo")
    String undo(Here here, @PathVariable String key, @PathVariable String setback, RedirectAttributes redirect) {
        arrivals.undoSetback(here.keeper(), here.tank(), key, setback);
        Undo.say(redirect, "Undone. The plan is as before.");
        return back(here.tank());
    }

    private Wish wish(Here here, String key) {
        return tanks.plan(here.keeper(), here.tank()).wishes().stream()
                .filter(one -> one.id().key().equals(key))
                .findFirst()
                .orElseThrow(() -> new NotFoundException("wish"));
    }

    private static String back(UUID tankId) {
        return "redirect:/tanks/" + tankId + "/arrivals";
    }
}
