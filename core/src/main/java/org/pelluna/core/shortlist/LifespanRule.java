package org.pelluna.core.shortlist;

import java.util.List;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.species.Sourced;
import org.pelluna.core.units.Numbers;

/** How long a commitment is it? */
final class LifespanRule implements ShortlistRule {
    private static final String RULE = "lifespan";

    private static final double LONG_YEARS = 20;

    @Override
    public String key() {
        return RULE;
    }

    @Override
    public String question() {
        return "How long does it live?";
    }

    @Override
    public List<Finding> judge(Candidate candidate) {
        Sourced years = candidate.species().growth().lifespanYears();
        String sentence = "It can live " + Numbers.plain(years.value(), 0) + " years";
        return List.of(Finding.of(
                RULE,
                Severity.FINE,
                sentence + (years.value() >= LONG_YEARS ? ": plan who will take it after you." : "."),
                years.from(),
                List.of(years.figure(RULE, "years"))));
    }
}
