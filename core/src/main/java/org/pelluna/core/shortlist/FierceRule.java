package org.pelluna.core.shortlist;

import java.util.List;
import org.pelluna.core.finding.Figure;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.species.Temperament;

/** Will it let others come after it? Asked of what it is to fish of all kinds: in an empty tank nobody is attacked yet. */
final class FierceRule implements ShortlistRule {
    private static final String RULE = "fierce";

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
        return temper.turn() == Temperament.Turn.ANY
                ? List.of()
                : List.of(Finding.of(
                                RULE,
                                Severity.CAREFUL,
                                temper.turn() == Temperament.Turn.LAST
                                        ? "It attacks almost every fish that arrives after it."
                                        : "It attacks many of the fish that arrive after it.",
                                temper.from(),
                                List.of(
                                        new Figure(
                                                "temperament toward later arrivals",
                                                temper.towardLater(),
                                                "of 1",
                                                temper.from()),
                                        new Figure(
                                                "temperament toward all others",
                                                temper.toward().others(),
                                                "of 1",
                                                temper.from()),
                                        new Figure(
                                                "how much being first emboldens it",
                                                temper.newcomers(),
                                                "of 1",
                                                temper.from())))
                        .remedy("Add it last, with fish that can defend themselves."));
    }
}
