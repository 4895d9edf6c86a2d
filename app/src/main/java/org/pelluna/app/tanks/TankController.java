package org.pelluna.app.tanks;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.app.portrait.ReefDrawing;
import org.pelluna.app.portrait.TankPreview;
import org.pelluna.app.storage.RecordStore;
import org.pelluna.app.storage.StaleVersionException;
import org.pelluna.app.storage.TankRow;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.storage.VersionMark;
import org.pelluna.app.web.Conflict;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.Measures;
import org.pelluna.app.web.RefusedException;
import org.pelluna.app.web.TankCache;
import org.pelluna.app.web.Undo;
import org.pelluna.core.lead.TankLeads;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.Individual;
import org.pelluna.core.plan.Preset;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.tank.AnimalGroup;
import org.pelluna.core.tank.Cover;
import org.pelluna.core.tank.Purpose;
import org.pelluna.core.tank.Tank;
import org.pelluna.core.tank.TankShape;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The list of tanks and one tank's profile. */
@Controller
class TankController {
    private final TankStore tanks;
    private final TankCache cache;
    private final RecordStore record;

    TankController(TankStore tanks, TankCache cache, RecordStore record) {
        this.cache = cache;
        this.tanks = tanks;
        this.record = record;
    }

    /** A line of the list of animals kept. */
    record Group(String key, String words, double usualCm) {}

    @ModelAttribute("groups")
    List<Group> groups() {
        return List.of(AnimalGroup.values()).stream()
                .map(group -> new Group(group.name(), group.words(), group.usualCm()))
                .toList();
    }

    @ModelAttribute
    void choices(Model model) {
        model.addAttribute("covers", Cover.Kind.values());
        model.addAttribute("shapes", TankShape.Outline.values());
        model.addAttribute("experiences", Tank.Experience.values());
    }

    @GetMapping("/")
    String start() {
        return "redirect:/today";
    }

    @GetMapping("/tanks")
    String list(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            Model model,
            @ModelAttribute(name = "measures", binding = false) Measures measures) {
        List<TankRow> rows = tanks.of(keeper.id());
        double widest = rows.stream()
                .mapToDouble(row -> ReefDrawing.frontCm(row.tank().shape()))
                .max()
                .orElse(0);
        model.addAttribute(
                "tanks",
                rows.stream().map(row -> view(keeper, row, measures, widest)).toList());
        return "tanks/list";
    }

    @GetMapping("/tanks/new")
    String blank(
            @RequestParam Optional<Purpose.Kind> kind,
            Model model,
            @ModelAttribute(name = "measures", binding = false) Measures measures) {
        TankForm form = TankForm.empty(measures);
        form.kind = kind.orElse(Purpose.Kind.DISPLAY);
        model.addAttribute("form", form);
        return "tanks/new";
    }

    @PostMapping("/tanks/new")
    String add(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @ModelAttribute("form") TankForm form,
            BindingResult faults,
            @ModelAttribute(name = "measures", binding = false) Measures measures,
            RedirectAttributes redirect,
            HttpServletResponse response) {
        Optional<Entered> entered = entered(form, faults, measures, Optional.empty());
        if (entered.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return "tanks/new";
        }
        UUID id = tanks.add(
                keeper.id(),
                Optional.ofNullable(form.key).orElseGet(UUID::randomUUID),
                entered.get().tank(),
                entered.get().rules());
        Undo.offer(redirect, form.name + " is added.", "/tanks/" + id + "/remove");
        return "redirect:/tanks/" + id;
    }

    @GetMapping("/tanks/{tankId}")
    String profile(Here here, Model model) {
        TankRow row = tanks.get(here.keeper(), here.tank());
        model.addAttribute("form", TankForm.of(row.version(), row.tank(), row.houseRules(), here.measures()));
        return profile(here, row, model);
    }

