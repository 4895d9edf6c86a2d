package org.pelluna.core.shortlist;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.pelluna.core.finding.Figure;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.Life;
import org.pelluna.core.species.SocialGrouping;

/** Do its sex and those of its kind here go together? Asked only where both are known, or where a pair lives here. */
final class SexRule implements ShortlistRule {
    private static final String RULE = "sex";

    @Override
    public String key() {
        return RULE;
    }

    @Override
    public String question() {
        return "Do the sexes go together?";
    }

    @Override
    public List<Finding> judge(Candidate candidate) {
        List<Fish> kin = candidate.stock().residents().stream()
                .filter(fish -> fish.species().id().equals(candidate.species().id()))
                .toList();
        List<Fish> pair = kin.stream()
                .filter(fish -> fish.known()
                        .bond()
                        .filter(bond -> bond.kind() == Life.Bond.PAIR)
                        .isPresent())
                .toList();
        if (!pair.isEmpty()) {
            return List.of(finding(candidate, Severity.STOP, names(pair) + " are a pair and attack a third.", kin)
                    .remedy("Leave the pair alone."));
        }
        Optional<Life.Sex> sex = candidate.fish().known().sex();
        return sex.isEmpty() ? List.of() : judge(candidate, sex.get(), kin);
    }

    private static List<Finding> judge(Candidate candidate, Life.Sex sex, List<Fish> kin) {
        boolean changesToFemale = candidate.species().company().sexChange() == SocialGrouping.SexChange.MALE_TO_FEMALE;
        boolean isMale = sex.isMale();
        List<Fish> males = of(kin, true);
        List<Fish> females = of(kin, false);
        if (isMale && !males.isEmpty() && !changesToFemale) {
            return List.of(finding(
                            candidate,
                            Severity.STOP,
                            names(males) + (males.size() == 1 ? " is" : " are")
                                    + " male already: two males fight until one is dead or out.",
                            kin)
                    .remedy("Look for a female."));
        }
        if (sex == Life.Sex.FEMALE && !females.isEmpty() && changesToFemale) {
            return List.of(finding(
                            candidate,
                            Severity.STOP,
                            names(females) + (females.size() == 1 ? " is" : " are")
                                    + " female already and cannot change back: two fight.",
                            kin)
                    .remedy("Look for a smaller one that is still male or a juvenile."));
        }
        boolean canPair = (isMale && !females.isEmpty()) || (sex == Life.Sex.FEMALE && !males.isEmpty());
        return canPair
                ? List.of(finding(
                        candidate,
                        Severity.FINE,
                        "It is " + sex.words() + ", and " + names(isMale ? females : males)
                                + (isMale ? " female" : " male") + ": they can live together.",
                        kin))
                : List.of();
    }

    private static List<Fish> of(List<Fish> kin, boolean male) {
        return kin.stream()
                .filter(fish -> fish.known()
                        .sex()
                        .filter(sex -> male ? sex.isMale() : sex == Life.Sex.FEMALE)
                        .isPresent())
                .toList();
    }

    private static String names(List<Fish> fish) {
        return fish.stream().map(Fish::name).collect(Collectors.joining(" and "));
    }

    private static Finding finding(Candidate candidate, Severity severity, String sentence, List<Fish> kin) {
        return Finding.of(
                RULE,
                severity,
                sentence,
                candidate.species().company().from(),
                List.of(Figure.measured("of its species here", kin.size(), "")));
    }
}
