package org.pelluna.app.arrivals;

import java.nio.charset.StandardCharsets;
import org.pelluna.app.storage.ShareStore;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.Undo;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.species.Catalogue;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** The arrivals in the keeper's own calendar: a file, or a private address that can be revoked. */
@Controller
class CalendarController {
    private static final MediaType ICS = new MediaType("text", "calendar", StandardCharsets.UTF_8);

    private final ShareStore shares;
    private final Catalogue catalogue;

    CalendarController(ShareStore shares, Catalogue catalogue) {
        this.shares = shares;
        this.catalogue = catalogue;
    }

    @GetMapping("/tanks/{tankId}/arrivals/calendar")
    String page(Here here, Model model) {
        model.addAttribute("open", shares.isOpen(here.keeper(), here.tank(), ShareStore.Purpose.CALENDAR));
        return "arrivals/calendar";
    }

    @GetMapping("/tanks/{tankId}/arrivals/calendar.ics")
    ResponseEntity<String> file(Here here) {
        return ics(here.answers().assessment(), here.tank().toString());
    }

    /** What a calendar reads, without signing in. */
    @GetMapping("/calendar/{token}")
    ResponseEntity<String> address(@PathVariable String token) {
        return ics(Assessment.of(shares.planBehind(token), catalogue), token.substring(0, Math.min(8, token.length())));
    }

    private static ResponseEntity<String> ics(Assessment assessment, String tankKey) {
        return ResponseEntity.ok()
                .contentType(ICS)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("arrivals.ics")
                                .build()
                                .toString())
                .body(Ics.of(assessment, tankKey));
    }

    /** Makes an address; it is shown this once, and ends the one before. */
    @PostMapping("/tanks/{tankId}/arrivals/calendar/open")
    String open(Here here, RedirectAttributes redirect) {
        String token = shares.open(here.keeper(), here.tank(), ShareStore.Purpose.CALENDAR);
        redirect.addFlashAttribute(
                "address",
                ServletUriComponentsBuilder.fromCurrentContextPath()
                        .path("/calendar/" + token)
                        .toUriString());
        return "redirect:/tanks/" + here.tank() + "/arrivals/calendar";
    }

    @PostMapping("/tanks/{tankId}/arrivals/calendar/revoke")
    String revoke(Here here, RedirectAttributes redirect) {
        shares.revoke(here.keeper(), here.tank(), ShareStore.Purpose.CALENDAR);
        Undo.say(redirect, "The calendar's address no longer works.");
        return "redirect:/tanks/" + here.tank() + "/arrivals/calendar";
    }
}
