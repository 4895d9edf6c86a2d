package org.pelluna.core.shortlist;

import java.util.List;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Severity;

/** Does it often bring disease? */
final class AilmentRule implements ShortlistRule {
    private static final String RULE = "ailment";

    @Override
    public String key() {
        return RULE;
    }

    @Override
    public String question() {
        return "Does it often carry disease?";
    }

    @Override
    public List<Finding> judge(Candidate candidate) {
        String approach = candidate.rules().approaches().quarantine().words();
        return candidate.species().ailments().stream()
                .map(ailment -> Finding.of(
                        RULE,
                        Severity.CAREFUL,
                        "Quarantine it: it often carries " + ailment.kind().words() + ". Your approach: " + approach
                                + ".",
                        ailment.from(),
                        List.of()))
                .toList();
    }
}
