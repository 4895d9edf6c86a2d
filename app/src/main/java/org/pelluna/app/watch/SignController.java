package org.pelluna.app.watch;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.LocalDateTime;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.pelluna.app.storage.JournalStore;
import org.pelluna.app.web.FormKey;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.Pictures;
import org.pelluna.app.web.RefusedException;
import org.pelluna.app.web.Undo;
import org.pelluna.core.id.FishId;
import org.pelluna.core.lead.SignsLead;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.watch.Sign;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Signs of injury or illness, with photographs. */
@Controller
@RequestMapping("/tanks/{tankId}/watch")
class SignController {
    private final WatchRecord record;
    private final JournalStore journal;
    private final Catalogue catalogue;
    private final WarningJob warnings;

    SignController(WatchRecord record, JournalStore journal, Catalogue catalogue, WarningJob warnings) {
        this.record = record;
        this.journal = journal;
        this.catalogue = catalogue;
        this.warnings = warnings;
    }

    /** A sign seen. */
    record SignView(
            String key, String when, String fish, String what, String note, String photo, List<Sign.Cause> causes) {}

    @GetMapping("/signs")
    String signs(Here here, Model model) {
        TankPlan plan = record.open(here, model);
        FishChoices faces = FishChoices.into(model, plan, catalogue);
        model.addAttribute("lead", SignsLead.of(plan));
        model.addAttribute("kinds", Sign.Kind.values());
        model.addAttribute(
                "signs",
                plan.observations().signs().stream()
                        .sorted(Comparator.comparing(Sign::at).reversed())
                        .map(sign -> new SignView(
                                sign.id(),
                                sign.at().toString().replace('T', ' '),
                                faces.name(sign.fishId()),
                                sign.kind().words(),
                                sign.note().orElse(""),
                                sign.photo().orElse(""),
                                sign.kind().causes()))
                        .toList());
        model.addAttribute("source", Sign.SOURCE.words());
        return "watch/signs";
    }

    @PostMapping("/signs")
    @Nullable
    String sign(
            Here here,
            @RequestParam String key,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE_TIME) LocalDateTime at,
            @RequestParam String fish,
            @RequestParam Optional<Sign.Kind> sign,
            @RequestParam Optional<String> note,
            @RequestParam(required = false) MultipartFile photo,
            @RequestParam(defaultValue = "false") boolean queued,
            HttpServletResponse response,
            RedirectAttributes redirect)
            throws IOException {
        record.seen(here, at);
        String id = FormKey.checked(key);
        Optional<byte[]> jpeg = Pictures.sent(photo);
        journal.add(
                here.keeper(),
                here.tank(),
                new Sign(
                        id,
                        at,
                        new FishId(fish),
                        sign.orElseThrow(() -> new RefusedException("choose what was seen")),
                        WatchRecord.note(note.orElse(null)),
                        jpeg.map(bytes -> id + "-photo")),
                jpeg);
        warnings.lookSoon(here.keeper(), here.tank());
        if (queued) {
            return WatchRecord.told(response, "kept");
        }
        Undo.offer(
                redirect,
                "Sign saved. See possible causes below.",
                WatchRecord.path(here.tank()) + "/items/" + id + "/remove");
        return "redirect:" + WatchRecord.path(here.tank()) + "/signs";
    }

    @GetMapping("/photos/{key}")
    ResponseEntity<byte[]> photo(Here here, @PathVariable String key) {
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_JPEG)
                .cacheControl(CacheControl.noCache().cachePrivate())
                .body(journal.photo(here.keeper(), here.tank(), key));
    }
}
