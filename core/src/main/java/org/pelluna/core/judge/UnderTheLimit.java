package org.pelluna.core.judge;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.pelluna.core.finding.Figure;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.headroom.Headroom;
import org.pelluna.core.headroom.InchRule;
import org.pelluna.core.headroom.Load;
import org.pelluna.core.plan.Approaches;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.shortlist.Judgement;
import org.pelluna.core.units.Numbers;

/**
 * All wishes together under the limit of the mature tank, everyone grown. Where not all fit, bullies go first and then the largest fish, so that
 * most fit; each of the others is told without which wish it would.
 */
final class UnderTheLimit {
    private static final String RULE = "headroom";

    /**
     * Who takes room first: what the keeper keeps, then bullies last and the smaller first. What is kept though it does not fit by itself takes none from
     * the others; the plan says that it is over its limit.
     */
    static final Comparator<Judgement> FIRST = Comparator.<Judgement, Boolean>comparing(
                    one -> !PlanJudgement.isKept(one))
            .thenComparing(one -> one.wished().species().temper().turn())
            .thenComparing(one -> one.wished().species().size().adultCm().value())
            .thenComparing(one -> one.wished().species().id().key())
            .thenComparing(one -> one.wished().wish().id().key());

    private final ResolvedPlan stock;
    private final Headroom headroom;
    private final Approaches.Ceiling approach;
    private final InchRule inches;
    private final boolean counts;

    UnderTheLimit(ResolvedPlan stock) {
        HouseRules rules = stock.plan().houseRules();
        this.counts = !rules.overruled().containsKey(RULE);
        this.stock = stock;
        this.headroom = new Headroom(stock.plan().tank(), rules, stock.plan().asOf());
        this.approach = rules.approaches().ceiling();
        this.inches = new InchRule(stock.plan().tank(), rules);
    }

    /** The wishes for which the others leave no room; empty where all fit, or the keeper has overruled the limit. */
    List<Judgement> leftOver(List<Judgement> judgements) {
        List<Judgement> taken = new ArrayList<>();
        List<Judgement> left = new ArrayList<>();
        judgements.stream().filter(Judgement::inPlan).sorted(FIRST).forEach(one -> {
            if (fits(and(taken, one))) {
                taken.add(one);
            } else if (!PlanJudgement.isKept(one)) {
                left.add(one);
            }
        });
        return left;
    }

    /** Why a wish does not fit beside others of the plan; empty if it does. */
    Optional<Finding> noRoom(Judgement wish, List<Judgement> others) {
        List<Judgement> taken = new ArrayList<>();
        others.stream().filter(Judgement::inPlan).sorted(FIRST).forEach(one -> {
            if (!PlanJudgement.isKept(one) || fits(and(taken, one))) {
                taken.add(one);
            }
        });
        return fits(and(taken, wish)) ? Optional.empty() : Optional.of(finding(wish, taken));
    }

    private static List<Judgement> and(List<Judgement> some, Judgement one) {
        List<Judgement> more = new ArrayList<>(some);
        more.add(one);
        return more;
    }

    private boolean fits(List<Judgement> wishes) {
        return !counts || loads(wishes).stream().allMatch(load -> load.used() <= limit(load));
    }

    /** The limit once the tank is mature. */
    private double limit(Load load) {
        return approach == Approaches.Ceiling.INCHES
                ? Math.max(load.limit(), inches.matureCeilingInches())
                : load.limit();
    }

    private List<Load> loads(List<Judgement> wishes) {
        List<Fish> fish = new ArrayList<>(stock.residents());
        for (Judgement one : wishes) {
            fish.addAll(Collections.nCopies(one.wished().count(), one.wished().fish()));
        }
        return headroom.of(approach, fish, each -> each.growth().adultLengthCm());
    }

    private Finding finding(Judgement wish, List<Judgement> taken) {
        Load load = loads(and(taken, wish)).stream()
                .max(Comparator.comparingDouble(one -> one.used() / limit(one)))
                .orElseThrow();
        String others = taken.stream()
                .filter(one -> fits(
                        and(taken.stream().filter(each -> !each.equals(one)).toList(), wish)))
                .map(one -> one.wished().species().commonName())
                .collect(Collectors.joining(" or "));
        int decimals = Numbers.decimalsToTell(load.used(), limit(load), 1);
        String unit = load.unit().isEmpty() ? "" : " " + load.unit();
        Finding finding = Finding.of(
                RULE,
                Severity.STOP,
                "No room beside your other wishes: with it, " + load.name() + " reaches "
                        + Numbers.plain(load.used(), decimals) + " of " + Numbers.plain(limit(load), decimals) + unit
                        + ".",
                load.source(),
                List.of(
                        new Figure(load.name() + ", all grown", load.used(), load.unit(), load.source()),
                        new Figure("limit once mature", limit(load), load.unit(), load.source())));
        return finding.remedy(
                others.isEmpty()
                        ? "It can come only if several other wishes go."
                        : "It can come if you drop " + others + ".");
    }
}
