package org.pelluna.app.wishes;

import java.time.LocalDate;
import java.util.Optional;
import org.pelluna.app.storage.RecordStore;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.RefusedException;
import org.pelluna.app.web.Undo;
import org.pelluna.core.plan.Life;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.ShopSighting;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** What was seen in the shop of a fish that is wished for. */
@Controller
class SightController {
    private static final int LONGEST = 200;

    private final RecordStore record;

    SightController(RecordStore record) {
        this.record = record;
    }

    @PostMapping("/tanks/{tankId}/wishes/{key}/seen")
    String seen(
            Here here,
            @PathVariable String key,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) Optional<LocalDate> on,
            @RequestParam Optional<String> where,
            @RequestParam Optional<Boolean> ate,
            @RequestParam Optional<Resident.Origin> origin,
            @RequestParam Optional<Double> length,
            @RequestParam Optional<Double> price,
            @RequestParam Optional<Life.Sex> sex,
            @RequestParam Optional<String> note,
            @RequestParam Optional<ShopSighting.Hold> hold,
            RedirectAttributes redirect) {
        LocalDate day = on.orElseGet(record::today);
        if (day.isAfter(record.today())) {
            throw new RefusedException("this day lies in the future");
        }
        ShopSighting sight = RefusedException.unless(() -> new ShopSighting(
                day,
                words(where),
                ate,
                origin,
                length.map(here.measures().length()::toCentimetres),
                price,
                sex,
                words(note)));
        record.seen(here.keeper(), here.tank(), key, sight);
        Undo.say(redirect, "Saved with the wish.");
        return "redirect:/tanks/" + here.tank() + "/wishes";
    }

    private static Optional<String> words(Optional<String> entered) {
        return entered.map(String::strip)
                .filter(text -> !text.isEmpty())
                .map(text -> text.substring(0, Math.min(LONGEST, text.length())));
    }
}
