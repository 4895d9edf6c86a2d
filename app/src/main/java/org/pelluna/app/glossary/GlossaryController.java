package org.pelluna.app.glossary;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.pelluna.app.web.Terms;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** What each word on the pages means. The words themselves stand in {@link Terms}. */
@Controller
class GlossaryController {
    private final BillOfMaterials materials;

    GlossaryController(BillOfMaterials materials) {
        this.materials = materials;
    }

    @GetMapping("/glossary")
    String page(Model model) {
        model.addAttribute("terms", List.copyOf(Terms.ALL));
        return "glossary/page";
    }

    /** Others' work that is shipped, and under what licence: each licence's text once. */
    @GetMapping("/licences")
    String licences(Model model) {
        List<Shipped> all = materials.all();
        Map<String, String> texts = new TreeMap<>();
        all.stream().filter(one -> !one.text().isEmpty()).forEach(one -> texts.putIfAbsent(one.licence(), one.text()));
        model.addAttribute("shipped", all);
        model.addAttribute("texts", texts);
        return "glossary/licences";
    }
}
