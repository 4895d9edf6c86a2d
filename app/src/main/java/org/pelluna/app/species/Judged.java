package org.pelluna.app.species;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.pelluna.core.learn.Learning;
import org.pelluna.core.plan.Stock;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.shortlist.Judgement;
import org.pelluna.core.shortlist.Shortlist;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.species.Species;
import org.springframework.stereotype.Component;

/**
 * The whole catalogue judged for a tank. Kept for the tanks looked at last, and worked out anew as soon as anything in the
 * plan, its day included, differs.
 */
@Component
class Judged {
    private static final int TANKS = 50;

    private final Catalogue catalogue;
    private final Map<UUID, Kept> kept = Collections.synchronizedMap(new LinkedHashMap<>(TANKS, 0.75f, true) {
        private static final long serialVersionUID = 1;

        @Override
        protected boolean removeEldestEntry(Map.Entry<UUID, Kept> eldest) {
            return size() > TANKS;
        }
    });

    Judged(Catalogue catalogue) {
        this.catalogue = catalogue;
    }

    private record Kept(TankPlan plan, Map<String, Judgement> judgements) {}

    /** A judgement of every species, each in the fewest that would do well here, by the species' key. */
    Map<String, Judgement> of(UUID tankId, TankPlan plan) {
        Kept known = kept.get(tankId);
        if (known != null && known.plan().equals(plan)) {
            return known.judgements();
        }
        Stock stock = Learning.stock(plan, catalogue);
        Map<String, Judgement> judgements = plan.species(catalogue).all().parallelStream()
                .collect(Collectors.toConcurrentMap(
                        Species::id,
                        one -> Shortlist.ask(
                                stock,
                                one,
                                stock.fewestMore(one),
                                one.size().saleCm().value())));
        kept.put(tankId, new Kept(plan, judgements));
        return judgements;
    }
}
