package org.pelluna.core.judge;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
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
import org.pelluna.core.species.Temperament;

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
        List<Judgement> judgements = Shortlist.of(stock);
        judgements = BesideOtherWishes.judge(stock, judgements);
        judgements = UnderTheLimit.judge(stock, judgements);
        return withinTheMark(stock, judgements, water).withUndated();
    }

    /**
     * The plan without the wishes that bring too many attacks: the worst goes first, until none is left; then each that went is tried again beside
     * those that stayed, the gentlest first, and says why it cannot come.
     */
    private static PlanJudgement withinTheMark(ResolvedPlan stock, List<Judgement> judgements, WaterReserve water) {
        PlanJudgement judged = ordered(stock, judgements, water);
        List<Judgement> gone = new ArrayList<>();
        Optional<Judgement> worst = AttacksInThePlan.of(stock, judged).worst();
        while (worst.isPresent()) {
            gone.add(worst.get());
            judged = ordered(stock, without(judged.judgements, worst.get()), water);
            worst = AttacksInThePlan.of(stock, judged).worst();
        }
        gone.sort(GENTLEST);
        List<Judgement> told = new ArrayList<>(judgements);
        List<Judgement> left = new ArrayList<>(gone);
        for (Judgement one : gone) {
            left.remove(one);
            List<Judgement> tried = told;
            for (Judgement other : left) {
                tried = without(tried, other);
            }
            PlanJudgement again = ordered(stock, tried, water);
            AttacksInThePlan attacks = AttacksInThePlan.of(stock, again);
            if (attacks.canBeMended()) {
                told = with(told, one, attacks.refusal(one.wished().wish().id()));
            }
        }
        return gone.isEmpty() ? judged : ordered(stock, told, water);
    }

    /** The gentlest first: bullies last, then the milder toward others, the smaller, and by its key. */
    private static final Comparator<Judgement> GENTLEST = Comparator.<Judgement, Temperament.Turn>comparing(
                    one -> one.wished().species().temper().turn())
            .thenComparing(one -> one.wished().species().temper().toward().family())
            .thenComparing(one -> one.wished().species().size().adultCm().value())
            .thenComparing(one -> one.wished().species().id().key())
            .thenComparing(one -> one.wished().wish().id().key());

    private static List<Judgement> with(List<Judgement> judgements, Judgement wish, Finding finding) {
        return new ArrayList<>(judgements.stream()
                .map(one -> one.wished().equals(wish.wished()) ? one.with(finding) : one)
                .toList());
    }

    private static List<Judgement> without(List<Judgement> judgements, Judgement wish) {
        return judgements.stream()
                .filter(one -> !one.wished().equals(wish.wished()))
                .toList();
    }

    /** Whether the keeper has put a wish into the plan whatever speaks against it. */
    static boolean isKept(Judgement judgement) {
        return judgement.wished().wish().decision() == Wish.Decision.IN;
    }

    private static PlanJudgement ordered(ResolvedPlan stock, List<Judgement> judgements, WaterReserve water) {
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
