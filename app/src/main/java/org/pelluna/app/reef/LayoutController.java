package org.pelluna.app.reef;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.pelluna.app.portrait.ReefDrawing;
import org.pelluna.app.storage.StaleVersionException;
import org.pelluna.app.storage.TankRow;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.web.Conflict;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.Measures;
import org.pelluna.app.web.Undo;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.tank.Layout;
import org.pelluna.core.tank.NetWater;
import org.pelluna.core.tank.Tank;
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

/** The tank drawn by its keeper; every change feeds water, clear swim, shelters and patches. */
@Controller
@RequestMapping("/tanks/{tankId}/reef/edit")
class LayoutController {
    private final TankStore tanks;

    LayoutController(TankStore tanks) {
        this.tanks = tanks;
    }

    /** A figure that follows from the drawing. */
    record FigureLine(String name, String value) {}

    @GetMapping
    String page(Here here, Model model) {
        TankRow row = tanks.get(here.keeper(), here.tank());
        return show(
                row, LayoutForm.of(row.tank().layout(), row.version(), here.measures()), here.measures(), model, false);
    }

    private static String show(TankRow row, LayoutForm form, Measures measures, Model model, boolean part) {
        Tank tank = row.tank();
        model.addAttribute("tank", row);
        model.addAttribute("form", form);
        model.addAttribute("kinds", LayoutForm.Kind.values());
        model.addAttribute("perUnit", measures.length().toCentimetres(1));
        model.addAttribute(
                "drawing",
                new ReefDrawing(tank, measures, true)
                        .svg(
                                new ReefDrawing.Content(),
                                0,
                                "What stands in the tank, from the front and from above; the table shows the same"));
        model.addAttribute("figures", figures(tank, measures));
        return part ? "reef/edit :: canvas" : "reef/edit";
    }

    private static List<FigureLine> figures(Tank tank, Measures measures) {
        NetWater water = tank.netWater();
        List<FigureLine> figures = new ArrayList<>();
        figures.add(new FigureLine("Net water", measures.volumeOf(water.litres())));
        figures.add(new FigureLine("Rock, dry", Numbers.plain(tank.water().rockKg()) + "\u00a0kg"));
        figures.add(new FigureLine("Water it displaces", measures.volumeOf(water.rockLitres())));
        figures.add(new FigureLine("Longest swimming length", measures.lengthOf(tank.swimCm())));
        figures.add(new FigureLine("Caves and crevices", String.valueOf(tank.shelters())));
        figures.add(new FigureLine("Feeding places", String.valueOf(tank.feedingPlaces())));
        figures.add(new FigureLine("Widest gap", Numbers.plain(tank.cover().gapMm()) + "\u00a0mm"));
        return figures;
    }

    /**
     * Saves the drawing.
     *
     * @param add a thing to add
     * @param remove the key of a thing to remove
     * @param back whether this takes a change back or makes it again: rocks then have the days they had
     */
    @PostMapping
    String change(
            Here here,
            @ModelAttribute("form") LayoutForm form,
            BindingResult faults,
            @RequestParam Optional<LayoutForm.Kind> add,
            @RequestParam Optional<String> remove,
            @RequestParam(defaultValue = "false") boolean back,
            @RequestParam(defaultValue = "false") boolean part,
            Model model,
            RedirectAttributes redirect,
            HttpServletRequest request,
            HttpServletResponse response) {
        TankRow row = tanks.get(here.keeper(), here.tank());
        try {
            if (form.version == null || form.version != row.version()) {
                throw new StaleVersionException(row);
            }
            if (faults.hasErrors()) {
                throw new IllegalArgumentException("a measure is a number");
            }
            remove.ifPresent(id -> form.items.removeIf(one -> id.equals(one.id)));
            add.ifPresent(kind ->
                    form.add(kind, "i" + UUID.randomUUID().toString().substring(0, 8), row.tank(), here.measures()));
            TankPlan plan = tanks.plan(here.keeper(), here.tank());
            Layout before = row.tank().layout();
            Layout layout = form.layout(here.measures());
            boolean someoneLives = plan.residents().stream().anyMatch(one -> one.livesHere(plan.asOf()));
            Layout dated = back || !someoneLives
                    ? layout
                    : layout.within(row.tank().shape(), row.tank().sandDepthCm())
                            .placed(before, plan.asOf());
            tanks.change(here.keeper(), here.tank(), form.version, row.tank().drawn(dated), row.houseRules());
        } catch (StaleVersionException e) {
            TankRow now = e.now(TankRow.class);
            response.setStatus(HttpStatus.CONFLICT.value());
            return Conflict.page(
                    model,
                    request,
                    "The drawing of the reef",
                    form.against(LayoutForm.of(now.tank().layout(), now.version(), here.measures()), here.measures()),
                    new Conflict.Hidden("version", String.valueOf(now.version())),
                    "/tanks/" + here.tank() + "/reef/edit");
        } catch (IllegalArgumentException e) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            model.addAttribute("refused", "Not saved: " + e.getMessage() + ".");
            return show(row, form, here.measures(), model, part);
        }
        if (!part) {
            Undo.say(redirect, "Drawing saved.");
            return "redirect:/tanks/" + here.tank() + "/reef/edit";
        }
        TankRow now = tanks.get(here.keeper(), here.tank());
        return show(
                now, LayoutForm.of(now.tank().layout(), now.version(), here.measures()), here.measures(), model, true);
    }
}
