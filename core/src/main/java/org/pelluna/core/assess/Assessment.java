package org.pelluna.core.assess;

import java.util.List;
import org.pelluna.core.arrival.ArrivalOrder;
import org.pelluna.core.arrival.ArrivalPlan;
import org.pelluna.core.arrival.PlannedCompany;
import org.pelluna.core.forecast.WaterFit;
import org.pelluna.core.forecast.WaterReserve;
import org.pelluna.core.learn.Learning;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.pressure.Encounters;
import org.pelluna.core.pressure.Pressure;
import org.pelluna.core.shortlist.Judgement;
import org.pelluna.core.shortlist.Shortlist;
import org.pelluna.core.species.Catalogue;

/**
 * Everything Pelluna says of one plan.
 *
 * @param stock the plan with its species
 * @param judgements the shortlist, in the order of the wishes
 * @param order the order of arrival
 * @param today pressures among the residents today
 * @param planned pressures between fish to come and all others, in the first week of the later of each two
 */
public record Assessment(
        ResolvedPlan stock,
        List<Judgement> judgements,
        ArrivalPlan order,
        List<Pressure> today,
        List<Pressure> planned) {

    /**
     * Judges a plan.
     *
     * @throws IllegalArgumentException if the catalogue lacks a species of the plan
     */
    public static Assessment of(TankPlan plan, Catalogue catalogue) {
        return of(Learning.stock(plan, catalogue));
    }

    /** Judges a plan whose species are looked up, each fish as learned. */
    public static Assessment of(ResolvedPlan stock) {
        return of(stock, WaterReserve.of(stock.withAbsent(), WaterFit.of(stock)));
    }

    /**
     * The same where it is known what the water bears.
     *
     * @param water the reserve of the same plan, with those back that are out for a time
     */
    public static Assessment of(ResolvedPlan stock, WaterReserve water) {
        ResolvedPlan all = stock.withAbsent();
        List<Judgement> judgements = Shortlist.of(all);
        ArrivalPlan order = ArrivalOrder.of(all, judgements, water);
        return new Assessment(
                stock, judgements, order, Encounters.of(stock).amongResidents(), PlannedCompany.of(all, order));
    }
}
