package org.pelluna.core.shortlist;

import java.util.List;
import java.util.Optional;
import org.pelluna.core.finding.Figure;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.plan.Approaches;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.pressure.Predation;
import org.pelluna.core.pressure.Rivalry;
import org.pelluna.core.species.Habits.Pace;
import org.pelluna.core.species.Species;

/** What two fish of different species would be to one another: a meal, rivals, or unequal at the table. */
public final class PairCheck {
    private static final String RULE = "wishes-together";

    private PairCheck() {}

    /** What speaks hardest against the two beside one another; empty if nothing does. */
    public static Optional<Finding> of(ResolvedPlan stock, Fish one, Fish other) {
        return meal(stock, one, other)
                .or(() -> meal(stock, other, one))
                .or(() -> rivals(stock, one.species(), other.species()))
                .or(() -> table(one.species(), other.species()))
                .or(() -> table(other.species(), one.species()));
    }

    /** One takes a morsel at a time beside one that takes all it can. */
    private static Optional<Finding> table(Species slow, Species fast) {
        return slow.habits().pace() == Pace.SIPS && fast.habits().pace() == Pace.GREEDY
                ? Optional.of(Finding.of(
                                RULE,
                                Severity.CAREFUL,
                                slow.commonName() + " may go hungry: it eats slowly and " + fast.commonName()
                                        + " eats fast.",
                                Provenance.PRACTICE,
                                List.of())
                        .remedy("Keep only one of them, or use two tanks."))
                : Optional.empty();
    }

    private static Optional<Finding> rivals(ResolvedPlan stock, Species one, Species other) {
        return Rivalry.between(one, other).map(rivalry -> {
            Approaches.Kin approach = stock.plan().houseRules().approaches().kin();
            if (Clownfish.exclude(one, other, stock.plan().tank().netWater().litres())) {
                return Finding.of(
                                RULE,
                                Severity.STOP,
                                one.commonName() + " and " + other.commonName()
                                        + " are two kinds of clownfish: one pair will kill the other.",
                                Provenance.PRACTICE,
                                List.of())
                        .remedy("Keep one kind of clownfish only.");
            }
            return Finding.of(
                            RULE,
                            approach == Approaches.Kin.NEVER ? Severity.STOP : Severity.CAREFUL,
                            one.commonName() + " and " + other.commonName() + " are rivals: " + rivalry.reason() + ".",
                            Provenance.PRACTICE,
                            List.of())
                    .remedy(
                            approach == Approaches.Kin.NEVER
                                    ? "Your approach allows only one of them: drop the other."
                                    : "Let both arrive on one day, or drop one of them.");
        });
    }

    private static Optional<Finding> meal(ResolvedPlan stock, Fish eater, Fish prey) {
        return Predation.between(eater, prey, stock.plan().asOf())
                .map(meal -> Finding.of(
                        RULE,
                        Severity.STOP,
                        eater.species().commonName() + " can swallow "
                                + prey.species().commonName()
                                + meal.when(stock.plan().asOf()) + ".",
                        Provenance.PRACTICE,
                        List.of(
                                Figure.measured("largest fish it can swallow that day", meal.largestPreyCm(), "cm"),
                                Figure.measured("length of the other that day", meal.preyCm(), "cm"))));
    }
}
