package org.pelluna.core.shortlist;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.pelluna.core.finding.Figure;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.species.Sourced;
import org.pelluna.core.units.Numbers;

/** Is the cycle finished, and is the tank old enough for this fish? */
final class MaturityRule implements ShortlistRule {
    private static final String RULE = "maturity";

    @Override
    public String key() {
        return RULE;
    }

    @Override
    public String question() {
        return "Is the tank old enough?";
    }

    @Override
    public List<Finding> judge(Candidate candidate) {
        Optional<LocalDate> cycledOn = candidate.tank().cycledOn();
        if (cycledOn.isEmpty()) {
            return List.of(Finding.of(
                            RULE,
                            Severity.WAIT,
                            "The tank is still cycling: no fish before ammonia and nitrite have come and gone.",
                            Provenance.PRACTICE,
                            List.of())
                    .remedy("Enter the day the cycle is finished in the tank's profile."));
        }
        Sourced needed = candidate.species().needs().maturityMonths();
        LocalDate readyOn = cycledOn.get().plusMonths((long) needed.value());
        double age = candidate.tank().ageMonths(candidate.today()).orElse(0);
        List<Figure> figures =
                List.of(needed.figure("age of tank wanted", "months"), Figure.measured("age of tank", age, "months"));
        if (readyOn.isAfter(candidate.today())) {
            String reason = needed.value() == 0
                    ? "The cycle is due to be finished on " + readyOn + "."
                    : "It wants a tank that has grown its food and settled for " + Numbers.plain(needed.value(), 0)
                            + " months; this one is " + Numbers.plain(age, 0) + " months old.";
            return List.of(Finding.of(RULE, Severity.WAIT, reason, needed.from(), figures)
                    .until(readyOn));
        }
        return needed.value() == 0
                ? List.of()
                : List.of(Finding.of(
                        RULE,
                        Severity.FINE,
                        "It wants a tank of " + Numbers.plain(needed.value(), 0) + " months; this one is "
                                + Numbers.plain(age, 0) + " months old.",
                        needed.from(),
                        figures));
    }
}
