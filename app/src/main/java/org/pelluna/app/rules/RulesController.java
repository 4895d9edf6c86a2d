package org.pelluna.app.rules;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
import org.pelluna.app.storage.NotFoundException;
import org.pelluna.app.storage.StaleVersionException;
import org.pelluna.app.storage.TankRow;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.web.Conflict;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.RefusedException;
import org.pelluna.app.web.Undo;
import org.pelluna.core.lead.TankLeads;
import org.pelluna.core.plan.Approaches;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.Preset;
import org.pelluna.core.shortlist.Rules;
import org.pelluna.core.units.Numbers;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** House rules: approaches, presets, husbandry, and what is overruled. */
@Controller
@RequestMapping("/tanks/{tankId}/rules")
class RulesController {
    /** A form that does not say which state it was made from cannot know this one. */
    private static final int NO_VERSION = -1;

    private final TankStore tanks;

    RulesController(TankStore tanks) {
        this.tanks = tanks;
    }

    /** A preset with what it would change. */
    record PresetView(String key, String title, String words, List<String> says, boolean inForce) {}

    @GetMapping
    String page(Here here, Model model) {
        TankRow row = tanks.get(here.keeper(), here.tank());
        model.addAttribute("form", RulesForm.of(row.version(), row.houseRules()));
        return show(here, row, model);
    }

    @PostMapping
    String change(
            Here here,
            @ModelAttribute("form") RulesForm form,
            BindingResult faults,
            Model model,
            RedirectAttributes redirect,
            HttpServletRequest request,
            HttpServletResponse response) {
        TankRow row = tanks.get(here.keeper(), here.tank());
        if (!faults.hasErrors()) {
            try {
                HouseRules entered = RefusedException.unless(() -> form.rules(row.houseRules()));
                int version = form.version == null ? NO_VERSION : form.version;
                tanks.change(here.keeper(), here.tank(), version, row.tank(), entered);
                Undo.say(redirect, "House rules saved.");
                return "redirect:/tanks/" + here.tank() + "/rules";
            } catch (RefusedException e) {
                faults.reject("contradiction", "Not saved: " + e.getMessage() + ".");
            } catch (StaleVersionException e) {
                TankRow now = e.now(TankRow.class);
                response.setStatus(HttpStatus.CONFLICT.value());
                return Conflict.page(
                        model,
                        request,
                        "The house rules",
                        Conflict.fields(RulesForm.of(now.version(), now.houseRules())),
                        new Conflict.Hidden("version", String.valueOf(now.version())),
                        "/tanks/" + here.tank() + "/rules",
                        Map.of());
            }
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return show(here, row, model);
    }

    /** Takes a preset's rules; what is overruled stays overruled. */
    @PostMapping("/preset")
    String preset(Here here, @RequestParam(defaultValue = "fair-wind") String preset, RedirectAttributes redirect) {
        TankRow row = tanks.get(here.keeper(), here.tank());
        Preset taken = Preset.of(preset).orElseThrow(() -> new NotFoundException("preset"));
        tanks.change(
                here.keeper(),
                here.tank(),
                row.version(),
                row.tank(),
                taken.rules()
                        .with(as -> as.approaches(taken.rules().approaches())
                                .husbandry(taken.rules().husbandry())
                                .overruled(row.houseRules().overruled())));
        Undo.say(redirect, "House rules set to “" + taken.title() + "”.");
        return "redirect:/tanks/" + here.tank() + "/rules";
    }

    private static String show(Here here, TankRow row, Model model) {
        model.addAttribute("tank", row);
        List<PresetView> presets =
                Preset.ALL.stream().map(one -> view(one, row)).toList();
        model.addAttribute(
                "lead",
                TankLeads.rules(
                        presets.stream()
                                .filter(PresetView::inForce)
                                .map(PresetView::title)
                                .findFirst(),
                        here.answers().assessment().judgements()));
        model.addAttribute("questions", Approaches.QUESTIONS);
        model.addAttribute("rules", Rules.ALL);
        model.addAttribute("presets", presets);
        return "rules/page";
    }

    private static PresetView view(Preset preset, TankRow row) {
        var rules = preset.rules();
        return new PresetView(
                preset.key(),
                preset.title(),
                preset.words(),
                List.of(
                        "limit: " + rules.approaches().ceiling().words(),
                        "inch rule " + Numbers.plain(rules.capacity().gallonsPerInchNew()) + ", later "
                                + Numbers.plain(rules.capacity().gallonsPerInchMature()) + " gal per inch",
                        "pause " + rules.pauses().afterOneDays() + " and "
                                + rules.pauses().afterMoreDays() + " days",
                        "rivals: " + rules.approaches().kin().words(),
                        "warn from " + Numbers.plain(rules.weights().carefulPerHour()) + " attacks an hour, none above "
                                + Numbers.plain(rules.weights().notAbovePerHour())),
                row.houseRules()
                        .equals(rules.with(as -> as.approaches(rules.approaches())
                                .husbandry(rules.husbandry())
                                .overruled(row.houseRules().overruled()))));
    }
}
