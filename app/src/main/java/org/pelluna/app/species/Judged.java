package org.pelluna.app.species;

import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.pelluna.app.web.KeptByTank;
import org.pelluna.core.learn.Learning;
import org.pelluna.core.plan.Stock;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.shortlist.Judgement;
import org.pelluna.core.shortlist.Shortlist;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.species.Species;
import org.springframework.stereotype.Component;

/** The whole catalogue judged for a tank. */
@Component
class Judged {
    private final Catalogue catalogue;
    private final KeptByTank<Map<String, Judgement>> kept = new KeptByTank<>();

    Judged(Catalogue catalogue) {
        this.catalogue = catalogue;
    }

    /** A judgement of every species, each in the fewest that would do well here, by the species' key. */
    Map<String, Judgement> of(UUID tankId, TankPlan plan) {
        return kept.of(tankId, plan, () -> judge(plan));
    }

    private Map<String, Judgement> judge(TankPlan plan) {
        Stock stock = Learning.stock(plan, catalogue);
        return plan.species(catalogue).all().parallelStream()
                .collect(Collectors.toConcurrentMap(
                        Species::id,
                        one -> Shortlist.ask(
                                stock,
                                one,
                                stock.fewestMore(one),
                                one.size().saleCm().value())));
    }
}
