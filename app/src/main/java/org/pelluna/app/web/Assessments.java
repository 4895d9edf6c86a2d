package org.pelluna.app.web;

import java.util.UUID;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.species.Catalogue;
import org.springframework.stereotype.Component;

/** What Pelluna says of the tanks looked at last; every page of a tank rests on the same judgement. */
@Component
public class Assessments {
    private final Catalogue catalogue;
    private final KeptByTank<Assessment> kept = new KeptByTank<>();

    Assessments(Catalogue catalogue) {
        this.catalogue = catalogue;
    }

    /**
     * The judgement of a tank's plan.
     *
     * @param plan the plan as it is now
     */
    public Assessment of(UUID tankId, TankPlan plan) {
        return kept.of(tankId, plan, () -> Assessment.of(plan, catalogue));
    }
}
