package org.pelluna.app.reef;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import org.pelluna.core.arrival.Alternative;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.reef.Reef;
import org.pelluna.core.species.Catalogue;
import org.springframework.stereotype.Component;

/** The reefs of the tanks looked at last: worked out anew as soon as anything in the plan differs, its day included. */
@Component
class Reefs {
    private static final int TANKS = 50;

    private final Catalogue catalogue;
    private final Map<UUID, Kept> kept = Collections.synchronizedMap(new LinkedHashMap<>(TANKS, 0.75f, true) {
        private static final long serialVersionUID = 1;

        @Override
        protected boolean removeEldestEntry(Map.Entry<UUID, Kept> eldest) {
            return size() > TANKS;
        }
    });

    Reefs(Catalogue catalogue) {
        this.catalogue = catalogue;
    }

    private record Kept(TankPlan plan, Reef reef) {}

    /** The reef of a plan. */
    Reef of(UUID tankId, TankPlan plan) {
        Kept known = kept.get(tankId);
        if (known != null && known.plan().equals(plan)) {
            return known.reef();
        }
        Assessment assessment = Assessment.of(plan, catalogue);
        Reef reef = new Reef(assessment.stock(), Alternative.coming(assessment.stock(), assessment.order()));
        kept.put(tankId, new Kept(plan, reef));
        return reef;
    }
}
