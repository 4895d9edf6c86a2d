package org.pelluna.app.watch;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.pelluna.app.storage.JournalStore;
import org.pelluna.app.web.FormKey;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.RefusedException;
import org.pelluna.app.web.Undo;
import org.pelluna.core.id.FishId;
import org.pelluna.core.lead.RollCallLead;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.units.Numbers;
import org.pelluna.core.watch.ObservationSession;
import org.pelluna.core.watch.RollCall;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Watches and roll calls, sent by a form or from a queue on the keeper's device; and the way to take back any part of the record. */
@Controller
@RequestMapping("/tanks/{tankId}/watch")
class RollCallController {
    private static final String FOUND = "found.";

    private final WatchRecord record;
    private final JournalStore journal;
    private final Catalogue catalogue;
    private final WarningJob warnings;

    RollCallController(WatchRecord record, JournalStore journal, Catalogue catalogue, WarningJob warnings) {
        this.record = record;
        this.journal = journal;
        this.catalogue = catalogue;
        this.warnings = warnings;
    }

    /** A watch is over. */
    @PostMapping("/watches")
    @Nullable
    String watched(
            Here here,
            @RequestParam String key,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE_TIME) LocalDateTime start,
            @RequestParam int minutes,
            @RequestParam(defaultValue = "PLANNED") ObservationSession.Reason reason,
            @RequestParam(defaultValue = "false") boolean queued,
            RedirectAttributes redirect,
            HttpServletResponse response)
            throws IOException {
        record.seen(here, start);
        journal.add(
                here.keeper(),
                here.tank(),
                RefusedException.unless(
                        () -> new ObservationSession(FormKey.checked(key), start, minutes, Optional.empty(), reason)));
        warnings.lookSoon(here.keeper(), here.tank());
        if (!queued) {
            Undo.offer(
                    redirect,
                    Numbers.count(minutes, "minute") + " of watching saved.",
                    WatchRecord.path(here.tank()) + "/items/" + key + "/remove");
        }
        return WatchRecord.answered(queued, response, WatchRecord.path(here.tank()));
    }

    /** A roll call of the past. */
    record CallView(String key, String when, String words) {}

    @GetMapping("/roll-call")
    String rollCall(Here here, Model model) {
        TankPlan plan = record.open(here, model);
        FishChoices faces = FishChoices.into(model, plan, catalogue);
        model.addAttribute("lead", RollCallLead.of(plan, here.answers().warnings()));
        model.addAttribute("states", RollCall.State.values());
        List<CallView> calls = new ArrayList<>();
        for (RollCall call : plan.observations().rollCalls()) {
            calls.add(new CallView(call.id(), call.at().toString().replace('T', ' '), words(call, faces)));
        }
        Collections.reverse(calls);
        model.addAttribute("calls", calls.stream().limit(30).toList());
        return "watch/roll-call";
    }

    private static String words(RollCall call, FishChoices faces) {
        Map<RollCall.State, List<String>> by = new TreeMap<>();
        call.found()
                .forEach((fish, state) ->
                        by.computeIfAbsent(state, key -> new ArrayList<>()).add(faces.name(fish)));
        List<String> words = new ArrayList<>();
        by.forEach((state, fish) -> words.add(
                state == RollCall.State.EATING && fish.size() > 4
                        ? fish.size() + " eating"
                        : state.words() + ": " + String.join(", ", fish)));
        return String.join("; ", words);
    }

    @PostMapping("/roll-call")
    @Nullable
    String rollCall(
            Here here,
            @RequestParam Map<String, String> sent,
            @RequestParam String key,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE_TIME) LocalDateTime at,
            @RequestParam(defaultValue = "false") boolean queued,
            RedirectAttributes redirect,
            HttpServletResponse response)
            throws IOException {
        record.seen(here, at);
        Map<FishId, RollCall.State> found = new TreeMap<>();
        sent.forEach((name, state) -> {
            if (name.startsWith(FOUND) && !state.isBlank()) {
                found.put(
                        new FishId(name.substring(FOUND.length())),
                        RefusedException.unless(() -> RollCall.State.valueOf(state.toUpperCase(Locale.ROOT))));
            }
        });
        Optional<String> note = WatchRecord.note(sent.get("note"));
        RollCall call = RefusedException.unless(() -> new RollCall(FormKey.checked(key), at, found, note));
        journal.add(here.keeper(), here.tank(), call);
        warnings.lookSoon(here.keeper(), here.tank());
        Undo.offer(redirect, "Roll call saved.", WatchRecord.path(here.tank()) + "/items/" + call.id() + "/remove");
        return WatchRecord.answered(queued, response, WatchRecord.path(here.tank()) + "/roll-call");
    }

    @PostMapping("/items/{key}/remove")
    String remove(
            Here here,
            @PathVariable String key,
            @RequestParam(defaultValue = "watch") String back,
            RedirectAttributes redirect) {
        journal.remove(here.keeper(), here.tank(), key);
        Undo.offer(redirect, "It is removed.", WatchRecord.path(here.tank()) + "/items/" + key + "/restore");
        return "redirect:" + page(here.tank(), back);
    }

    @PostMapping("/items/{key}/restore")
    String restore(Here here, @PathVariable String key, RedirectAttributes redirect) {
        journal.restore(here.keeper(), here.tank(), key);
        Undo.say(redirect, "Undone.");
        return "redirect:" + WatchRecord.path(here.tank());
    }

    private static String page(UUID tankId, String back) {
        return switch (back) {
            case "roll-call", "signs", "remedies", "without-fish" -> WatchRecord.path(tankId) + "/" + back;
            default -> WatchRecord.path(tankId);
        };
    }
}
