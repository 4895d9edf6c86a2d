package org.pelluna.app.watch;

import static java.util.Objects.requireNonNull;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import java.io.IOException;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.pelluna.app.storage.JournalStore;
import org.pelluna.app.storage.NotFoundException;
import org.pelluna.app.storage.RecordStore;
import org.pelluna.app.storage.StaleVersionException;
import org.pelluna.app.storage.VersionMark;
import org.pelluna.app.web.Conflict;
import org.pelluna.app.web.FormKey;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.RefusedException;
import org.pelluna.app.web.TankAnswers;
import org.pelluna.app.web.Undo;
import org.pelluna.core.id.FishId;
import org.pelluna.core.lead.LogLead;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.watch.CrewCount;
import org.pelluna.core.watch.CrewEncounter;
import org.pelluna.core.watch.LogEntry;
import org.pelluna.core.watch.ObservationSession;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** What was seen in a tank: entering it, and the entries. */
@Controller
@RequestMapping("/tanks/{tankId}/watch")
class WatchController {
    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm");

    private final RecordStore record;
    private final Catalogue catalogue;
    private final JournalStore journal;
    private final WarningJob warnings;
    private final Clock clock;

    WatchController(RecordStore record, JournalStore journal, Catalogue catalogue, WarningJob warnings, Clock clock) {
        this.journal = journal;
        this.record = record;
        this.catalogue = catalogue;
        this.warnings = warnings;
        this.clock = clock;
    }

    @GetMapping
    String page(Here here, @RequestParam(defaultValue = "false") boolean all, Model model) {
        LogForm form = new LogForm();
        form.key = FormKey.fresh();
        form.at = LocalDateTime.now(clock).truncatedTo(ChronoUnit.MINUTES);
        model.addAttribute("form", form);
        return show(here, all, model);
    }

    private String show(Here here, boolean all, Model model) {
        TankAnswers answers = here.answers();
        TankPlan plan = answers.plan();
        Catalogue known = plan.species(catalogue);
        Map<FishId, String> names = plan.fishNames();
        FishChoices.into(model, plan, catalogue);
        model.addAttribute(
                "kinds",
                Stream.of(LogEntry.Kind.values())
                        .filter(kind -> kind != LogEntry.Kind.ARRIVAL)
                        .toList());
        List<LogLine> lines = LogLine.latest(plan, all);
        model.addAttribute("lines", lines);
        model.addAttribute("all", all);
        model.addAttribute(
                "more",
                plan.log().size()
                        + plan.losses().size()
                        + plan.observations().crewEncounters().size()
                        - lines.size());
        model.addAttribute(
                "crew",
                plan.observations().crew().stream()
                        .map(CrewCount::name)
                        .distinct()
                        .toList());
        model.addAttribute(
                "places",
                plan.tank().layout().shelters().stream()
                        .filter(one -> plan.tank().drawn().isPresent())
                        .map(org.pelluna.core.tank.Layout.Shelter::name)
                        .toList());
        model.addAttribute("reasons", ObservationSession.Reason.values());
        model.addAttribute("lead", LogLead.of(plan));
        model.addAttribute("warnings", answers.warnings());
        model.addAttribute("sentKey", FormKey.fresh());
        model.addAttribute("watchKey", FormKey.fresh());
        model.addAttribute("now", LocalDateTime.now(clock).truncatedTo(ChronoUnit.MINUTES));
        return "watch/page";
    }

