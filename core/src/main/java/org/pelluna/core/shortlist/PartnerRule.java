package org.pelluna.core.shortlist;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.pelluna.core.finding.Figure;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Sentence;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.species.Invertebrate;
import org.pelluna.core.species.Invertebrates;
import org.pelluna.core.units.Quantity;
import org.pelluna.core.watch.CrewCount;
import org.pelluna.core.watch.CrewPlan;
import org.pelluna.core.watch.Observations;

/** Which of the invertebrates that were put in by name lives with it, and which would catch it? */
final class PartnerRule implements ShortlistRule {
    private static final String RULE = "partner";

    @Override
    public String key() {
        return RULE;
    }

    @Override
    public String question() {
        return "Does a shrimp or an anemone here help it, or catch it?";
    }

    @Override
    public List<Finding> judge(Candidate candidate) {
        List<Finding> findings = new ArrayList<>();
        Observations seen = candidate.stock().plan().observations();
        List<Invertebrate> here = kinds(seen.crew().stream().map(CrewCount::name));
        here.forEach(kind -> judge(candidate, kind, "Your ").ifPresent(findings::add));
        kinds(seen.crewPlans().stream().map(CrewPlan::name)).stream()
                .filter(kind -> !here.contains(kind))
                .forEach(kind -> judge(candidate, kind, "The planned ").ifPresent(findings::add));
        return findings;
    }

    private static List<Invertebrate> kinds(Stream<String> names) {
        return names.distinct()
                .map(Invertebrates::called)
                .flatMap(Optional::stream)
                .distinct()
                .toList();
    }

    private static Optional<Finding> judge(Candidate candidate, Invertebrate kind, String whose) {
        String name = whose + kind.commonName().toLowerCase(java.util.Locale.ROOT);
        if (kind.isPartnerOf(candidate.species())) {
            return Optional.of(Finding.of(RULE, Severity.BENEFIT, name + " can live with it.", kind.from(), List.of()));
        }
        double cm = candidate.fish().lengthCmOn(candidate.today());
        return kind.eatsFishBelowCm()
                .filter(below -> cm < below)
                .map(below -> Finding.of(
                        RULE,
                        Severity.CAREFUL,
                        Sentence.of(
                                name + " can catch a fish under ",
                                Quantity.cm(below),
                                "; it arrives with ",
                                Quantity.cm(cm),
                                "."),
                        kind.from(),
                        List.of(new Figure("catches fish shorter than", below, "cm", kind.from()))));
    }
}
