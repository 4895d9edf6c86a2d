package org.pelluna.app.watch;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.pelluna.app.storage.JournalStore;
import org.pelluna.app.web.FormKey;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.RefusedException;
import org.pelluna.app.web.Undo;
import org.pelluna.core.arrival.ArrivalPlan;
import org.pelluna.core.assess.MovingHouse;
import org.pelluna.core.fallow.FallowPeriod;
import org.pelluna.core.plan.Absence;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.units.Dates;
import org.pelluna.core.watch.Fallow;
import org.pelluna.core.watch.Parasite;
import org.pelluna.core.water.Nitrification;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** A display that is left without fish until a parasite has died out. */
@Controller
@RequestMapping("/tanks/{tankId}/watch")
class FallowController {
    private final WatchRecord record;
    private final JournalStore journal;
    private final Catalogue catalogue;

    FallowController(WatchRecord record, JournalStore journal, Catalogue catalogue) {
        this.record = record;
        this.journal = journal;
        this.catalogue = catalogue;
    }

    /** A fish of the display: where it is, and its page. */
    record Whereabouts(String key, String name, String where) {}

    /** Who goes back on a day. */
    record Return(String on, String names) {}

    /** A disease with the days that this tank would need. */
    record Choice(Parasite parasite, String words, int days) {}

    @GetMapping("/without-fish")
    String page(Here here, Model model) {
        ResolvedPlan stock = here.answers().stock();
        TankPlan plan = record.open(here, model);
        Optional<FallowPeriod> period = FallowPeriod.of(plan);
        LocalDate today = plan.asOf();
        model.addAttribute(
                "lead",
                period.map(one -> one.sentence(today))
                        .orElse("Is a disease in this tank? Without fish its parasites die out."));
        model.addAttribute("period", period.orElse(null));
        model.addAttribute(
                "choices",
                Stream.of(Parasite.values())
                        .map(one -> new Choice(one, one.words(), FallowPeriod.days(plan, one)))
                        .toList());
        model.addAttribute("key", FormKey.fresh());
        model.addAttribute("today", today);
        model.addAttribute("whereabouts", whereabouts(plan));
        model.addAttribute("left", period.map(one -> left(plan, one)).orElse(0L));
        model.addAttribute("returns", period.map(one -> returns(stock, one)).orElse(List.of()));
        return "watch/without-fish";
    }

    /** Bacteria left at the end if nothing feeds them, per cent. */
    private static long left(TankPlan plan, FallowPeriod period) {
        return Math.round(100 * Nitrification.shareLeft(plan.tank().regime().temperatureCelsius(), period.length()));
    }

    private static List<Whereabouts> whereabouts(TankPlan plan) {
        return plan.residents().stream()
                .filter(one -> one.belongsHere(plan.asOf()))
                .map(one -> new Whereabouts(
                        one.id().key(),
                        one.name(),
                        one.noted()
                                .absence(plan.asOf())
                                .map(out -> where(out, plan.asOf()))
                                .orElse("still in the display")))
                .toList();
    }

    private static String where(Absence out, LocalDate today) {
        return out.place().words() + " since " + Dates.day(out.from(), today);
    }

    private List<Return> returns(ResolvedPlan stock, FallowPeriod period) {
        Map<String, Fish> out =
                stock.absent().stream().collect(Collectors.toMap(one -> one.id().key(), one -> one));
        if (out.isEmpty()) {
            return List.of();
        }
        LocalDate today = stock.plan().asOf();
        LocalDate on = period.safeOn().isAfter(today) ? period.safeOn() : today;
        ArrivalPlan order = MovingHouse.back(stock, on, catalogue).order();
        return Stream.concat(
                        order.arrivals().stream()
                                .map(one -> new Return(
                                        Dates.day(one.date(), today),
                                        one.wishIds().stream()
                                                .flatMap(id -> Optional.ofNullable(out.get(id.key())).stream())
                                                .map(Fish::name)
                                                .collect(Collectors.joining(", ")))),
                        order.held().stream()
                                .map(one -> new Return(
                                        "no date",
                                        Optional.ofNullable(out.get(one.wishId().key()))
                                                        .map(Fish::name)
                                                        .orElse(one.name())
                                                + ": " + one.gate().sentence())))
                .filter(one -> !one.names().isEmpty())
                .toList();
    }

    @PostMapping("/without-fish")
    String begin(
            Here here,
            @RequestParam String key,
            @RequestParam Optional<Parasite> parasite,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate on,
            RedirectAttributes redirect) {
        record.seen(here, on.atStartOfDay());
        Fallow fallow = new Fallow(
                FormKey.checked(key),
                parasite.orElseThrow(() -> new RefusedException("choose the disease, or “unknown”")),
                on);
        journal.add(here.keeper(), here.tank(), fallow);
        String page = WatchRecord.path(here.tank());
        Undo.offer(
                redirect, "Saved. No fish is planned before it is safe.", page + "/items/" + fallow.id() + "/remove");
        return "redirect:" + page + "/without-fish";
    }
}
