package org.pelluna.core.shortlist;

import java.util.List;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Severity;

/** Can it hurt the keeper? Not a reason to refuse; a reason to know. */
final class HazardRule implements ShortlistRule {
    private static final String RULE = "hazard";

    @Override
    public String key() {
        return RULE;
    }

    @Override
    public String question() {
        return "Can it hurt the keeper?";
    }

    @Override
    public List<Finding> judge(Candidate candidate) {
        return candidate.species().hazards().stream()
                .map(hazard -> Finding.of(RULE, Severity.CAREFUL, hazard.sentence(), hazard.from(), List.of()))
                .toList();
    }
}
