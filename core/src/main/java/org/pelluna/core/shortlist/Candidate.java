package org.pelluna.core.shortlist;

import java.time.LocalDate;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.pressure.Encounters;
import org.pelluna.core.species.Species;
import org.pelluna.core.tank.Tank;

/**
 * A wish and everything a rule may ask about it.
 *
 * @param wished the wish with its fish
 * @param stock the plan it is part of
 * @param encounters the meetings with who lives here, which all wishes of a plan share
 */
public record Candidate(ResolvedPlan.Wished wished, ResolvedPlan stock, Encounters encounters) {
    Species species() {
        return wished.species();
    }

    Fish fish() {
        return wished.fish();
    }

    Tank tank() {
        return stock.plan().tank();
    }

    HouseRules rules() {
        return stock.plan().houseRules();
    }

    LocalDate today() {
        return stock.plan().asOf();
    }

    /** The species' name at the head of a sentence. */
    String name() {
        return species().commonName();
    }
}
