package org.pelluna.app.reef;

import java.util.UUID;
import org.pelluna.app.web.KeptByPlan;
import org.pelluna.core.arrival.Alternative;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.reef.Reef;
import org.pelluna.core.species.Catalogue;
import org.springframework.stereotype.Component;

/** The reefs of the tanks. */
@Component
class Reefs {
    private final Catalogue catalogue;
    private final KeptByPlan<Reef> kept = new KeptByPlan<>();

    Reefs(Catalogue catalogue) {
        this.catalogue = catalogue;
    }

    /** The reef of a plan. */
    Reef of(UUID tankId, TankPlan plan) {
        return kept.of(tankId, plan, () -> {
            Assessment assessment = Assessment.of(plan, catalogue);
            return new Reef(assessment.stock(), Alternative.coming(assessment.stock(), assessment.order()));
        });
    }
}
