package org.pelluna.app.losses;

import static java.util.Objects.requireNonNull;

import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.pelluna.app.portrait.Portraits;
import org.pelluna.app.storage.RecordStore;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.svg.Svg;
import org.pelluna.app.web.FormKey;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.Undo;
import org.pelluna.core.id.FishId;
import org.pelluna.core.losses.AttacksBefore;
import org.pelluna.core.losses.Loss;
import org.pelluna.core.plan.Departure;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.Setback;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.species.Species;
import org.pelluna.core.units.Numbers;
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

/** What was lost, why, and who had attacked it. */
@Controller
@RequestMapping("/tanks/{tankId}/losses")
class LossController {
    /** How far back the log is searched for attacks. */
    private static final int LOOK_BACK_DAYS = 30;

    private final TankStore tanks;
    private final RecordStore record;
    private final LossService losses;
    private final Catalogue catalogue;

    LossController(TankStore tanks, RecordStore record, LossService losses, Catalogue catalogue) {
        this.tanks = tanks;
        this.record = record;
        this.losses = losses;
        this.catalogue = catalogue;
    }

    /** One loss ready to print. */
    record LossView(
            String key,
            Svg portrait,
            String name,
            String species,
            String on,
            String cause,
            String certainty,
            String lived,
            String attacked,
            String price,
            String note,
            String evidence) {}

    /** One fish to choose. */
    record Choice(String id, String name) {}

    @GetMapping
    String page(Here here, @RequestParam(required = false) String fish, Model model) {
        LossForm form = new LossForm();
        form.fish = fish;
        form.key = FormKey.fresh();
        form.on = record.today();
        model.addAttribute("form", form);
        return show(here, model);
    }

    private String show(Here here, Model model) {
        TankPlan plan = tanks.plan(here.keeper(), here.tank());
        Map<FishId, Resident> residents = new HashMap<>();
        plan.residents().forEach(one -> residents.put(one.id(), one));
        Catalogue known = plan.species(catalogue);
        model.addAttribute(
                "losses",
                plan.losses().stream()
                        .sorted(Comparator.comparing(Loss::on).reversed())
                        .map(loss -> view(loss, plan, residents))
                        .toList());
        model.addAttribute("summary", summary(plan));
        model.addAttribute("departures", departures(plan));
        model.addAttribute(
                "before",
                plan.schedule().setbacks().stream()
                        .filter(setback -> setback.kind() == Setback.Kind.DIED)
                        .map(setback -> setback.fish() + " on " + setback.on()
                                + setback.price()
                                        .map(price -> ", had cost " + Numbers.plain(price, 2))
                                        .orElse("")
                                + setback.note().map(note -> ": " + note).orElse(""))
                        .toList());
        model.addAttribute(
                "fish",
                plan.residents().stream()
                        .filter(one -> one.belongsHere(plan.asOf()))
                        .map(one -> new Choice(
                                one.id().key(),
                                one.name() + " — " + known.get(one.speciesId()).commonName()))
                        .toList());
        model.addAttribute(
                "everyone",
                plan.residents().stream()
                        .map(one -> new Choice(one.id().key(), one.name()))
                        .toList());
        model.addAttribute("causes", Loss.Cause.values());
        model.addAttribute("certainties", Loss.Certainty.values());
        model.addAttribute(
                "portraits",
                Portraits.sheet(plan.losses().stream()
                        .map(loss -> known.get(
                                requireNonNull(residents.get(loss.fishId())).speciesId()))
                        .toList()));
        return "losses/page";
    }

    /** A fish that left alive. */
    record DepartureView(String key, String name, String words) {}

    private static List<DepartureView> departures(TankPlan plan) {
        return plan.residents().stream()
                .filter(one ->
                        one.leftOn().isPresent() && one.noted().departure().isPresent())
                .sorted(Comparator.comparing((Resident one) -> one.leftOn().orElseThrow())
                        .reversed())
                .map(one -> {
                    Departure how = one.noted().departure().orElseThrow();
                    return new DepartureView(
                            one.id().key(),
                            one.name(),
                            how.kind().words() + " on " + one.leftOn().orElseThrow()
                                    + how.to().map(to -> ", to " + to).orElse("")
                                    + how.price()
                                            .map(price -> ", for " + Numbers.plain(price, 2))
                                            .orElse(""));
                })
                .toList();
    }

