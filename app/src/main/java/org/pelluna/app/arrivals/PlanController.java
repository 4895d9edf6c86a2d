package org.pelluna.app.arrivals;

import org.pelluna.app.overview.PlanView;
import org.pelluna.app.storage.RemarkRow;
import org.pelluna.app.storage.RemarkStore;
import org.pelluna.app.storage.TankRow;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.web.HeadlineView;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.TankAnswers;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.assess.Headline;
import org.pelluna.core.tank.Purpose;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** The whole plan on one page: what comes next, when, and what is still missing on the way to it. */
@Controller
class PlanController {
    private final TankStore tanks;
    private final RemarkStore remarks;

    PlanController(TankStore tanks, RemarkStore remarks) {
        this.remarks = remarks;
        this.tanks = tanks;
    }

    @GetMapping("/tanks/{tankId}/plan")
    String plan(Here here, Model model) {
        TankRow row = tanks.get(here.keeper(), here.tank());
        if (row.kind() != Purpose.Kind.DISPLAY) {
            return "redirect:/tanks/" + here.tank();
        }
        TankAnswers answers = here.answers();
        Assessment assessment = answers.assessment();
        Headline headline = Headline.of(assessment);
        String base = "/tanks/" + here.tank();
        model.addAttribute("tank", row);
        model.addAttribute("plan", PlanView.of(answers, here.measures()));
        model.addAttribute("headline", HeadlineView.ofPlan(assessment, base, here.measures()));
        model.addAttribute("parts", PlanPart.of(assessment, headline, base, here.measures()));
        model.addAttribute(
                "waiting",
                remarks.of(here.keeper(), here.tank()).stream()
                        .filter(one -> one.state() == RemarkRow.State.WAITS)
                        .count());
        return "arrivals/plan";
    }
}
