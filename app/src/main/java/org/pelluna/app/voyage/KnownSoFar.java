package org.pelluna.app.voyage;

import org.pelluna.app.portrait.TankPreview;
import org.pelluna.app.web.Here;
import org.pelluna.app.web.Measures;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.assess.Headline;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** What stands beside every question: the tank as it is known so far. */
@Component
class KnownSoFar {

    Assessment of(Here here, Measures measures, Model model) {
        Assessment assessment = here.answers().assessment();
        model.addAttribute("today", assessment.stock().plan().asOf());
        model.addAttribute(
                "preview",
                TankPreview.of(
                        assessment,
                        assessment.judgements().isEmpty()
                                ? ""
                                : measures.sentence(Headline.of(assessment).next()),
                        measures));
        return assessment;
    }
}