    private LossView view(Loss loss, TankPlan plan, Map<FishId, Resident> residents) {
        Resident resident = residents.get(loss.fishId());
        Species species = plan.species(catalogue).get(requireNonNull(resident).speciesId());
        List<AttacksBefore> attacks = AttacksBefore.before(loss, plan.log(), LOOK_BACK_DAYS);
        String attacked = attacks.isEmpty()
                ? "No attack is logged in its last " + LOOK_BACK_DAYS + " days."
                : attacks.stream()
                        .map(one ->
                                requireNonNull(residents.get(one.aggressorId())).name() + " " + one.encounters()
                                        + (one.encounters() == 1 ? " time" : " times") + ", last on " + one.last())
                        .collect(Collectors.joining(
                                "; ", "Attacks on it in its last " + LOOK_BACK_DAYS + " days: ", "."));
        return new LossView(
                loss.id(),
                Portraits.use(species),
                resident.name(),
                species.commonName(),
                loss.on().toString(),
                loss.cause().words(),
                loss.certainty().words(),
                ChronoUnit.DAYS.between(resident.arrivedOn(), loss.on()) + " days after its arrival",
                attacked,
                loss.price().map(price -> Numbers.plain(price, 2)).orElse(""),
                loss.note().orElse(""),
                evidence(loss, residents));
    }

    private static String evidence(Loss loss, Map<FishId, Resident> residents) {
        return java.util.stream.Stream.of(
                        loss.lastSeen().map(day -> "Last seen alive on " + day + "."),
                        loss.evidence(),
                        loss.linkedTo()
                                .flatMap(id -> Optional.ofNullable(residents.get(id)))
                                .map(one -> "It follows from " + one.name() + "."))
                .flatMap(Optional::stream)
                .collect(Collectors.joining(" "));
    }

    private static String summary(TankPlan plan) {
        if (plan.losses().isEmpty()) {
            return "";
        }
        String causes = plan.losses().stream()
                .collect(Collectors.groupingBy(loss -> loss.cause().words(), Collectors.counting()))
                .entrySet()
                .stream()
                .sorted(Map.Entry.comparingByKey())
                .map(cause -> cause.getKey() + " " + cause.getValue())
                .collect(Collectors.joining(", "));
        return "You lost " + plan.losses().size() + " of " + plan.residents().size() + " fish. Causes: " + causes + ".";
    }

    @PostMapping
    String add(
            Here here,
            @Valid @ModelAttribute("form") LossForm form,
            BindingResult faults,
            Model model,
            RedirectAttributes redirect,
            HttpServletResponse response) {
        TankPlan plan = tanks.plan(here.keeper(), here.tank());
        if (!faults.hasFieldErrors("on")) {
            if (requireNonNull(form.on).isAfter(plan.asOf())) {
                faults.rejectValue("on", "future", "This day lies in the future.");
            }
            plan.residents().stream()
                    .filter(one -> one.id().key().equals(form.fish) && form.on.isBefore(one.arrivedOn()))
                    .forEach(one -> faults.rejectValue(
                            "on", "early", one.name() + " arrived only on " + one.arrivedOn() + "."));
        }
        if (!faults.hasFieldErrors("on") && form.lastSeen != null && form.lastSeen.isAfter(form.on)) {
            faults.rejectValue("lastSeen", "late", "It cannot be seen alive after it was lost.");
        }
        if (faults.hasErrors()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return show(here, model);
        }
        Loss loss = form.loss();
        losses.add(here.keeper(), here.tank(), loss);
        Undo.offer(redirect, "Loss recorded.", path(here.tank()) + "/" + loss.id() + "/remove");
        return "redirect:" + path(here.tank());
    }

    @PostMapping("/{key}/remove")
    String remove(Here here, @PathVariable String key, RedirectAttributes redirect) {
        losses.remove(here.keeper(), here.tank(), key);
        Undo.offer(
                redirect,
                "The record of the loss is removed; the fish lives here again.",
                path(here.tank()) + "/" + key + "/restore");
        return "redirect:" + path(here.tank());
    }

    @PostMapping("/{key}/restore")
    String restore(Here here, @PathVariable String key, RedirectAttributes redirect) {
        losses.restore(here.keeper(), here.tank(), key);
        Undo.say(redirect, "Undone. The loss is recorded again.");
        return "redirect:" + path(here.tank());
    }

    private static String path(UUID tankId) {
        return "/tanks/" + tankId + "/losses";
    }
}
