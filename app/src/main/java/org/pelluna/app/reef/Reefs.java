package org.pelluna.app.reef;

import java.util.UUID;
import org.pelluna.app.web.Assessments;
import org.pelluna.app.web.KeptByTank;
import org.pelluna.core.arrival.Alternative;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.reef.Reef;
import org.springframework.stereotype.Component;

/** The reefs of the tanks. */
@Component
class Reefs {
    private final Assessments assessments;
    private final KeptByTank<Reef> kept = new KeptByTank<>();

    Reefs(Assessments assessments) {
        this.assessments = assessments;
    }

    /** The reef of a plan. */
    Reef of(UUID tankId, TankPlan plan) {
        return kept.of(tankId, plan, () -> {
            Assessment assessment = assessments.of(tankId, plan);
            return new Reef(assessment.stock(), Alternative.coming(assessment.stock(), assessment.order()));
        });
    }
}
