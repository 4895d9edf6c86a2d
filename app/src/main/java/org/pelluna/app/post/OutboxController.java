package org.pelluna.app.post;

import org.pelluna.app.storage.NotFoundException;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** In a demo without a server for mail: the letters that lie in the outbox, so that one can be followed. Otherwise there is no such page. */
@Controller
class OutboxController {
    private final Outbox outbox;
    private final boolean shown;

    OutboxController(
            Outbox outbox, @Value("${pelluna.demo}") boolean demo, @Value("${spring.mail.host:}") String host) {
        this.outbox = outbox;
        this.shown = demo && host.isBlank();
    }

    @GetMapping("/outbox")
    String letters(Model model) {
        if (!shown) {
            throw new NotFoundException("page");
        }
        model.addAttribute("letters", outbox.latest());
        return "account/outbox";
    }
}
