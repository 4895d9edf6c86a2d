package org.pelluna.core.shortlist;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.pelluna.core.finding.Figure;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.finding.Sentence;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.plan.Approaches;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.pressure.Predation;
import org.pelluna.core.pressure.Rivalry;
import org.pelluna.core.species.Species;
import org.pelluna.core.units.Quantity;

/** What speaks against wishes beside one another; each wish beside the residents is judged by the rules. */
public final class WishesTogether {
    private static final String RULE = "wishes-together";

    private WishesTogether() {}

    /** Findings on pairs of wishes that are in the plan, in the order of the list. */
    public static List<Finding> findings(ResolvedPlan stock, List<Judgement> judgements) {
        List<ResolvedPlan.Wished> wished = judgements.stream()
                .filter(Judgement::inPlan)
                .map(Judgement::wished)
                .toList();
        List<Finding> findings = new ArrayList<>();
        for (int i = 0; i < wished.size(); i++) {
            for (int j = i + 1; j < wished.size(); j++) {
                between(stock, wished.get(i), wished.get(j)).ifPresent(findings::add);
            }
        }
        return findings;
    }

    private static Optional<Finding> between(ResolvedPlan stock, ResolvedPlan.Wished one, ResolvedPlan.Wished other) {
        return one.species().id().equals(other.species().id())
                ? twice(stock, one, other)
                : meal(stock, one, other)
                        .or(() -> meal(stock, other, one))
                        .or(() -> rivals(stock, one.species(), other.species()));
    }

    /** One species on two lines of the list. */
    private static Optional<Finding> twice(ResolvedPlan stock, ResolvedPlan.Wished one, ResolvedPlan.Wished other) {
        Species species = one.species();
        int total = stock.residentsOf(species) + one.count() + other.count();
        boolean suits = species.company().suits(total);
        return Optional.of(Finding.of(
                RULE,
                suits ? Severity.CAREFUL : Severity.STOP,
                species.commonName() + " is on the list twice. With all of them, " + total + " would live here"
                        + (suits ? "." : ", and so many do not do well together."),
                species.company().from(),
                List.of(Figure.measured("of its kind in all", total, ""))));
    }

    private static Optional<Finding> rivals(ResolvedPlan stock, Species one, Species other) {
        return Rivalry.between(one, other).map(rivalry -> {
            Approaches.Kin school = stock.plan().houseRules().schools().kin();
            return Finding.of(
                            RULE,
                            school == Approaches.Kin.NEVER ? Severity.STOP : Severity.CAREFUL,
                            one.commonName() + " and " + other.commonName() + " are both wished for, and are rivals: "
                                    + rivalry.reason() + ".",
                            Provenance.PRACTICE,
                            List.of())
                    .remedy(
                            school == Approaches.Kin.NEVER
                                    ? "By your approach only one of them: drop the other."
                                    : "Let both come on one day, or drop one of them.");
        });
    }

    private static Optional<Finding> meal(ResolvedPlan stock, ResolvedPlan.Wished eater, ResolvedPlan.Wished prey) {
        return Predation.between(eater.fish(), prey.fish(), stock.plan().asOf())
                .map(meal -> Finding.of(
                        RULE,
                        Severity.STOP,
                        Sentence.of(
                                eater.species().commonName() + " could swallow "
                                        + prey.species().commonName() + ", also wished for: a mouthful of ",
                                Quantity.cm(meal.mouthfulCm()),
                                " against a length of ",
                                Quantity.cm(meal.preyCm()),
                                meal.from().isAfter(stock.plan().asOf())
                                        ? "," + meal.when(stock.plan().asOf()) + "."
                                        : "."),
                        Provenance.PRACTICE,
                        List.of()));
    }
}
