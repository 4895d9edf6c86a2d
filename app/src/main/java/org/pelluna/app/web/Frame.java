package org.pelluna.app.web;

import jakarta.servlet.http.HttpServletRequest;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Optional;
import org.pelluna.app.storage.KeeperRow;
import org.pelluna.app.storage.Keepers;
import org.pelluna.app.storage.Mailbox;
import org.pelluna.app.storage.TankStore;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.ui.Model;
import org.springframework.web.bind.WebDataBinder;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.InitBinder;
import org.springframework.web.bind.annotation.ModelAttribute;

/** What the frame of every page needs: who is signed in, their units, the look, where we are. */
@ControllerAdvice
class Frame {
    private final Keepers keepers;
    private final Mailbox mailbox;
    private final Clock clock;
    private final TankStore tanks;

    Frame(Keepers keepers, Mailbox mailbox, TankStore tanks, Clock clock) {
        this.tanks = tanks;
        this.clock = clock;
        this.keepers = keepers;
        this.mailbox = mailbox;
    }

    @ModelAttribute
    void frame(Model model, HttpServletRequest request, @AuthenticationPrincipal SignedInKeeper principal) {
        Optional<KeeperRow> keeper = principal == null ? Optional.empty() : keepers.findById(principal.id());
        model.addAttribute("keeperName", keeper.map(KeeperRow::displayName).orElse(null));
        model.addAttribute("keeperKey", keeper.map(KeeperRow::id).orElse(null));
        model.addAttribute(
                "measures",
                keeper.map(row -> new Measures(row.lengthUnit(), row.volumeUnit(), row.temperatureUnit()))
                        .orElse(Measures.METRIC));
        keeper.ifPresent(row -> {
            model.addAttribute("unread", mailbox.unread(row.id()));
            model.addAttribute("tankChoices", tanks.choices(row.id()));
            model.addAttribute(
                    "closesOn",
                    row.closingAt()
                            .map(when ->
                                    LocalDate.ofInstant(when, clock.getZone()).toString())
                            .orElse(null));
        });
        model.addAttribute("look", Theme.of(request));
        model.addAttribute("here", request.getRequestURI());
        model.addAttribute(ReadableDates.TODAY, LocalDate.now(clock));
    }

    /** Forms are plain fields; an empty entry means nothing, and spaces around one mean nothing either. */
    @InitBinder
    void forms(WebDataBinder binder) {
        binder.initDirectFieldAccess();
        binder.registerCustomEditor(
                String.class, new org.springframework.beans.propertyeditors.StringTrimmerEditor(true));
    }
}
