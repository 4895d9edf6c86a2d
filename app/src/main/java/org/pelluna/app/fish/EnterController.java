package org.pelluna.app.fish;

import static java.util.Objects.requireNonNull;

import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.web.FormKey;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.RefusedException;
import org.pelluna.app.web.SpeciesLookup;
import org.pelluna.app.web.Undo;
import org.pelluna.core.plan.Life;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.table.LivingTable;
import org.pelluna.core.table.TableReading;
import org.pelluna.core.units.Numbers;
import org.pelluna.core.watch.LogEntry;
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

/** A tank that lived before its record began: its fish entered several at once. */
@Controller
@RequestMapping("/tanks/{tankId}/residents/enter")
class EnterController {
    private static final int MOST_LINES = 60;

    private final TankStore tanks;
    private final FishService fish;
    private final EnterCheck check;
    private final Catalogue catalogue;
    private final Clock clock;

    EnterController(TankStore tanks, FishService fish, EnterCheck check, Catalogue catalogue, Clock clock) {
        this.clock = clock;
        this.tanks = tanks;
        this.fish = fish;
        this.check = check;
        this.catalogue = catalogue;
    }

    @GetMapping
    String page(Here here, @RequestParam(defaultValue = "false") boolean voyage, Model model) {
        model.addAttribute("voyage", voyage);
        EnterForm form = new EnterForm();
        form.key = FormKey.fresh();
        model.addAttribute("form", form);
        return show(here, form, model);
    }

    private LocalDateTime now() {
        return LocalDateTime.now(clock).truncatedTo(ChronoUnit.MINUTES);
    }

    private String show(Here here, EnterForm form, Model model) {
        form.fillUp();
        TankPlan plan = tanks.plan(here.keeper(), here.tank());
        model.addAttribute("today", plan.asOf());
        model.addAttribute("exactly", Life.DatePrecision.values());
        model.addAttribute(
                "choices",
                plan.species(catalogue).all().stream()
                        .map(SpeciesLookup::words)
                        .sorted()
                        .toList());
        return "fish/enter";
    }

    @PostMapping
    String enter(
            Here here,
            @ModelAttribute("form") EnterForm form,
            BindingResult faults,
            @RequestParam(defaultValue = "false") boolean voyage,
            Model model,
            RedirectAttributes redirect,
            HttpServletResponse response) {
        model.addAttribute("voyage", voyage);
        TankPlan plan = tanks.plan(here.keeper(), here.tank());
        List<Resident> residents = new ArrayList<>();
        Set<String> names = new HashSet<>();
        plan.residents().forEach(one -> names.add(one.name()));
        if (!faults.hasErrors()) {
            for (int i = 0; i < form.rows.size(); i++) {
                EnterForm.Row row = form.rows.get(i);
                if (!row.isEmpty()) {
                    check.species(plan, row, "rows[" + i + "].", here.measures(), faults)
                            .ifPresent(species ->
                                    residents.addAll(Entering.of(row, species, plan.asOf(), here.measures(), names)));
                }
            }
            if (residents.isEmpty() && !faults.hasErrors()) {
                faults.reject("empty", "Enter at least one fish.");
            }
        }
        if (faults.hasErrors()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return show(here, form, model);
        }
        List<LogEntry> said = Ranking.said(form.ranks, plan, residents, now(), faults);
        if (faults.hasErrors()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return show(here, form, model);
        }
        fish.enter(here.keeper(), here.tank(), requireNonNull(form.key), residents, said);
        Undo.offer(
                redirect,
                Numbers.count(residents.size(), "fish lives", "fish live") + " here now, as entered.",
                "/tanks/" + here.tank() + "/residents/enter/undo/" + form.key);
        return "redirect:/tanks/" + here.tank() + (voyage ? "/voyage/wishes" : "");
    }

    /** Fills the form from a table, to be looked over before anything is kept. */
    @PostMapping("/table")
    String table(
            Here here,
            @RequestParam Optional<String> table,
            @RequestParam(defaultValue = "false") boolean monthFirst,
            @ModelAttribute("form") EnterForm form,
            BindingResult faults,
            Model model) {
        TankPlan plan = tanks.plan(here.keeper(), here.tank());
        form.key = FormKey.fresh();
        if (table.filter(text -> !text.isBlank()).isEmpty()) {
            faults.reject("empty", "Paste the table first, with its line of headings.");
            return show(here, form, model);
        }
        TableReading<LivingTable.Living> read = RefusedException.unless(
                () -> TableReading.of(table.get(), new LivingTable(), Map.of(), monthFirst, List.of()));
        if (read.values().size() > MOST_LINES) {
            throw new RefusedException("at most " + MOST_LINES + " lines at once");
        }
        read.missing()
                .forEach(column -> faults.reject(
                        "column",
                        "No heading says " + column.words() + ": call one “" + column.name() + "” or “species”."));
        read.faults().forEach(line -> faults.reject("line", "Line " + line.number() + ": " + line.fault() + "."));
        form.take(read);
        for (int i = 0; i < form.rows.size(); i++) {
            check.species(plan, form.rows.get(i), "rows[" + i + "].", here.measures(), faults);
        }
        return show(here, form, model);
    }

    /** Takes back what the form entered. */
    @PostMapping("/undo/{form}")
    String undo(Here here, @PathVariable String form, RedirectAttributes redirect) {
        fish.undo(here.keeper(), here.tank(), form);
        Undo.say(redirect, "Undone. These fish are deleted.");
        return "redirect:/tanks/" + here.tank();
    }
}
