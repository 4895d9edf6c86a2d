package org.pelluna.core.shortlist;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.pelluna.core.finding.Figure;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.species.Species;

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

    /** What speaks against two wishes beside one another; empty if nothing does. */
    public static Optional<Finding> between(ResolvedPlan stock, ResolvedPlan.Wished one, ResolvedPlan.Wished other) {
        return one.species().id().equals(other.species().id())
                ? twice(stock, one, other)
                : PairCheck.of(stock, one.fish(), other.fish());
    }

    /** One species on two lines of the list. */
    private static Optional<Finding> twice(ResolvedPlan stock, ResolvedPlan.Wished one, ResolvedPlan.Wished other) {
        Species species = one.species();
        int total = stock.residentsOf(species) + one.count() + other.count();
        boolean suits = species.company().suits(total);
        return Optional.of(Finding.of(
                RULE,
                suits ? Severity.CAREFUL : Severity.STOP,
                species.commonName() + " is on the list twice: " + total + " in all"
                        + (suits ? "." : ", too many to live together."),
                species.company().from(),
                List.of(Figure.measured("of its species in all", total, ""))));
    }
}
