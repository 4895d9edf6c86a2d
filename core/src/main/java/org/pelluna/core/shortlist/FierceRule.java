package org.pelluna.core.shortlist;

import java.util.List;
import org.pelluna.core.finding.Figure;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.species.Temperament;

/** Will it let others come after it? Asked of what it is to fish of all kinds: in an empty tank nobody is attacked yet. */
final class FierceRule implements ShortlistRule {
    private static final String RULE = "fierce";

    /** Temper toward all others from which whatever comes later is met hard; ours. */
    private static final double HARD_ON_ALL = 0.5;

    @Override
    public String key() {
        return RULE;
    }

    @Override
    public String question() {
        return "Does it attack fish that arrive later?";
    }

    @Override
    public List<Finding> judge(Candidate candidate) {
        Temperament temper = candidate.species().temper();
        double others = temper.toward().others();
        return others < HARD_ON_ALL
                ? List.of()
                : List.of(Finding.of(
                                RULE,
                                Severity.CAREFUL,
                                "It attacks almost every fish that arrives after it.",
                                temper.from(),
                                List.of(new Figure("temperament toward all others", others, "of 1", temper.from())))
                        .remedy("Add it last, with fish that can defend themselves."));
    }
}
