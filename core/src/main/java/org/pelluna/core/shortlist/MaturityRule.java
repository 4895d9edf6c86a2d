package org.pelluna.core.shortlist;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.pelluna.core.finding.Figure;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.plan.Cycle;
import org.pelluna.core.species.Sourced;
import org.pelluna.core.units.Numbers;

/** Is the cycle finished, and is the tank old enough for this fish? */
final class MaturityRule implements ShortlistRule {
    private static final String RULE = "maturity";
    private static final String REMEDY =
            "Test ammonia and nitrite. When both have risen and fallen to zero, enter the tests.";

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
        LocalDate cycledOn = candidate.tank().cycledOn().orElseThrow();
        Sourced needed = candidate.species().needs().maturityMonths();
        LocalDate readyOn = cycledOn.plusMonths((long) needed.value());
        double age = candidate.tank().ageMonths(candidate.today()).orElse(0);
        List<Figure> figures =
                List.of(needed.figure("age of tank needed", "months"), Figure.measured("age of tank", age, "months"));
        if (readyOn.isAfter(candidate.today())) {
            Optional<Cycle> cycle = candidate.stock().cycle().filter(one -> one.isGoingOn(candidate.today()));
            Finding wait = Finding.of(
                            RULE,
                            Severity.WAIT,
                            cycle.map(one -> cycling(one, needed)).orElseGet(() -> young(candidate, needed, readyOn)),
                            cycle.isPresent() ? Provenance.PRACTICE : needed.from(),
                            figures)
                    .until(readyOn);
            return List.of(cycle.isPresent() ? wait.remedy(REMEDY) : wait);
        }
        return needed.value() == 0
                ? List.of()
                : List.of(Finding.of(
                        RULE,
                        Severity.FINE,
                        "The tank is old enough: " + Numbers.count(Math.round(age), "month") + "; it needs "
                                + Numbers.plain(needed.value(), 0) + ".",
                        needed.from(),
                        figures));
    }

    private static String cycling(Cycle cycle, Sourced needed) {
        return "The tank is still cycling, probably until " + cycle.endsOn()
                + ". Ammonia and nitrite must rise and fall to zero first."
                + (needed.value() == 0
                        ? ""
                        : " This fish then needs a tank " + Numbers.count((long) needed.value(), "month") + " older.");
    }

    private static String young(Candidate candidate, Sourced needed, LocalDate readyOn) {
        if (candidate.tank().cycledOn().orElseThrow().isAfter(candidate.today()) && needed.value() == 0) {
            return "Wait until " + candidate.tank().cycledOn().orElseThrow() + ": the cycle ends then.";
        }
        return "Wait until " + readyOn + ": it needs a settled tank " + Numbers.count((long) needed.value(), "month")
                + " old, with its food grown.";
    }
}
