package org.pelluna.app.glossary;

import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** What each word on the pages means. The words themselves stand in {@link Terms}. */
@Controller
class GlossaryController {
    @GetMapping("/glossary")
    String page(Model model) {
        model.addAttribute("terms", List.copyOf(Terms.ALL));
        return "glossary/page";
    }
}
