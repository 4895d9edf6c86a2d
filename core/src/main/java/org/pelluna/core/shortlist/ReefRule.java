package org.pelluna.core.shortlist;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.pelluna.core.finding.Figure;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.finding.Sentence;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.species.ReefStance;
import org.pelluna.core.tank.AnimalGroup;
import org.pelluna.core.units.Quantity;

/** What will it do to the corals, shrimps, snails and others kept here? Asked group by group. */
final class ReefRule implements ShortlistRule {
    private static final String RULE = "reef";

    @Override
    public String key() {
        return RULE;
    }

    @Override
    public String question() {
        return "What will it do to corals, shrimps and snails?";
    }

    @Override
    public List<Finding> judge(Candidate candidate) {
        Map<AnimalGroup, Double> holdings = candidate.tank().holdings();
        List<Finding> findings = new ArrayList<>();
        holdings.forEach((group, smallestCm) -> {
            ReefStance stance = candidate.species().reef().get(group);
            if (stance != null && stance.conduct() != ReefStance.Conduct.LEAVES_ALONE) {
                findings.add(judge(group, smallestCm, stance));
            }
        });
        if (findings.isEmpty() && !holdings.isEmpty()) {
            findings.add(Finding.of(
                    RULE,
                    Severity.FINE,
                    "It leaves your corals and other animals alone.",
                    Provenance.PRACTICE,
                    List.of()));
        }
        return findings;
    }

    private static Finding judge(AnimalGroup group, double smallestCm, ReefStance stance) {
        boolean takes = stance.conduct() == ReefStance.Conduct.TAKES;
        Figure smallest = Figure.measured("smallest of your " + group.words(), smallestCm, "cm");
        if (stance.belowCm().isEmpty()) {
            return takes
                    ? Finding.of(
                                    RULE,
                                    Severity.STOP,
                                    "It will sooner or later eat your " + group.words() + ".",
                                    stance.from(),
                                    List.of())
                            .remedy("Keep it only in a tank without them.")
                    : Finding.of(
                            RULE,
                            Severity.CAREFUL,
                            "Some nip at " + group.words() + "; others never do.",
                            stance.from(),
                            List.of());
        }
        double below = stance.belowCm().get();
        List<Figure> figures = List.of(smallest, new Figure("takes those shorter than", below, "cm", stance.from()));
        if (smallestCm >= below) {
            return Finding.of(
                    RULE,
                    takes ? Severity.CAREFUL : Severity.FINE,
                    Sentence.of(
                            "Your " + group.words() + " are too big for it: it eats those under ",
                            Quantity.cm(below),
                            ", yours are ",
                            Quantity.cm(smallestCm),
                            "."),
                    stance.from(),
                    figures);
        }
        return Finding.of(
                        RULE,
                        takes ? Severity.STOP : Severity.CAREFUL,
                        Sentence.of(
                                "It " + (takes ? "eats " : "may pick at ") + group.words() + " under ",
                                Quantity.cm(below),
                                "; your smallest are ",
                                Quantity.cm(smallestCm),
                                "."),
                        stance.from(),
                        figures)
                .remedy(Sentence.of("Keep only " + group.words() + " of ", Quantity.cm(below), " and more."));
    }
}
