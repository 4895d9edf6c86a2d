package org.pelluna.app.arrivals;

import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.pelluna.app.portrait.Portraits;
import org.pelluna.app.storage.NotFoundException;
import org.pelluna.app.storage.ScheduleStore;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.Measures;
import org.pelluna.core.arrival.ArrivalCalendar;
import org.pelluna.core.arrival.RunSheet;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.Schedule;
import org.pelluna.core.units.Numbers;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The day of an arrival, step by step. */
@Controller
@RequestMapping("/tanks/{tankId}/arrivals/{key}/run-sheet")
class RunSheetController {
    private final ScheduleStore schedules;
    private final Clock clock;

    RunSheetController(ScheduleStore schedules, Clock clock) {
        this.schedules = schedules;
        this.clock = clock;
    }

    /** A step with its tick. */
    record StepView(String key, String words, boolean warns, boolean done, String at) {}

    /** A part of the day. */
    record Part(String title, List<StepView> steps) {}

    /** A step of the salinity ramp. */
    record Ramp(String on, String gravity, String litres) {}

    private record Sheet(Assessment assessment, ArrivalCalendar.Lane lane, RunSheet sheet) {}

    private Sheet sheet(Here here, String key) {
        Assessment assessment = here.answers().assessment();
        ArrivalCalendar.Lane lane =
                ArrivalCalendar.of(assessment.stock(), assessment.order(), assessment.planned()).stream()
                        .filter(one -> one.arrival().wishIds().contains(new WishId(key)))
                        .findFirst()
                        .orElseThrow(() -> new NotFoundException("arrival"));
        return new Sheet(
                assessment, lane, RunSheet.of(assessment.stock(), lane, new WishId(key), assessment.planned()));
    }

    /** The steps by the part of the day, with when each was done. */
    private static List<Part> parts(RunSheet sheet, Map<String, LocalDateTime> ticks, Measures measures) {
        Map<String, List<StepView>> parts = new LinkedHashMap<>();
        for (RunSheet.Step step : sheet.steps()) {
            LocalDateTime at = ticks.get(step.key());
            parts.computeIfAbsent(step.part(), part -> new java.util.ArrayList<>())
                    .add(new StepView(
                            step.key(),
                            measures.sentence(step.words()),
                            step.warns(),
                            at != null,
                            at == null ? "" : at.toLocalDate() + " " + at.toLocalTime()));
        }
        return parts.entrySet().stream()
                .map(part -> new Part(part.getKey(), part.getValue()))
                .toList();
    }

    @GetMapping
    String page(Here here, @PathVariable String key, Model model) {
        Sheet found = sheet(here, key);
        Schedule schedule = found.assessment().stock().plan().schedule();
        Map<String, LocalDateTime> ticks = schedule.ticks().stream()
                .filter(tick -> tick.wishId().key().equals(key))
                .collect(Collectors.toMap(Schedule.Tick::step, Schedule.Tick::at));
        ResolvedPlan.Wished wished = found.assessment().stock().wishes().stream()
                .filter(one -> one.wish().id().key().equals(key))
                .findFirst()
                .orElseThrow();
        model.addAttribute("wishKey", key);
        model.addAttribute("sheet", found.sheet());
        model.addAttribute("arrives", found.lane().arrival().date().toString());
        model.addAttribute("release", found.lane().release().toString());
        model.addAttribute(
                "boxed", found.lane().span(ArrivalCalendar.Span.Kind.BOX).isPresent());
        model.addAttribute("parts", parts(found.sheet(), ticks, here.measures()));
        model.addAttribute(
                "next",
                found.sheet().steps().stream()
                        .filter(step -> !ticks.containsKey(step.key()))
                        .findFirst()
                        .map(step -> here.measures().sentence(step.words()))
                        .orElse(""));
        model.addAttribute("done", ticks.size());
        model.addAttribute("steps", found.sheet().steps().size());
        model.addAttribute(
                "ramp",
                found.lane().ramp().stream()
                        .map(step -> new Ramp(
                                step.on().toString(),
                                Numbers.plain(step.gravity(), 4),
                                here.measures().volumeOf(step.litres())))
                        .toList());
        model.addAttribute(
                "checks",
                schedule.boxChecks().stream()
                        .filter(check -> check.wishId().key().equals(key))
                        .toList());
        model.addAttribute(
                "residents",
                found.assessment().stock().residents().stream().map(Fish::name).toList());
        model.addAttribute("portraits", Portraits.sheet(List.of(wished.species())));
        model.addAttribute("portrait", Portraits.use(wished.species()));
        return "arrivals/run-sheet";
    }

    /** Ticks a step, or takes its tick back. */
    @PostMapping("/tick")
    String tick(
            Here here,
            @PathVariable String key,
            @RequestParam(defaultValue = "") String step,
            @RequestParam(defaultValue = "false") boolean done) {
        Set<String> known = new HashSet<>();
        sheet(here, key).sheet().steps().forEach(one -> known.add(one.key()));
        if (!known.contains(step)) {
            throw new NotFoundException("step");
        }
        LocalDateTime now = LocalDateTime.now(clock).truncatedTo(ChronoUnit.MINUTES);
        schedules.change(here.keeper(), here.tank(), schedule -> schedule.ticked(new WishId(key), step, now, done));
        return "redirect:/tanks/" + here.tank() + "/arrivals/" + key + "/run-sheet#" + step;
    }

    /** What was seen of the box today. */
    @PostMapping("/box")
    String box(
            Here here,
            @PathVariable String key,
            @RequestParam(defaultValue = "false") boolean attacked,
            @RequestParam Optional<String> by) {
        sheet(here, key);
        Optional<String> who = attacked
                ? by.map(String::strip).filter(name -> !name.isEmpty() && name.length() <= 80)
                : Optional.empty();
        schedules.change(
                here.keeper(),
                here.tank(),
                schedule ->
                        schedule.checked(new Schedule.BoxCheck(new WishId(key), LocalDate.now(clock), attacked, who)));
        return "redirect:/tanks/" + here.tank() + "/arrivals/" + key + "/run-sheet#box-record";
    }
}
