package org.pelluna.app.find;

import java.util.Optional;
import java.util.UUID;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.app.web.RefusedException;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The line that finds: a page of its own, and the list that every page opens over itself. */
@Controller
class FindController {
    private static final int LONGEST = 100;

    private final Finder finder;

    FindController(Finder finder) {
        this.finder = finder;
    }

    @GetMapping("/find")
    String find(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @RequestParam Optional<String> q,
            @RequestParam Optional<UUID> from,
            @RequestParam(defaultValue = "false") boolean part,
            Model model) {
        String letters = q.orElse("").strip();
        if (letters.length() > LONGEST) {
            throw new RefusedException("a search has " + LONGEST + " characters at most");
        }
        model.addAttribute("q", letters);
        model.addAttribute("from", from.map(UUID::toString).orElse(null));
        model.addAttribute("hits", finder.find(keeper.id(), from, letters));
        return part ? "find/page :: hits" : "find/page";
    }
}