    @PostMapping
    @Nullable
    String add(
            Here here,
            @Valid @ModelAttribute("form") LogForm form,
            BindingResult faults,
            @RequestParam(defaultValue = "false") boolean queued,
            Model model,
            RedirectAttributes redirect,
            HttpServletResponse response)
            throws IOException {
        if (!faults.hasFieldErrors("at")
                && requireNonNull(form.at).isAfter(LocalDateTime.now(clock).plusMinutes(5))) {
            faults.rejectValue("at", "future", "Choose today or an earlier time; this is in the future.");
        }
        if (!faults.hasErrors()) {
            try {
                String undo = form.namesCrew() ? crew(here, form) : entry(here, form);
                Undo.offer(redirect, "Logged.", WatchRecord.path(here.tank()) + "/" + undo + "/remove");
                return WatchRecord.answered(queued, response, WatchRecord.path(here.tank()));
            } catch (RefusedException e) {
                faults.reject("incomplete", "Not yet complete: " + e.getMessage() + ".");
            }
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return show(here, false, model);
    }

    private String entry(Here here, LogForm form) {
        LogEntry entry = RefusedException.unless(form::entry);
        record.addEntry(here.keeper(), here.tank(), entry);
        warnings.lookSoon(here.keeper(), here.tank());
        return entry.id();
    }

    private String crew(Here here, LogForm form) {
        CrewEncounter seen = RefusedException.unless(form::crewEncounter);
        journal.add(here.keeper(), here.tank(), seen);
        return "items/" + seen.id();
    }

    /** An earlier state of an entry. */
    record EarlierView(String changed, String what) {}

    @GetMapping("/{key}/edit")
    String edit(Here here, @PathVariable String key, Model model) {
        TankPlan plan = here.answers().plan();
        LogEntry entry = plan.log().stream()
                .filter(one -> one.id().equals(key))
                .findFirst()
                .orElseThrow(() -> new NotFoundException("entry"));
        model.addAttribute("form", LogForm.of(entry));
        return editing(here, key, plan, model);
    }

    private String editing(Here here, String key, TankPlan plan, Model model) {
        Map<FishId, String> names = plan.fishNames();
        FishChoices.into(model, plan, catalogue);
        model.addAttribute(
                "kinds",
                Stream.of(LogEntry.Kind.values())
                        .filter(kind -> kind != LogEntry.Kind.ARRIVAL)
                        .toList());
        model.addAttribute(
                "earlier",
                record.history(here.keeper(), here.tank(), key).stream()
                        .map(one -> {
                            LogLine line = LogLine.of(one.entry(), names);
                            return new EarlierView(
                                    LocalDateTime.ofInstant(one.changedAt(), clock.getZone())
                                            .format(WHEN),
                                    line.when() + " " + line.what() + " " + line.details() + " " + line.note());
                        })
                        .toList());
        return "watch/edit";
    }

    @PostMapping("/{key}/edit")
    String change(
            Here here,
            @PathVariable String key,
            @Valid @ModelAttribute("form") LogForm form,
            BindingResult faults,
            Model model,
            RedirectAttributes redirect,
            HttpServletRequest request,
            HttpServletResponse response) {
        TankPlan plan = here.answers().plan();
        if (!faults.hasErrors()) {
            try {
                LogEntry entry = RefusedException.unless(() -> form.entry(key));
                record.changeEntry(here.keeper(), here.tank(), Optional.ofNullable(form.seen), entry);
                warnings.lookSoon(here.keeper(), here.tank());
                Undo.say(redirect, "Changed; how it read before is kept with it.");
                return "redirect:" + WatchRecord.path(here.tank());
            } catch (RefusedException e) {
                faults.reject("incomplete", "Not yet complete: " + e.getMessage() + ".");
            } catch (StaleVersionException e) {
                LogEntry now = e.now(LogEntry.class);
                response.setStatus(HttpStatus.CONFLICT.value());
                return Conflict.page(
                        model,
                        request,
                        "The entry",
                        Conflict.fields(LogForm.of(now)),
                        new Conflict.Hidden("seen", VersionMark.mark(now)),
                        WatchRecord.path(here.tank()) + "/" + key + "/edit",
                        plan.residents().stream()
                                .collect(Collectors.toMap(one -> one.id().key(), Resident::name)));
            }
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return editing(here, key, plan, model);
    }

    @PostMapping("/{key}/remove")
    String remove(Here here, @PathVariable String key, RedirectAttributes redirect) {
        record.removeEntry(here.keeper(), here.tank(), key);
        Undo.offer(redirect, "The entry is removed.", WatchRecord.path(here.tank()) + "/" + key + "/restore");
        return "redirect:" + WatchRecord.path(here.tank());
    }

    @PostMapping("/{key}/restore")
    String restore(Here here, @PathVariable String key, RedirectAttributes redirect) {
        record.restoreEntry(here.keeper(), here.tank(), key);
        Undo.say(redirect, "Undone. The entry is back.");
        return "redirect:" + WatchRecord.path(here.tank());
    }
}
