package org.pelluna.app.watch;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.pelluna.app.portrait.Portraits;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.web.FormKey;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.RefusedException;
import org.pelluna.app.web.TankAnswers;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.species.Catalogue;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** What all pages of the record at the tank share. */
@Component
class WatchRecord {
    private static final int LONGEST_NOTE = 1000;

    private final TankStore tanks;
    private final Catalogue catalogue;
    private final Clock clock;

    WatchRecord(TankStore tanks, Catalogue catalogue, Clock clock) {
        this.tanks = tanks;
        this.catalogue = catalogue;
        this.clock = clock;
    }

    /** The plan of a keeper's tank, and what each of the pages shows of it. */
    TankPlan open(Here here, Model model) {
        TankPlan plan = here.answers().plan();
        model.addAttribute("key", FormKey.fresh());
        model.addAttribute("today", plan.asOf());
        model.addAttribute("now", LocalDateTime.now(clock).truncatedTo(ChronoUnit.MINUTES));
        return plan;
    }

    /** The fish of a keeper's tank with what was learned of them, their portraits on the page. */
    ResolvedPlan stock(Here here, Model model) {
        TankAnswers answers = here.answers();
        ResolvedPlan stock = answers.stock();
        model.addAttribute("stands", answers.tension().orElse(null));
        model.addAttribute(
                "portraits",
                Portraits.sheet(stock.residents().stream().map(Fish::species).toList()));
        return stock;
    }

    /**
     * Checks that a thing was seen, in a tank of the keeper's.
     *
     * @throws org.pelluna.app.storage.NotFoundException if the keeper has no such tank
     * @throws RefusedException if it lies in the future
     */
    void seen(Here here, LocalDateTime at) {
        tanks.get(here.keeper(), here.tank());
        // The keeper's clock may be a little ahead of ours.
        if (at.isAfter(LocalDateTime.now(clock).plusMinutes(5))) {
            throw new RefusedException("choose today or an earlier time; this is in the future");
        }
    }

    static Optional<String> note(@Nullable String words) {
        Optional<String> note = Optional.ofNullable(words).map(String::strip).filter(text -> !text.isEmpty());
        note.filter(text -> text.length() > LONGEST_NOTE).ifPresent(text -> {
            throw new RefusedException("a note has 1,000 characters at most");
        });
        return note;
    }

    /** What was sent from a queue is answered in a word; a form leads back to its page. */
    static @Nullable String answered(boolean queued, HttpServletResponse response, String page) throws IOException {
        if (!queued) {
            return "redirect:" + page;
        }
        return told(response, "kept");
    }

    /** A word to a queue; no page follows it. */
    static @Nullable String told(HttpServletResponse response, String words) throws IOException {
        response.setContentType("text/plain;charset=UTF-8");
        response.getWriter().write(words);
        return null;
    }

    static String path(UUID tankId) {
        return "/tanks/" + tankId + "/watch";
    }
}
