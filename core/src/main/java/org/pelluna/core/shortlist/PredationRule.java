package org.pelluna.core.shortlist;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.pelluna.core.finding.Figure;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.finding.Sentence;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.pressure.Predation;
import org.pelluna.core.units.Quantity;

/** Who fits in whose mouth, now or after growing? */
final class PredationRule implements ShortlistRule {
    private static final String RULE = "predation";

    private static final Set<String> CLEANERS = Set.of("Elacatinus", "Labroides");
    private static final Set<String> SPARING = Set.of("Muraenidae", "Serranidae", "Lutjanidae", "Haemulidae");

    @Override
    public String key() {
        return RULE;
    }

    @Override
    public String question() {
        return "Who can swallow whom?";
    }

    @Override
    public List<Finding> judge(Candidate candidate) {
        List<Finding> findings = new ArrayList<>();
        for (Fish resident : candidate.stock().residents()) {
            judge(candidate, candidate.fish(), resident).ifPresent(findings::add);
            judge(candidate, resident, candidate.fish()).ifPresent(findings::add);
        }
        return findings;
    }

    /** Cleaners at work: most groupers, snappers and morays leave them alone; those that lie in wait do not (common practice). */
    private static boolean isSpared(Fish predator, Fish prey) {
        return CLEANERS.contains(prey.species().genus())
                && SPARING.contains(predator.species().family());
    }

    private static Optional<Finding> judge(Candidate candidate, Fish predator, Fish prey) {
        return Predation.between(predator, prey, candidate.today()).map(meal -> {
            Finding finding = Finding.of(
                    RULE,
                    isSpared(predator, prey) ? Severity.CAREFUL : Severity.STOP,
                    predator.name() + " can swallow " + prey.name() + meal.when(candidate.today()) + ".",
                    Provenance.PRACTICE,
                    List.of(
                            predator.species().gape().figure("gape, as a share of its length", ""),
                            Figure.measured("largest fish it can swallow that day", meal.largestPreyCm(), "cm"),
                            Figure.measured("length of the other that day", meal.preyCm(), "cm")));
            double safe = Predation.safeCm(predator, prey);
            return prey.equals(candidate.fish())
                            && safe < prey.species().size().adultCm().value()
                    ? finding.remedy(Sentence.of("Buy one of ", Quantity.wholeCm(Math.ceil(safe)), " or more."))
                    : finding;
        });
    }
}
