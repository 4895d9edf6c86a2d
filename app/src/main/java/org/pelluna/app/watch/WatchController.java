package org.pelluna.app.watch;

import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.app.portrait.Portraits;
import org.pelluna.app.storage.RecordStore;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.web.Key;
import org.pelluna.app.web.Undo;
import org.pelluna.core.losses.Loss;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.watch.LogEntry;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The log of a tank: entry and timeline. */
@Controller
@RequestMapping("/tanks/{tankId}/watch")
class WatchController {
    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm");

    private final TankStore tanks;
    private final RecordStore record;
    private final Catalogue catalogue;
    private final Clock clock;

    WatchController(TankStore tanks, RecordStore record, Catalogue catalogue, Clock clock) {
        this.tanks = tanks;
        this.record = record;
        this.catalogue = catalogue;
        this.clock = clock;
    }

    /** One fish to choose. */
    record Choice(String id, String name, String portrait) {}

    /** One line of the log. */
    record Line(String key, String when, String kind, String what, String details, String note, boolean removable) {}

    @GetMapping
    String page(@AuthenticationPrincipal KeeperPrincipal keeper, @PathVariable UUID tankId, Model model) {
        LogForm form = new LogForm();
        form.key = Key.fresh();
        form.at = LocalDateTime.now(clock).truncatedTo(ChronoUnit.MINUTES);
        model.addAttribute("form", form);
        return show(keeper, tankId, model);
    }

    private String show(KeeperPrincipal keeper, UUID tankId, Model model) {
        TankPlan plan = tanks.plan(keeper.id(), tankId);
        Catalogue known = plan.species(catalogue);
        Map<String, String> names = new HashMap<>();
        plan.residents().forEach(one -> names.put(one.id(), one.name()));
        List<Resident> here = plan.residents().stream()
                .filter(one -> one.livesHere(plan.asOf()))
                .toList();
        model.addAttribute("tank", tanks.get(keeper.id(), tankId));
        model.addAttribute(
                "fish",
                here.stream()
                        .map(one -> new Choice(one.id(), one.name(), Portraits.use(known.get(one.speciesId()))))
                        .toList());
        model.addAttribute(
                "kinds",
                Stream.of(LogEntry.Kind.values())
                        .filter(kind -> kind != LogEntry.Kind.ARRIVAL)
                        .toList());
        model.addAttribute("lines", lines(plan, names));
        model.addAttribute("timeline", plan.residents().isEmpty() ? "" : new Timeline(plan, known).svg());
        model.addAttribute(
                "portraits",
                Portraits.sheet(plan.residents().stream()
                        .map(one -> known.get(one.speciesId()))
                        .toList()));
        return "watch/page";
    }

    private static List<Line> lines(TankPlan plan, Map<String, String> names) {
        Stream<Line> entries = plan.log().stream().map(entry -> line(entry, names));
        Stream<Line> losses = plan.losses().stream().map(loss -> line(loss, names));
        List<Line> lines = new java.util.ArrayList<>(Stream.concat(entries, losses)
                .sorted(java.util.Comparator.comparing(Line::when))
                .toList());
        Collections.reverse(lines);
        return lines;
    }

    private static Line line(Loss loss, Map<String, String> names) {
        return new Line(
                loss.id(),
                loss.on() + " 23:59",
                "loss",
                names.get(loss.fishId()) + " lost: " + loss.cause().words() + " ("
                        + loss.certainty().words() + ")",
                "",
                loss.note().orElse(""),
                false);
    }

    private static Line line(LogEntry entry, Map<String, String> names) {
        String fish = entry.fishId().map(names::get).orElse("");
        String what = switch (entry.kind()) {
            case DISPLAY -> by(entry, names) + " displayed at " + fish;
            case CHASE -> by(entry, names) + " chased " + fish;
            case NIP -> by(entry, names) + " nipped " + fish;
            case PINNED -> by(entry, names) + " pinned " + fish;
            case INJURY -> fish + " is hurt" + (entry.aggressorId().isPresent() ? ", by " + by(entry, names) : "");
            case ARRIVAL -> fish + " arrived";
            case NOTE -> fish.isEmpty() ? "Note" : "Note on " + fish;
        };
        String details = Stream.of(
                        entry.hardness()
                                .map(hardness ->
                                        List.of("mild", "hard", "fierce").get(hardness - 1)),
                        entry.place(),
                        entry.watchedMinutes().map(minutes -> "watched " + minutes + " min"))
                .flatMap(java.util.Optional::stream)
                .collect(java.util.stream.Collectors.joining(" · "));
        return new Line(
                entry.id(),
                entry.at().format(WHEN),
                entry.kind().name().toLowerCase(java.util.Locale.ROOT),
                what,
                details,
                entry.note().orElse(""),
                entry.kind() != LogEntry.Kind.ARRIVAL);
    }

    private static String by(LogEntry entry, Map<String, String> names) {
        return entry.aggressorId().map(names::get).orElse("");
    }

    @PostMapping
    String add(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @PathVariable UUID tankId,
            @Valid @ModelAttribute("form") LogForm form,
            BindingResult faults,
            Model model,
            RedirectAttributes redirect,
            HttpServletResponse response) {
        if (!faults.hasFieldErrors("at")
                && form.at.isAfter(LocalDateTime.now(clock).plusMinutes(5))) {
            faults.rejectValue("at", "future", "This lies in the future; the log is for what was seen.");
        }
        if (!faults.hasErrors()) {
            try {
                LogEntry entry = form.entry();
                record.addEntry(keeper.id(), tankId, entry);
                Undo.offer(redirect, "Logged.", path(tankId) + "/" + entry.id() + "/remove");
                return "redirect:" + path(tankId);
            } catch (IllegalArgumentException e) {
                faults.reject("incomplete", "Not yet complete: " + e.getMessage() + ".");
            }
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return show(keeper, tankId, model);
    }

    @PostMapping("/{key}/remove")
    String remove(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @PathVariable UUID tankId,
            @PathVariable String key,
            RedirectAttributes redirect) {
        record.removeEntry(keeper.id(), tankId, key);
        Undo.offer(redirect, "The entry is removed.", path(tankId) + "/" + key + "/restore");
        return "redirect:" + path(tankId);
    }

    @PostMapping("/{key}/restore")
    String restore(
            @AuthenticationPrincipal KeeperPrincipal keeper, @PathVariable UUID tankId, @PathVariable String key) {
        record.restoreEntry(keeper.id(), tankId, key);
        return "redirect:" + path(tankId);
    }

    private static String path(UUID tankId) {
        return "/tanks/" + tankId + "/watch";
    }
}
