package org.pelluna.core.judge;

import java.util.Comparator;
import java.util.List;
import java.util.function.UnaryOperator;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.forecast.WaterReserve;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.shortlist.Judgement;
import org.pelluna.core.shortlist.Verdict;

/**
 * What the plan says of a fish that a keeper looks at: the verdict it has as a wish, or would have as one more. So the page of a species, the
 * shop card and the list of wishes never differ.
 *
 * @param stock the plan, with those back that are out of the display for a time
 * @param before its judgement
 * @param water what its bacteria can handle
 */
public record OneMoreWish(ResolvedPlan stock, List<Judgement> before, WaterReserve water)
        implements UnaryOperator<Judgement> {

    /** The verdict in the plan of a fish that was judged beside the residents alone: of its wish if that is for as many, else in the place of it. */
    @Override
    public Judgement apply(Judgement asked) {
        return before.stream()
                .filter(one -> isOf(one, asked)
                        && one.wished().count() >= asked.wished().count())
                .min(Comparator.comparing(Judgement::verdict))
                .orElseGet(() -> asked.verdict() == Verdict.OUT ? asked : added(asked));
    }

    private Judgement added(Judgement asked) {
        WishId id = asked.wished().wish().id();
        List<Judgement> after =
                PlanJudgement.of(stock.with(asked.wished()), water).judgements();
        Judgement its = after.stream()
                .filter(one -> one.wished().wish().id().equals(id))
                .findFirst()
                .orElseThrow();
        List<String> displaced = before.stream()
                .filter(one -> !isOf(one, asked)
                        && one.verdict() != Verdict.OUT
                        && isOut(one.wished().wish().id(), after))
                .map(one -> one.wished().species().commonName())
                .toList();
        return displaced.isEmpty() || its.verdict() == Verdict.OUT
                ? its
                : its.with(Finding.of(
                                "displaces",
                                Severity.CAREFUL,
                                "With it in your plan, there is no place for " + String.join(" and ", displaced) + ".",
                                Provenance.own("the plan judged with it and without it"),
                                List.of())
                        .remedy("Choose which you want more."));
    }

    private static boolean isOf(Judgement one, Judgement asked) {
        return one.wished().species().id().equals(asked.wished().species().id());
    }

    private static boolean isOut(WishId wish, List<Judgement> judgements) {
        return judgements.stream()
                .anyMatch(one -> one.wished().wish().id().equals(wish) && one.verdict() == Verdict.OUT);
    }
}