    @PostMapping("/tanks/{tankId}")
    String change(
            Here here,
            @ModelAttribute("form") TankForm form,
            BindingResult faults,
            Model model,
            RedirectAttributes redirect,
            HttpServletRequest request,
            HttpServletResponse response) {
        TankRow row = tanks.get(here.keeper(), here.tank());
        Optional<Entered> entered = entered(form, faults, here.measures(), Optional.of(row));
        if (entered.isEmpty() || form.version == null) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return profile(here, row, model);
        }
        try {
            tanks.change(
                    here.keeper(),
                    here.tank(),
                    form.version,
                    entered.get().tank(),
                    entered.get().rules());
        } catch (StaleVersionException e) {
            TankRow now = e.now(TankRow.class);
            response.setStatus(HttpStatus.CONFLICT.value());
            return Conflict.page(
                    model,
                    request,
                    "The profile",
                    Conflict.fields(TankForm.of(now.version(), now.tank(), now.houseRules(), here.measures())),
                    new Conflict.Hidden("version", String.valueOf(now.version())),
                    "/tanks/" + here.tank(),
                    Map.of());
        }
        Undo.say(redirect, "Profile saved.");
        return "redirect:/tanks/" + here.tank();
    }

    @PostMapping("/tanks/{tankId}/remove")
    String remove(Here here, RedirectAttributes redirect) {
        String name = tanks.get(here.keeper(), here.tank()).name();
        int figures = tanks.remove(here.keeper(), here.tank());
        Undo.offer(
                redirect,
                name + " is removed." + (figures > 0 ? " Its imported species figures no longer count." : ""),
                "/tanks/" + here.tank() + "/restore");
        return "redirect:/tanks";
    }

    @PostMapping("/tanks/{tankId}/restore")
    String restore(Here here, RedirectAttributes redirect) {
        tanks.restore(here.keeper(), here.tank());
        Undo.say(redirect, "Undone. The tank is back.");
        return "redirect:/tanks/" + here.tank();
    }

    /** How a resident differs from its kind; a factor of 1 and no length mean that it does not. */
    @PostMapping("/tanks/{tankId}/residents/{key}/individual")
    String individual(
            Here here,
            @PathVariable String key,
            @RequestParam(defaultValue = "1") double temper,
            @RequestParam(required = false) Double adult,
            @RequestParam Optional<String> note,
            @RequestParam Optional<String> seen,
            Model model,
            RedirectAttributes redirect,
            HttpServletRequest request,
            HttpServletResponse response) {
        boolean ordinary = temper == 1 && adult == null;
        Optional<Individual> individual = ordinary
                ? Optional.empty()
                : Optional.of(RefusedException.unless(() -> new Individual(
                        temper,
                        Optional.ofNullable(adult).map(here.measures().length()::toCentimetres),
                        note.map(String::strip).filter(text -> !text.isEmpty()).orElse("as seen by its keeper"))));
        try {
            record.differs(here.keeper(), here.tank(), key, seen, individual);
        } catch (StaleVersionException e) {
            Optional<Individual> now = e.now(Resident.class).individual();
            return changedFish(
                    e,
                    here.tank(),
                    Map.of(
                            "temper",
                            String.valueOf(now.map(Individual::temperFactor).orElse(1.0)),
                            "adult",
                            now.flatMap(Individual::adultCm)
                                    .map(here.measures()::lengthField)
                                    .orElse(""),
                            "note",
                            now.map(Individual::note).orElse("")),
                    model,
                    request,
                    response);
        }
        Undo.say(redirect, "Saved.");
        return "redirect:/tanks/" + here.tank();
    }

    /** How a resident came; survival is told apart by it. */
    @PostMapping("/tanks/{tankId}/residents/{key}/came")
    String came(
            Here here,
            @PathVariable String key,
            @RequestParam Optional<Resident.Origin> origin,
            @RequestParam Optional<Resident.Method> method,
            @RequestParam Optional<Double> price,
            @RequestParam Optional<String> seen,
            Model model,
            RedirectAttributes redirect,
            HttpServletRequest request,
            HttpServletResponse response) {
        Optional<Resident.Acquisition> how =
                RefusedException.unless(() -> Resident.Acquisition.of(origin, method, price));
        try {
            record.came(here.keeper(), here.tank(), key, seen, how);
        } catch (StaleVersionException e) {
            Optional<Resident.Acquisition> now = e.now(Resident.class).coming();
            return changedFish(
                    e,
                    here.tank(),
                    Map.of(
                            "origin",
                            now.flatMap(Resident.Acquisition::origin)
                                    .map(Enum::name)
                                    .orElse(""),
                            "method",
                            now.flatMap(Resident.Acquisition::method)
                                    .map(Enum::name)
                                    .orElse(""),
                            "price",
                            now.flatMap(Resident.Acquisition::price)
                                    .map(String::valueOf)
                                    .orElse("")),
                    model,
                    request,
                    response);
        }
        Undo.say(redirect, "Saved. Survival is updated.");
        return "redirect:/tanks/" + here.tank();
    }

    private static String changedFish(
            StaleVersionException e,
            UUID tankId,
            Map<String, String> newer,
            Model model,
            HttpServletRequest request,
            HttpServletResponse response) {
        Resident now = e.now(Resident.class);
        response.setStatus(HttpStatus.CONFLICT.value());
        return Conflict.page(
                model,
                request,
                "What is recorded of " + now.name(),
                newer,
                new Conflict.Hidden("seen", VersionMark.mark(now)),
                "/tanks/" + tankId,
                Map.of());
    }

    private String profile(Here here, TankRow row, Model model) {
        model.addAttribute("tank", TankView.of(row, here.answers().assessment(), here.measures(), 0));
        model.addAttribute(
                "lead",
                here.measures()
                        .sentence(TankLeads.profile(here.answers().assessment().stock())));
        model.addAttribute("preview", TankPreview.of(here.answers().assessment().stock(), here.measures()));
        model.addAttribute("origins", Resident.Origin.values());
        model.addAttribute("methods", Resident.Method.values());
        return "tanks/profile";
    }

    private TankView view(KeeperPrincipal keeper, TankRow row, Measures measures, double fieldCm) {
        return TankView.of(row, cache.of(keeper.id(), row.id()).assessment(), measures, fieldCm);
    }

    /** What a form without faults means. */
    private record Entered(Tank tank, HouseRules rules) {}

    private static Optional<Entered> entered(
            TankForm form, BindingResult faults, Measures measures, Optional<TankRow> before) {
        TankFormCheck.check(form, faults, measures);
        if (faults.hasErrors()) {
            return Optional.empty();
        }
        try {
            Tank tank = form.tank(measures, before.map(TankRow::tank));
            HouseRules rules = form.houseRules(before.map(TankRow::houseRules).orElse(HouseRules.USUAL));
            boolean asOffered = before.isEmpty() && rules.equals(HouseRules.USUAL);
            return Optional.of(new Entered(tank, asOffered ? Preset.forNew(tank) : rules));
        } catch (IllegalArgumentException e) {
            faults.reject("contradiction", "The figures contradict each other: " + e.getMessage() + ".");
            return Optional.empty();
        }
    }
}
