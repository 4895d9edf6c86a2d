package org.pelluna.core.shortlist;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.pelluna.core.finding.Figure;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.finding.Sentence;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.plan.Approaches;
import org.pelluna.core.species.Species;
import org.pelluna.core.units.Quantity;

/**
 * Can the adult turn and travel? The clear swim is held against the length its kind wants, and, for fish that cruise or
 * roam, against so many of their own lengths. What lies in wait, perches or lives in a hole asks for floor instead
 * ({@link FloorRule}).
 */
final class SwimRule implements ShortlistRule {
    private static final String RULE = "swim-length";

    @Override
    public String key() {
        return RULE;
    }

    @Override
    public String question() {
        return "Can the adult swim far enough?";
    }

    @Override
    public List<Finding> judge(Candidate candidate) {
        Species species = candidate.species();
        double swim = candidate.tank().swimCm();
        if (species.habits().isResting()) {
            return List.of();
        }
        double lengths = candidate.rules().capacity().bodyLengthsToSwim();
        double wantsGrown = species.swimWantedCm(species.size().adultCm().value(), lengths);
        double wantsLargest = species.swimWantedCm(species.size().maximumCm().value(), lengths);
        List<Figure> figures = List.of(
                new Figure(
                        "swimming length an adult needs",
                        wantsGrown,
                        "cm",
                        species.needs().swimCm().from()),
                Figure.measured("swimming length here", swim, "cm"),
                species.size().adultCm().figure("adult length in tanks", "cm"),
                species.size().maximumCm().figure("longest known", "cm"));
        if (swim < wantsGrown && swim >= Species.Needs.NEARLY_SWIM * wantsGrown) {
            return List.of(nearly(swim, wantsGrown, figures));
        }
        if (swim < wantsGrown) {
            return List.of(tooShort(candidate, swim, wantsGrown, figures));
        }
        if (swim < wantsLargest) {
            return List.of(Finding.of(
                            RULE,
                            Severity.CAREFUL,
                            Sentence.of(
                                    "Long enough for its usual adult size; the longest known would need ",
                                    Quantity.wholeCm(wantsLargest),
                                    " to swim, and this tank has ",
                                    Quantity.wholeCm(swim),
                                    "."),
                            Provenance.PRACTICE,
                            figures)
                    .approaches(List.of(
                            Sentence.of("Plan for the longest known: no."),
                            Sentence.of("Plan for what adults usually reach in tanks: yes."))));
        }
        return List.of(Finding.of(
                RULE,
                Severity.FINE,
                Sentence.of(
                        "Long enough: it needs ",
                        Quantity.wholeCm(wantsGrown),
                        " to swim and has ",
                        Quantity.wholeCm(swim),
                        "."),
                species.needs().swimCm().from(),
                figures));
    }

    private static Finding nearly(double swim, double wants, List<Figure> figures) {
        return Finding.of(
                RULE,
                Severity.CAREFUL,
                Sentence.of(
                        "Slightly too short: an adult needs ",
                        Quantity.wholeCm(wants),
                        " to swim, and this tank has ",
                        Quantity.wholeCm(swim),
                        ". The rule is rough."),
                Provenance.PRACTICE,
                figures);
    }

    private static Finding tooShort(Candidate candidate, double swim, double wants, List<Figure> figures) {
        Finding finding = Finding.of(
                        RULE,
                        Severity.STOP,
                        Sentence.of(
                                "Too short: an adult needs ",
                                Quantity.wholeCm(wants),
                                " to swim, and this tank has ",
                                Quantity.wholeCm(swim),
                                "."),
                        Provenance.PRACTICE,
                        figures)
                .remedy(Sentence.of("Keep it in a tank with ", Quantity.wholeCm(wants), " or more to swim."));
        double outgrownAtCm = candidate.species().size().adultCm().value() * swim / wants;
        Optional<LocalDate> outgrown = candidate.fish().growth().reaches(outgrownAtCm);
        if (candidate.rules().approaches().bigFish() == Approaches.BigFish.JUVENILE
                && outgrown.filter(day -> day.isAfter(candidate.today())).isPresent()) {
            finding = Finding.of(
                            RULE,
                            Severity.CAREFUL,
                            Sentence.of(
                                    finding.reason(),
                                    " It has room until about " + outgrown.get() + ", at ",
                                    Quantity.cm(outgrownAtCm),
                                    "."),
                            Provenance.PRACTICE,
                            figures)
                    .remedy("Decide today where it will go, and write it down.");
        }
        return finding.approaches(List.of(
                Sentence.of("By adult size from day one: no."),
                outgrown.filter(day -> day.isAfter(candidate.today()))
                        .map(day -> Sentence.of(
                                "Bought young, it outgrows this tank about " + day + ", at ",
                                Quantity.cm(outgrownAtCm),
                                "."))
                        .orElse(Sentence.of("A juvenile now, moved on later: no, it is too long already."))));
    }
}
