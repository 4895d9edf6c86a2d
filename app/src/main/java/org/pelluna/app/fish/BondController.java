package org.pelluna.app.fish;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.pelluna.app.storage.HappeningStore;
import org.pelluna.app.storage.NotFoundException;
import org.pelluna.app.web.FormKey;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.RefusedException;
import org.pelluna.app.web.Undo;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.BondHappening;
import org.pelluna.core.plan.Happening;
import org.pelluna.core.plan.Life;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.TankPlan;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Pairs, harems and shoals: formed and parted by date. */
@Controller
@RequestMapping("/tanks/{tankId}/fish/{key}/bond")
class BondController {
    private final HappeningStore happenings;

    BondController(HappeningStore happenings) {
        this.happenings = happenings;
    }

    @PostMapping
    String together(
            Here here,
            @PathVariable String key,
            @RequestParam String form,
            @RequestParam Life.Bond kind,
            @RequestParam(defaultValue = "") List<String> with,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) Optional<LocalDate> on,
            RedirectAttributes redirect) {
        happenings.record(here.keeper(), here.tank(), FormKey.checked(form), plan -> {
            LocalDate day = day(plan, on);
            List<Resident> fish = Stream.concat(Stream.of(key), with.stream())
                    .map(one -> fish(plan, one))
                    .toList();
            fish.stream().filter(one -> !one.belongsHere(day)).findFirst().ifPresent(one -> {
                throw new RefusedException(one.name() + " did not live here on that day");
            });
            return RefusedException.unless(() -> {
                Happening bond = new BondHappening.CameTogether(
                        fish.stream().map(Resident::id).toList(),
                        new Life.Bonded(FormKey.fresh(), kind, day, Optional.empty()));
                bond.applyTo(plan);
                return bond;
            });
        });
        return done(redirect, here.tank(), key, form, "Saved: they live as a " + kind.words() + ".");
    }

    @PostMapping("/part")
    String part(
            Here here,
            @PathVariable String key,
            @RequestParam String form,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) Optional<LocalDate> on,
            RedirectAttributes redirect) {
        happenings.record(here.keeper(), here.tank(), FormKey.checked(form), plan -> {
            LocalDate day = day(plan, on);
            String bond = fish(plan, key)
                    .noted()
                    .bond(day)
                    .orElseThrow(() -> new RefusedException("it lives in no bond on that day"))
                    .bond();
            List<FishId> fish = plan.residents().stream()
                    .filter(one -> one.noted()
                            .bond(day)
                            .filter(its -> its.bond().equals(bond))
                            .isPresent())
                    .map(Resident::id)
                    .toList();
            return new BondHappening.Parted(fish, bond, day);
        });
        return done(redirect, here.tank(), key, form, "Saved: they are separated.");
    }

    private static LocalDate day(TankPlan plan, Optional<LocalDate> on) {
        LocalDate day = on.orElse(plan.asOf());
        if (day.isAfter(plan.asOf())) {
            throw new RefusedException("this day lies in the future");
        }
        return day;
    }

    private static Resident fish(TankPlan plan, String key) {
        return plan.residents().stream()
                .filter(one -> one.id().key().equals(key))
                .findFirst()
                .orElseThrow(() -> new NotFoundException("fish"));
    }

    private static String done(RedirectAttributes redirect, UUID tankId, String key, String form, String said) {
        String path = "/tanks/" + tankId + "/fish/" + key;
        Undo.offer(redirect, said, path + "/undo/" + form);
        return "redirect:" + path;
    }
}
