package org.pelluna.core.shop;

import java.util.ArrayList;
import java.util.List;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Sentence;
import org.pelluna.core.lessons.Crew;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.species.Invertebrate;
import org.pelluna.core.species.Invertebrates;

/** Whether the water in which the fish are kept suits the shrimps, snails and anemones that live in it too. */
public final class LivingCrew {
    /** Animals that the counts lead to expect, from which some are there. */
    private static final double SOME = 0.5;

    private LivingCrew() {}

    /** What this tank's water does to the invertebrates counted here; empty where it suits all that are known by name. */
    public static List<Finding> water(ResolvedPlan stock) {
        return Crew.of(stock).stream()
                .filter(crew -> crew.about() >= SOME)
                .flatMap(crew -> Invertebrates.called(crew.name()).stream())
                .distinct()
                .flatMap(kind -> {
                    List<Finding> findings = new ArrayList<>();
                    InvertebrateCard.water(stock, kind, findings);
                    return findings.stream().map(finding -> about(kind, finding));
                })
                .toList();
    }

    private static Finding about(Invertebrate kind, Finding finding) {
        return finding.withReason(Sentence.of(kind.commonName() + " lives here. ", finding.reason()));
    }
}
