package org.pelluna.app.watch;

import java.time.Clock;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import java.util.UUID;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.app.web.Key;
import org.pelluna.app.web.Refused;
import org.pelluna.app.web.Undo;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.watch.CrewCount;
import org.pelluna.core.words.Line;
import org.pelluna.core.words.Names;
import org.pelluna.core.words.Understood;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
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
    private final Warner warner;
    private final Clock clock;

    SpokenController(WatchRecord record, SpokenService spoken, Warner warner, Clock clock) {
        this.warner = warner;
        this.record = record;
        this.spoken = spoken;
        this.clock = clock;
    }

    private Understood read(KeeperPrincipal keeper, UUID tankId, String line, LocalDateTime now) {
        if (line.length() > LONGEST) {
            throw new Refused("a line has " + LONGEST + " letters at most");
        }
        ResolvedPlan stock = record.answers(keeper, tankId).stock();
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
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @PathVariable UUID tankId,
            @RequestParam Optional<String> line,
            Model model) {
        LocalDateTime now = LocalDateTime.now(clock).truncatedTo(ChronoUnit.MINUTES);
        Understood understood = read(keeper, tankId, line.orElse(""), now);
        record.stock(keeper, tankId, model);
        model.addAttribute("line", line.orElse(""));
        model.addAttribute("understood", understood);
        model.addAttribute("key", Key.fresh());
        model.addAttribute("now", now);
        return "watch/words";
    }

    @PostMapping
    String keep(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @PathVariable UUID tankId,
            @RequestParam String line,
            @RequestParam String key,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE_TIME) LocalDateTime said,
            RedirectAttributes redirect) {
        record.seen(keeper, tankId, said);
        Understood understood = read(keeper, tankId, line, said);
        if (!understood.isComplete()) {
            redirect.addAttribute("line", line);
            return "redirect:" + WatchRecord.path(tankId) + "/words";
        }
        String form = Key.checked(key);
        spoken.keep(keeper.id(), tankId, form, understood);
        warner.look(keeper.id(), tankId);
        Undo.offer(redirect, "Kept: " + line, WatchRecord.path(tankId) + "/words/" + form + "/undo");
        return "redirect:" + WatchRecord.path(tankId);
    }

    @PostMapping("/{form}/undo")
    String undo(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @PathVariable UUID tankId,
            @PathVariable String form,
            RedirectAttributes redirect) {
        spoken.undo(keeper.id(), tankId, Key.checked(form));
        Undo.say(redirect, "It is taken back.");
        return "redirect:" + WatchRecord.path(tankId);
    }
}
