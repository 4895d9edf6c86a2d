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
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.pressure.HardAttacks;
import org.pelluna.core.pressure.Pressure;
import org.pelluna.core.shortlist.Judgement;
import org.pelluna.core.units.Numbers;

/**
 * Attacks that a judged order brings, help on arrival included, against the mark above which the house lets nothing come.
 *
 * @param judged the plan with its order
 * @param wishes its wishes, by the fish that stands for each
 * @param names what every fish is called
 * @param suffered attacks an hour by those that attack hard, by victim; only those above the mark
 * @param most the mark, attacks an hour
 */
record AttacksInThePlan(
        PlanJudgement judged,
        Map<FishId, Judgement> wishes,
        Map<FishId, String> names,
        Map<FishId, Double> suffered,
        double most) {
    private static final String RULE = "pressure";

    static AttacksInThePlan of(ResolvedPlan stock, PlanJudgement judged) {
        Map<FishId, Judgement> wishes = new HashMap<>();
        judged.judgements().forEach(one -> wishes.put(one.wished().fish().id(), one));
        Map<FishId, String> names = new HashMap<>();
        stock.residents().forEach(fish -> names.put(fish.id(), fish.name()));
        stock.wishes().forEach(one -> names.put(one.fish().id(), one.species().commonName()));
        var weights = stock.plan().houseRules().weights();
        Map<FishId, List<Double>> each = new HashMap<>();
        for (Pressure one : judged.planned()) {
            each.computeIfAbsent(one.victimId(), fish -> new ArrayList<>()).add(all(wishes, one));
        }
        Map<FishId, Double> suffered = new HashMap<>();
        if (!stock.plan().houseRules().overruled().containsKey(RULE)) {
            each.forEach((fish, attacks) -> suffered.put(fish, HardAttacks.of(attacks, weights.carefulPerHour())));
            suffered.values().removeIf(sum -> sum <= weights.notAbovePerHour());
        }
        return new AttacksInThePlan(judged, wishes, names, suffered, weights.notAbovePerHour());
    }

    /** The attacks of all of a wish, or of one resident. */
    private static double all(Map<FishId, Judgement> wishes, Pressure one) {
        Judgement wish = wishes.get(one.aggressorId());
        return one.perHour() * (wish == null ? 1 : wish.wished().count());
    }

    /** The wish that goes first: for the fish that suffers most, the wish that attacks it hardest, or else that fish itself; empty where none is above the mark, or only wishes that are kept have part in it. */
    Optional<Judgement> worst() {
        return suffered.entrySet().stream()
                .sorted(Map.Entry.<FishId, Double>comparingByValue()
                        .reversed()
                        .thenComparing(Map.Entry.comparingByKey()))
                .flatMap(one -> toGo(one.getKey()).stream())
                .findFirst();
    }

    /** Those that attack a fish, the hardest first. */
    private List<Pressure> by(FishId victim) {
        return judged.planned().stream()
                .filter(one -> one.victimId().equals(victim))
                .sorted(Comparator.<Pressure>comparingDouble(one -> all(wishes, one))
                        .reversed()
                        .thenComparing(Pressure::aggressorId))
                .toList();
    }

    private Optional<Judgement> open(FishId fish) {
        return Optional.ofNullable(wishes.get(fish)).filter(one -> !PlanJudgement.isKept(one));
    }

    private Optional<Judgement> toGo(FishId victim) {
        List<Pressure> by = by(victim);
        Optional<Judgement> attacker =
                by.stream().flatMap(one -> open(one.aggressorId()).stream()).findFirst();
        return wishes.containsKey(by.get(0).aggressorId())
                ? attacker.or(() -> open(victim))
                : open(victim).or(() -> attacker);
    }

    /** Why a wish may not come in this plan: it suffers too much itself, or else another suffers too much from it. */
    Finding refusal(WishId wish) {
        FishId fish = wish.fish();
        Double own = suffered.get(fish);
        if (own != null) {
            String by = named(by(fish).get(0).aggressorId());
            return finding(
                    "Too many attacks: expect " + about(own)
                            + " an hour on it in this plan, most by " + by + "; your house rules allow "
                            + Numbers.plain(most) + ".",
                    own,
                    by);
        }
        Map.Entry<FishId, Double> worst =
                suffered.entrySet().stream().max(Map.Entry.comparingByValue()).orElseThrow();
        String victim = named(worst.getKey());
        return finding(
                "With it in the plan, expect " + about(worst.getValue()) + " attacks an hour on " + victim
                        + "; your house rules allow " + Numbers.plain(most) + ".",
                worst.getValue(),
                victim);
    }

    /** About so many, and a little more than the mark where the two would read alike. */
    private String about(double attacks) {
        String number = Numbers.significant(attacks);
        return (number.equals(Numbers.plain(most)) ? "a little over " : "about ") + number;
    }

    private String named(FishId fish) {
        return Optional.ofNullable(names.get(fish)).orElse("another fish");
    }

    private static Finding finding(String sentence, double attacks, String other) {
        return Finding.of(
                        RULE,
                        Severity.STOP,
                        sentence,
                        Pressure.SOURCE,
                        List.of(new Figure("expected attacks in this plan", attacks, "an hour", Pressure.SOURCE)))
                .remedy("It can come without " + other + ".");
    }
}
