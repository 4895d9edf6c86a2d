package org.pelluna.app.moves;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.pelluna.app.web.FormKey;
import org.pelluna.core.plan.Happening;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.watch.Phase;
import org.pelluna.core.watch.Phases;

/** What newcomers do to the parts of a quarantine: an empty tank begins those of the house, a full one begins again. */
final class QuarantineParts {
    private QuarantineParts() {}

    /**
     * @param inside the quarantine tank before they came
     * @param rules the rules of the house they are for
     * @return what changes; empty if nothing does
     */
    static Optional<Happening> of(TankPlan inside, HouseRules rules, List<Resident> newcomers, Bought bought) {
        List<Phase> before = inside.observations().phases();
        boolean goesOn =
                Phases.end(before).filter(end -> end.isAfter(bought.on())).isPresent()
                        && inside.residents().stream().anyMatch(one -> one.belongsHere(bought.on()));
        if (goesOn && !bought.again()) {
            return Optional.empty();
        }
        String why = newcomers.stream().map(Resident::name).collect(Collectors.joining(", "))
                + (newcomers.size() == 1 ? " was" : " were") + " put in";
        List<Phase> after = goesOn
                ? Phases.again(before, bought.on(), why, FormKey::fresh)
                : java.util.stream.Stream.concat(
                                before.stream(),
                                Phases.inTurn(rules.approaches().quarantine().parts(), bought.on(), FormKey::fresh)
                                        .stream())
                        .toList();
        return Optional.of(new Happening.Phased(before, after));
    }
}
