package org.pelluna.core.shortlist;

import java.util.List;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Severity;

/** What would it do for the tank? */
final class BenefitRule implements ShortlistRule {
    private static final String RULE = "benefit";

    @Override
    public String key() {
        return RULE;
    }

    @Override
    public String question() {
        return "What good does it do?";
    }

    @Override
    public List<Finding> judge(Candidate candidate) {
        return candidate.species().benefits().stream()
                .map(benefit ->
                        Finding.of(RULE, Severity.BENEFIT, "It " + benefit.what() + ".", benefit.from(), List.of()))
                .toList();
    }
}
