package org.pelluna.core.assess;

import java.util.List;
import org.pelluna.core.arrival.ArrivalPlan;
import org.pelluna.core.forecast.WaterFit;
import org.pelluna.core.forecast.WaterReserve;
import org.pelluna.core.judge.PlanJudgement;
import org.pelluna.core.learn.Learning;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.pressure.Encounters;
import org.pelluna.core.pressure.Pressure;
import org.pelluna.core.question.Answers;
import org.pelluna.core.question.Question;
import org.pelluna.core.shortlist.Judgement;
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
     * The judgement of a plan, as a question that can be remembered. What was observed is no part of it beyond what was learned of the
     * fish, so an entry that teaches nothing asks the same.
     *
     * @param stock the plan, each fish as learned
     * @param fit what its tests say of the water
     */
    public record Asked(ResolvedPlan stock, WaterFit fit) implements Question<Assessment> {
        public Asked {
            stock = stock.unobserved();
        }

        @Override
        public int kilobytes() {
            return 300;
        }

        @Override
        public Assessment answer(Answers answers) {
            return of(stock, WaterReserve.of(stock.withAbsent(), fit, answers));
        }
    }

    /**
     * The same judgement for a plan that may be known.
     *
     * @param stock the plan, each fish as learned
     * @param fit what its tests say of the water
     * @param answers works the judgement out, or remembers it
     */
    public static Assessment of(ResolvedPlan stock, WaterFit fit, Answers answers) {
        Assessment judged = answers.to(new Asked(stock, fit));
        return new Assessment(stock, judged.judgements, judged.order, judged.today, judged.planned);
    }

    /**
     * The same where it is known what the water bears.
     *
     * @param water the reserve of the same plan, with those back that are out for a time
     */
    public static Assessment of(ResolvedPlan stock, WaterReserve water) {
        ResolvedPlan all = stock.withAbsent();
        PlanJudgement judged = PlanJudgement.of(all, water);
        return new Assessment(
                stock, judged.judgements(), judged.order(), Encounters.of(stock).amongResidents(), judged.planned());
    }
}
