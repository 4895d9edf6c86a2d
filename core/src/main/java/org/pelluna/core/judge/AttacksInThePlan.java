package org.pelluna.core.judge;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.pelluna.core.finding.Figure;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.pressure.HardAttacks;
import org.pelluna.core.pressure.Pressure;
import org.pelluna.core.shortlist.Judgement;
import org.pelluna.core.units.Numbers;

/**
 * Attacks that the planned order brings, help on arrival included, against the mark above which the house lets nothing come. Of two wishes the one
 * that attacks goes.
 */
final class AttacksInThePlan {
    private static final String RULE = "pressure";

    private AttacksInThePlan() {}

    /** The wish that must go first, if any must. */
    static Optional<Refusal> first(ResolvedPlan stock, PlanJudgement judged) {
        double most = stock.plan().houseRules().weights().notAbovePerHour();
        if (stock.plan().houseRules().overruled().containsKey(RULE)) {
            return Optional.empty();
        }
        Map<FishId, Judgement> wishes = new HashMap<>();
        judged.judgements().forEach(one -> wishes.put(one.wished().fish().id(), one));
        Map<FishId, String> names = new HashMap<>();
        stock.residents().forEach(fish -> names.put(fish.id(), fish.name()));
        stock.wishes().forEach(one -> names.put(one.fish().id(), one.species().commonName()));
        Map<FishId, List<Double>> suffered = new HashMap<>();
        for (Pressure one : judged.planned()) {
            suffered.computeIfAbsent(one.victimId(), fish -> new ArrayList<>()).add(all(wishes, one));
        }
        double careful = stock.plan().houseRules().weights().carefulPerHour();
        return suffered.entrySet().stream()
                .map(one -> Map.entry(one.getKey(), HardAttacks.of(one.getValue(), careful)))
                .filter(one -> one.getValue() > most)
                .sorted(Map.Entry.<FishId, Double>comparingByValue()
                        .reversed()
                        .thenComparing(Map.Entry.comparingByKey()))
                .flatMap(one -> refusal(judged, wishes, names, one.getKey(), one.getValue(), most).stream())
                .findFirst();
    }

    /** The attacks of all of a wish, or of one resident. */
    private static double all(Map<FishId, Judgement> wishes, Pressure one) {
        Judgement wish = wishes.get(one.aggressorId());
        return one.perHour() * (wish == null ? 1 : wish.wished().count());
    }

    private static Optional<Refusal> refusal(
            PlanJudgement judged,
            Map<FishId, Judgement> wishes,
            Map<FishId, String> names,
            FishId victim,
            double attacks,
            double most) {
        List<Pressure> by = judged.planned().stream()
                .filter(one -> one.victimId().equals(victim))
                .sorted(Comparator.<Pressure>comparingDouble(one -> all(wishes, one))
                        .reversed()
                        .thenComparing(Pressure::aggressorId))
                .toList();
        Optional<Judgement> attacker = by.stream()
                .map(one -> Optional.ofNullable(wishes.get(one.aggressorId())))
                .flatMap(Optional::stream)
                .filter(one -> !PlanJudgement.isKept(one))
                .findFirst();
        Optional<Judgement> sufferer =
                Optional.ofNullable(wishes.get(victim)).filter(one -> !PlanJudgement.isKept(one));
        Pressure hardest = by.get(0);
        boolean byAWish = wishes.containsKey(hardest.aggressorId());
        Optional<Judgement> goes = byAWish ? attacker.or(() -> sufferer) : sufferer.or(() -> attacker);
        return goes.map(wish -> {
            boolean suffers = wish.wished().fish().id().equals(victim);
            String about = Numbers.significant(attacks);
            String sentence = suffers
                    ? "Too many attacks: expect about " + about + " an hour on it in this plan, most by "
                            + names.get(hardest.aggressorId()) + "; your house rules allow " + Numbers.plain(most) + "."
                    : "It attacks too much: expect about " + about + " attacks an hour on " + names.get(victim)
                            + " in this plan; your house rules allow " + Numbers.plain(most) + ".";
            String other = suffers ? names.get(hardest.aggressorId()) : names.get(victim);
            return new Refusal(
                    wish.wished().wish().id(),
                    Finding.of(
                                    RULE,
                                    Severity.STOP,
                                    sentence,
                                    Pressure.SOURCE,
                                    List.of(
                                            new Figure(
                                                    "expected attacks in this plan",
                                                    attacks,
                                                    "an hour",
                                                    Pressure.SOURCE),
                                            new Figure("most that your rules allow", most, "an hour", Pressure.SOURCE)))
                            .remedy("It can come without " + other + "."));
        });
    }
}
