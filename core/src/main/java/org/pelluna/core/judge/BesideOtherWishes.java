package org.pelluna.core.judge;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.pressure.Predation;
import org.pelluna.core.shortlist.Judgement;
import org.pelluna.core.shortlist.WishesTogether;

/**
 * Two wishes that cannot live together: one of them may not come. The one that eats or fights goes, unless the keeper has decided to keep it;
 * the order of the list never matters.
 */
final class BesideOtherWishes {
    private BesideOtherWishes() {}

    /** Two wishes that stop one another. */
    private record Conflict(Judgement loser, Judgement winner, Finding finding) {}

    /** The judgements, each loser with its stop. */
    static List<Judgement> judge(ResolvedPlan stock, List<Judgement> judgements) {
        List<Conflict> conflicts = conflicts(stock, judgements);
        Map<WishId, List<Conflict>> lost = new HashMap<>();
        Set<WishId> out = new HashSet<>();
        while (true) {
            Map<WishId, Integer> losses = new HashMap<>();
            Map<WishId, Judgement> losers = new HashMap<>();
            for (Conflict one : conflicts) {
                if (!out.contains(id(one.loser)) && !out.contains(id(one.winner))) {
                    losses.merge(id(one.loser), 1, Integer::sum);
                    losers.put(id(one.loser), one.loser);
                }
            }
            Optional<Judgement> worst = losers.values().stream()
                    .max(Comparator.<Judgement>comparingInt(one -> losses.getOrDefault(id(one), 0))
                            .thenComparing(BesideOtherWishes::harder));
            if (worst.isEmpty()) {
                break;
            }
            WishId gone = id(worst.get());
            lost.put(
                    gone,
                    conflicts.stream()
                            .filter(one -> id(one.loser).equals(gone) && !out.contains(id(one.winner)))
                            .toList());
            out.add(gone);
        }
        return judgements.stream()
                .map(one -> lost.getOrDefault(id(one), List.of()).stream()
                        .map(Conflict::finding)
                        .reduce(one, Judgement::with, (a, b) -> b))
                .toList();
    }

    private static WishId id(Judgement judgement) {
        return judgement.wished().wish().id();
    }

    private static List<Conflict> conflicts(ResolvedPlan stock, List<Judgement> judgements) {
        List<Judgement> planned = judgements.stream().filter(Judgement::inPlan).toList();
        List<Conflict> conflicts = new ArrayList<>();
        for (int i = 0; i < planned.size(); i++) {
            for (int j = i + 1; j < planned.size(); j++) {
                Judgement one = planned.get(i);
                Judgement other = planned.get(j);
                if (PlanJudgement.isKept(one) && PlanJudgement.isKept(other)) {
                    continue;
                }
                WishesTogether.between(stock, one.wished(), other.wished())
                        .filter(finding -> finding.severity() == Severity.STOP)
                        .map(finding -> conflict(stock, one, other, finding))
                        .ifPresent(conflicts::add);
            }
        }
        return conflicts;
    }

    private static Conflict conflict(ResolvedPlan stock, Judgement one, Judgement other, Finding finding) {
        boolean eater = eats(stock, one, other) || (!eats(stock, other, one) && harder(one, other) > 0);
        boolean first = PlanJudgement.isKept(other) || (eater && !PlanJudgement.isKept(one));
        Judgement loser = first ? one : other;
        Judgement winner = first ? other : one;
        return new Conflict(
                loser,
                winner,
                finding.remedy(
                        "It can come if you drop " + winner.wished().species().commonName() + "."));
    }

    private static boolean eats(ResolvedPlan stock, Judgement one, Judgement other) {
        return Predation.between(
                        one.wished().fish(), other.wished().fish(), stock.plan().asOf())
                .isPresent();
    }

    /** Which of two goes rather: the harder on its relatives, then the larger, the more numerous, and last by its key. */
    private static int harder(Judgement one, Judgement other) {
        return Comparator.<Judgement>comparingDouble(
                        each -> each.wished().species().temper().toward().genus())
                .thenComparingDouble(
                        each -> each.wished().species().size().adultCm().value())
                .thenComparingInt(each -> each.wished().count())
                .thenComparing(each -> each.wished().species().id().key())
                .thenComparing(each -> id(each).key())
                .compare(one, other);
    }
}
