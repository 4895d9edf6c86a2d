package org.pelluna.app.arrivals;

import java.util.UUID;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.app.overview.PlanView;
import org.pelluna.app.storage.RemarkRow;
import org.pelluna.app.storage.RemarkStore;
import org.pelluna.app.storage.TankRow;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.web.HeadlineView;
import org.pelluna.app.web.Measures;
import org.pelluna.app.web.TankAnswers;
import org.pelluna.app.web.TankCache;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.assess.Headline;
import org.pelluna.core.tank.Purpose;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;

/** The whole plan on one page: what comes next, when, and what is still missing on the way to it. */
@Controller
class PlanController {
    private final TankStore tanks;
    private final TankCache cache;
    private final RemarkStore remarks;

    PlanController(TankStore tanks, TankCache cache, RemarkStore remarks) {
        this.remarks = remarks;
        this.tanks = tanks;
        this.cache = cache;
    }

    @GetMapping("/tanks/{tankId}/plan")
    String plan(
            @AuthenticationPrincipal KeeperPrincipal keeper,
            @PathVariable UUID tankId,
            @ModelAttribute(name = "measures", binding = false) Measures measures,
            Model model) {
        TankRow row = tanks.get(keeper.id(), tankId);
        if (row.kind() != Purpose.Kind.DISPLAY) {
            return "redirect:/tanks/" + tankId;
        }
        TankAnswers answers = cache.of(keeper.id(), tankId);
        Assessment assessment = answers.assessment();
        Headline headline = Headline.of(assessment);
        String base = "/tanks/" + tankId;
        model.addAttribute("tank", row);
        model.addAttribute("plan", PlanView.of(answers, measures));
        model.addAttribute("headline", HeadlineView.ofPlan(assessment, base, measures));
        model.addAttribute("parts", PlanPart.of(assessment, headline, base, measures));
        model.addAttribute(
                "waiting",
                remarks.of(keeper.id(), tankId).stream()
                        .filter(one -> one.state() == RemarkRow.State.WAITS)
                        .count());
        return "arrivals/plan";
    }
}
