package org.pelluna.core.judge;

import java.util.ArrayList;
import java.util.List;
import org.pelluna.core.arrival.ArrivalOrder;
import org.pelluna.core.arrival.ArrivalPlan;
import org.pelluna.core.arrival.PlannedCompany;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Sentence;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.forecast.WaterReserve;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.Wish;
import org.pelluna.core.pressure.Pressure;
import org.pelluna.core.shortlist.Judgement;
import org.pelluna.core.shortlist.Shortlist;
import org.pelluna.core.shortlist.Verdict;

/**
 * What may come of a plan, and when: each wish judged beside the residents, beside the other wishes, under the limit of fish for the tank, and
 * at its place in the order with the help that is planned.
 *
 * <p>A wish that fails beside the others has no date, and the order is made without it. The keeper's own decision stands above all: a wish
 * that is kept in the plan stays dated, and what speaks against it is told.
 *
 * @param judgements the verdict on each wish, in the order of the wishes
 * @param order the order of arrival of those that may come
 * @param planned expected attacks between the fish to come and all others, in the first week of the later of each two
 */
public record PlanJudgement(List<Judgement> judgements, ArrivalPlan order, List<Pressure> planned) {
    public PlanJudgement {
        judgements = List.copyOf(judgements);
        planned = List.copyOf(planned);
    }

    /**
     * Judges a plan.
     *
     * @param stock the plan, with those back that are out of the display for a time
     * @param water what its bacteria can handle
     */
    public static PlanJudgement of(ResolvedPlan stock, WaterReserve water) {
        List<Judgement> judgements = BesideOtherWishes.judge(stock, Shortlist.of(stock));
        return new Admission(stock, water, judgements).judged().withUndated();
    }

    /** Whether the keeper has put a wish into the plan whatever speaks against it. */
    static boolean isKept(Judgement judgement) {
        return judgement.wished().wish().decision() == Wish.Decision.IN;
    }

    /** The order of those of some judgements that are in the plan. */
    static PlanJudgement ordered(ResolvedPlan stock, List<Judgement> judgements, WaterReserve water) {
        ArrivalPlan order = ArrivalOrder.of(stock, judgements, water);
        return new PlanJudgement(judgements, order, PlannedCompany.of(stock, order));
    }

    /** The same where each wish that the order could not date says so itself. */
    private PlanJudgement withUndated() {
        List<Judgement> told = new ArrayList<>(judgements);
        for (ArrivalPlan.Held held : order.held()) {
            told.replaceAll(one -> one.wished().wish().id().equals(held.wishId())
                            && one.findings().stream().noneMatch(held.gate()::equals)
                    ? one.with(held.gate())
                    : one);
        }
        return new PlanJudgement(told, order.with(overruled(told)), planned);
    }

    /** What the keeper keeps in the plan against a stop: said once for each wish, with the gravest reason. */
    private static List<Finding> overruled(List<Judgement> judgements) {
        return judgements.stream()
                .filter(one -> isKept(one) && one.verdict() == Verdict.OUT)
                .map(one -> {
                    Finding why = one.deciding().orElseThrow();
                    return Finding.of(
                            "overruled",
                            Severity.CAREFUL,
                            Sentence.of(
                                    "You keep " + one.wished().species().commonName() + " against our advice. ",
                                    why.reason()),
                            why.provenance(),
                            why.figures());
                })
                .toList();
    }
}
