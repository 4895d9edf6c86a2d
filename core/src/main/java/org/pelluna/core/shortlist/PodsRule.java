package org.pelluna.core.shortlist;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.pelluna.core.finding.Figure;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Sentence;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.species.Sourced;
import org.pelluna.core.tank.NaturalFood;
import org.pelluna.core.units.Numbers;
import org.pelluna.core.units.Quantity;

/** Has the tank grown the live pods it lives on, and can it keep growing them? */
final class PodsRule implements ShortlistRule {
    private static final String RULE = "pods";
    private static final List<Sentence> SCHOOLS = List.of(
            Sentence.of("Live pods only: wait, and grow them in a refugium."),
            Sentence.of("Captive-bred and already eating frozen food: sooner, if you saw it eat."));

    @Override
    public String key() {
        return RULE;
    }

    @Override
    public String question() {
        return "Are there pods for it?";
    }

    @Override
    public List<Finding> judge(Candidate candidate) {
        Sourced months = candidate.species().needs().podsMonths();
        Optional<LocalDate> cycledOn = candidate.tank().cycledOn();
        if (months.value() <= 0 || cycledOn.isEmpty()) {
            return List.of();
        }
        LocalDate grownOn = cycledOn.get().plusMonths((long) months.value());
        double refugium = candidate.tank().refugiumLitres();
        List<Figure> figures =
                List.of(months.figure("months to grow pods", "months"), Figure.measured("refugium", refugium, "L"));
        if (grownOn.isAfter(candidate.today())) {
            return List.of(Finding.of(
                            RULE,
                            Severity.WAIT,
                            "Wait until " + grownOn + ": it eats live pods, and a tank needs "
                                    + Numbers.count((long) months.value(), "month") + " to grow them.",
                            months.from(),
                            figures)
                    .until(grownOn)
                    .approaches(SCHOOLS));
        }
        Optional<NaturalFood.Pods> seen = candidate.tank().larder().pods();
        if (seen.filter(pods -> pods == NaturalFood.Pods.NONE).isPresent()) {
            return List.of(Finding.of(
                            RULE,
                            Severity.STOP,
                            "It eats live pods, and you saw none in this tank at night.",
                            months.from(),
                            figures)
                    .remedy("Add pods, let them breed with no fish hunting them, and look again at night.")
                    .approaches(SCHOOLS));
        }
        return List.of(Finding.of(
                        RULE,
                        refugium > 0 ? Severity.FINE : Severity.CAREFUL,
                        refugium > 0
                                ? Sentence.of(
                                        "It eats live pods, and your refugium of ",
                                        Quantity.litres(refugium),
                                        " grows them.")
                                : Sentence.of(
                                        "It eats live pods; without a refugium it eats them faster than they grow."),
                        months.from(),
                        figures)
                .approaches(SCHOOLS));
    }
}
