package org.pelluna.app.moves;

import java.time.LocalDate;
import java.util.List;
import org.pelluna.app.storage.NotFoundException;
import org.pelluna.app.web.RefusedException;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.TankPlan;

/** Who leaves a tank. */
final class Leaving {
    private Leaving() {}

    /** The fish of a plan by their keys; each belongs to it on the day. */
    static List<Resident> of(TankPlan plan, List<String> keys, LocalDate on) {
        if (keys.isEmpty()) {
            throw new RefusedException("choose at least one fish");
        }
        if (on.isAfter(plan.asOf())) {
            throw new RefusedException("this day lies in the future");
        }
        return keys.stream()
                .distinct()
                .map(key -> plan.residents().stream()
                        .filter(one -> one.id().key().equals(key))
                        .findFirst()
                        .orElseThrow(() -> new NotFoundException("fish")))
                .peek(fish -> {
                    if (fish.leftOn().isPresent()) {
                        throw new RefusedException(fish.name() + " has left already");
                    }
                    if (!fish.belongsHere(on)) {
                        throw new RefusedException(fish.name() + " arrived only on " + fish.arrivedOn());
                    }
                })
                .toList();
    }
}
