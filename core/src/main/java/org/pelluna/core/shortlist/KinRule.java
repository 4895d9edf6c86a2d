package org.pelluna.core.shortlist;

import java.util.List;
import java.util.Optional;
import org.pelluna.core.finding.Figure;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.finding.Sentence;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.plan.Approaches.Kin;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.units.Quantity;

/** Do rivals of its genus live here already, and what does the chosen approach say? */
final class KinRule implements ShortlistRule {
    private static final String RULE = "kin";

    /** Temper toward the genus from which a fish counts as a rival of its own kind. */
    private static final double HARSH = 0.8;

    /** Water from which several rivals dilute their quarrels; common practice. */
    private static final double LARGE_LITRES = 1000;

    @Override
    public String key() {
        return RULE;
    }

    @Override
    public String question() {
        return "Do close relatives already live here?";
    }

    @Override
    public List<Finding> judge(Candidate candidate) {
        Optional<Fish> otherClownfish = candidate.stock().residents().stream()
                .filter(fish -> Clownfish.exclude(
                        fish.species(),
                        candidate.species(),
                        candidate.tank().netWater().litres()))
                .findFirst();
        if (otherClownfish.isPresent()) {
            return List.of(Finding.of(
                            RULE,
                            Severity.STOP,
                            otherClownfish.get().name()
                                    + " is a clownfish of another kind: one of them will kill the other.",
                            Provenance.PRACTICE,
                            List.of())
                    .remedy("Keep one kind of clownfish only."));
        }
        List<Fish> kin = candidate.stock().residents().stream()
                .filter(fish ->
                        fish.species().genus().equals(candidate.species().genus()))
                .filter(fish -> !fish.species().id().equals(candidate.species().id()))
                .filter(fish -> fish.species().temper().toward().genus() >= HARSH)
                .toList();
        if (kin.isEmpty()) {
            return List.of();
        }
        double litres = candidate.tank().netWater().litres();
        boolean crowd = litres >= LARGE_LITRES && kin.size() >= 2;
        Kin approach = candidate.rules().approaches().kin();
        String names = String.join(", ", kin.stream().map(Fish::name).toList());
        Finding finding = Finding.of(
                RULE,
                approach == Kin.NEVER
                        ? Severity.STOP
                        : approach == Kin.CROWD && crowd ? Severity.FINE : Severity.CAREFUL,
                names
                        + (kin.size() == 1
                                ? " is a close relative and already lives here."
                                : " are close relatives and already live here."),
                Provenance.PRACTICE,
                List.of(
                        Figure.measured("close relatives here", kin.size(), ""),
                        Figure.measured("net water", litres, "L")));
        return List.of(finding.approaches(List.of(
                        Sentence.of("By “never”: no."),
                        Sentence.of("By “same day only”: take " + names + " out and return "
                                + (kin.size() == 1 ? "it" : "them") + " together with the newcomer."),
                        Sentence.of(
                                "By “several”: " + (crowd ? "yes" : "no") + ", " + (kin.size() + 1) + " rivals in ",
                                Quantity.litres(litres),
                                "; three or more in ",
                                Quantity.litres(LARGE_LITRES),
                                " or more spread the attacks.")))
                .remedy("Use a box, add new rock, or let them arrive together."));
    }
}
