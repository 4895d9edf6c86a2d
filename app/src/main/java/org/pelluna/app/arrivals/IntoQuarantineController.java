package org.pelluna.app.arrivals;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.pelluna.app.moves.Bought;
import org.pelluna.app.moves.IntoQuarantine;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.RefusedException;
import org.pelluna.app.web.Undo;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.ResolvedPlan;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Fish of a wish were bought and are in a quarantine tank of the keeper's. */
@Controller
class IntoQuarantineController {
    private static final int LONGEST_NAME = 55;

    private final IntoQuarantine quarantine;

    IntoQuarantineController(IntoQuarantine quarantine) {
        this.quarantine = quarantine;
    }

    @PostMapping("/tanks/{tankId}/arrivals/{key}/into-quarantine")
    String into(
            Here here,
            @PathVariable String key,
            @RequestParam String form,
            @RequestParam UUID into,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate on,
            @RequestParam Optional<Integer> count,
            @RequestParam Optional<Double> length,
            @RequestParam Optional<String> name,
            @RequestParam Optional<Resident.Origin> origin,
            @RequestParam Optional<Double> price,
            @RequestParam(defaultValue = "true") boolean again,
            RedirectAttributes redirect) {
        ResolvedPlan.Wished wished = here.answers().assessment().stock().wishes().stream()
                .filter(one -> one.wish().id().key().equals(key))
                .findFirst()
                .orElseThrow(() -> new org.pelluna.app.storage.NotFoundException("wish"));
        String called = name.map(String::strip)
                .filter(words -> !words.isEmpty())
                .orElse(wished.species().commonName());
        if (called.length() > LONGEST_NAME) {
            throw new RefusedException("a name has at most " + LONGEST_NAME + " characters");
        }
        Bought bought = new Bought(
                count.orElse(wished.count()),
                length.map(here.measures().length()::toCentimetres)
                        .orElse(wished.fish().growth().startLengthCm()),
                called,
                RefusedException.unless(() -> Resident.Acquisition.of(origin, Optional.empty(), price)),
                on,
                again);
        quarantine
                .fish(here.keeper(), here.tank(), key, form, into, bought)
                .ifPresentOrElse(
                        said -> Undo.offer(redirect, said, "/tanks/" + here.tank() + "/moves/" + form + "/undo"),
                        () -> Undo.say(redirect, "This is recorded already."));
        return "redirect:/tanks/" + here.tank() + "/arrivals";
    }
}
