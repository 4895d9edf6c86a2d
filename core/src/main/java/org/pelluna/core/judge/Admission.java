package org.pelluna.core.judge;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.forecast.WaterReserve;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.shortlist.Judgement;

/**
 * Which wishes may come together: as many as the limit has room for, without those that bring too many attacks. Each that went is tried again beside
 * those that stayed, bullies last and the smaller first, so that a no always names what stands in the plan.
 */
final class Admission {
    private final ResolvedPlan stock;
    private final WaterReserve water;
    private final UnderTheLimit limit;
    private final List<Judgement> judgements;

    Admission(ResolvedPlan stock, WaterReserve water, List<Judgement> judgements) {
        this.stock = stock;
        this.water = water;
        this.limit = new UnderTheLimit(stock);
        this.judgements = judgements;
    }

    /** The judgements, each wish that may not come with its stop, and the order of the others. */
    PlanJudgement judged() {
        List<Judgement> gone = new ArrayList<>(limit.leftOver(judgements));
        PlanJudgement judged = ordered(without(judgements, gone));
        Optional<Judgement> worst = AttacksInThePlan.of(stock, judged).worst();
        while (worst.isPresent()) {
            gone.add(worst.get());
            judged = ordered(without(judgements, gone));
            worst = AttacksInThePlan.of(stock, judged).worst();
        }
        return gone.isEmpty() ? judged : ordered(triedAgain(gone));
    }

    private List<Judgement> triedAgain(List<Judgement> gone) {
        gone.sort(UnderTheLimit.FIRST);
        List<Judgement> told = new ArrayList<>(judgements);
        for (int i = 0; i < gone.size(); i++) {
            Judgement wish = gone.get(i);
            List<Judgement> tried = without(told, gone.subList(i + 1, gone.size()));
            refusal(wish, tried).ifPresent(why -> told.replaceAll(one -> one.equals(wish) ? one.with(why) : one));
        }
        return told;
    }

    /** Why a wish may not come among those of some judgements; empty if it may. */
    private Optional<Finding> refusal(Judgement wish, List<Judgement> tried) {
        return limit.noRoom(wish, without(tried, List.of(wish))).or(() -> {
            AttacksInThePlan attacks = AttacksInThePlan.of(stock, ordered(tried));
            return attacks.worst()
                    .map(any -> attacks.refusal(wish.wished().wish().id()));
        });
    }

    private PlanJudgement ordered(List<Judgement> some) {
        return PlanJudgement.ordered(stock, some, water);
    }

    private static List<Judgement> without(List<Judgement> some, List<Judgement> gone) {
        return some.stream().filter(one -> !gone.contains(one)).toList();
    }
}
