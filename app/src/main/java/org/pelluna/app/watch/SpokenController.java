package org.pelluna.app.watch;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.pelluna.app.web.FormKey;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.RefusedException;
import org.pelluna.app.web.Undo;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.watch.CrewCount;
import org.pelluna.core.words.Line;
import org.pelluna.core.words.Names;
import org.pelluna.core.words.Understood;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** One line of words at the tank: shown by its parts before it is kept. */
@Controller
@RequestMapping("/tanks/{tankId}/watch/words")
class SpokenController {
    private static final int LONGEST = 500;

    private final WatchRecord record;
    private final SpokenService spoken;
    private final WarningJob warnings;
    private final Clock clock;

    SpokenController(WatchRecord record, SpokenService spoken, WarningJob warnings, Clock clock) {
        this.warnings = warnings;
        this.record = record;
        this.spoken = spoken;
        this.clock = clock;
    }

    private Understood read(Here here, String line, LocalDateTime now) {
        if (line.length() > LONGEST) {
            throw new RefusedException("a line has " + LONGEST + " characters at most");
        }
        ResolvedPlan stock = here.answers().stock();
        return Line.read(
                line,
                new Names(
                        stock.residents(),
                        stock.plan().observations().crew().stream()
                                .map(CrewCount::name)
                                .distinct()
                                .toList()),
                now);
    }

    @GetMapping
    String understand(
            Here here,
            @RequestParam Optional<String> line,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE_TIME) Optional<LocalDateTime> said,
            Model model) {
        said.ifPresent(at -> record.seen(here, at));
        LocalDateTime now = said.orElseGet(() -> LocalDateTime.now(clock).truncatedTo(ChronoUnit.MINUTES));
        Understood understood = read(here, line.orElse(""), now);
        record.stock(here, model);
        model.addAttribute("line", line.orElse(""));
        model.addAttribute("understood", understood);
        model.addAttribute("key", FormKey.fresh());
        model.addAttribute("now", now);
        model.addAttribute("saidAt", said.map(LocalDateTime::toString).orElse(null));
        return "watch/words";
    }

    @PostMapping
    @Nullable
    String keep(
            Here here,
            @RequestParam String line,
            @RequestParam String key,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE_TIME) LocalDateTime said,
            @RequestParam(defaultValue = "false") boolean queued,
            HttpServletResponse response,
            RedirectAttributes redirect)
            throws IOException {
        record.seen(here, said);
        Understood understood = read(here, line, said);
        if (!understood.isComplete() && queued) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return WatchRecord.told(response, whyNot(understood));
        }
        if (!understood.isComplete()) {
            redirect.addAttribute("line", line);
            return "redirect:" + WatchRecord.path(here.tank()) + "/words";
        }
        String form = FormKey.checked(key);
        spoken.keep(here.keeper(), here.tank(), form, understood);
        warnings.lookSoon(here.keeper(), here.tank());
        String undo = WatchRecord.path(here.tank()) + "/words/" + form + "/undo";
        if (queued) {
            return WatchRecord.told(response, "kept\n" + parts(understood) + "\n" + undo);
        }
        Undo.offer(redirect, "Kept: " + line, undo);
        return "redirect:" + WatchRecord.path(here.tank());
    }

    /** The parts of a line with what each was taken for, on one line. */
    private static String parts(Understood understood) {
        return understood.parts().stream()
                .map(part -> part.words() + " = " + part.meaning())
                .collect(Collectors.joining(", "));
    }

    private static String whyNot(Understood understood) {
        return understood.unknown().isEmpty()
                ? understood.missing()
                : "not understood: " + String.join(", ", understood.unknown());
    }

    @PostMapping("/{form}/undo")
    String undo(Here here, @PathVariable String form, RedirectAttributes redirect) {
        spoken.undo(here.keeper(), here.tank(), FormKey.checked(form));
        Undo.say(redirect, "Undone.");
        return "redirect:" + WatchRecord.path(here.tank());
    }
}
