package org.pelluna.app.voyage;

import java.util.UUID;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.app.portrait.TankPreview;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.web.Measures;
import org.pelluna.app.web.TankCache;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.assess.Headline;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** What stands beside every question: the tank as it is known so far. */
@Component
class KnownSoFar {
    private final TankStore tanks;
    private final TankCache cache;

    KnownSoFar(TankStore tanks, TankCache cache) {
        this.tanks = tanks;
        this.cache = cache;
    }

    Assessment of(KeeperPrincipal keeper, UUID tankId, Measures measures, Model model) {
        Assessment assessment = cache.of(keeper.id(), tankId).assessment();
        model.addAttribute("tank", tanks.get(keeper.id(), tankId));
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
