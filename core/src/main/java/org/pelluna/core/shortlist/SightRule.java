package org.pelluna.core.shortlist;

import java.util.List;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.plan.ShopSighting;
import org.pelluna.core.units.Dates;

/** How did the one in the shop look? Asked only of a fish that was seen. */
final class SightRule implements ShortlistRule {
    private static final String RULE = "sight";

    @Override
    public String key() {
        return RULE;
    }

    @Override
    public String question() {
        return "Did it eat when you saw it?";
    }

    @Override
    public List<Finding> judge(Candidate candidate) {
        return candidate.wished().wish().sight().flatMap(ShopSighting::ate).stream()
                .map(ate -> {
                    String day = Dates.day(
                            candidate.wished().wish().sight().orElseThrow().on());
                    return ate
                            ? Finding.of(
                                    RULE, Severity.FINE, "It was eating on " + day + ".", Provenance.KEEPER, List.of())
                            : Finding.of(
                                            RULE,
                                            Severity.CAREFUL,
                                            "Do not buy it yet: it was not eating on " + day + ".",
                                            Provenance.PRACTICE,
                                            List.of())
                                    .remedy("Wait until you have seen it eat.");
                })
                .toList();
    }
}
