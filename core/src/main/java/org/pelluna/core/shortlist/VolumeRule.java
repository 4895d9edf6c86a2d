package org.pelluna.core.shortlist;

import java.util.List;
import java.util.Optional;
import org.pelluna.core.finding.Figure;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Sentence;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.forecast.Future;
import org.pelluna.core.forecast.Outgrown;
import org.pelluna.core.plan.Approaches;
import org.pelluna.core.species.Sourced;
import org.pelluna.core.species.Species;
import org.pelluna.core.units.Quantity;

/** Is there enough water for the adult? */
final class VolumeRule implements ShortlistRule {
    private static final String RULE = "volume";

    /** Water that hardly any tank at home holds: a fish that wants more has nowhere to move on to; common practice. */
    private static final double MOST_AT_HOME_LITRES = 4000;

    @Override
    public String key() {
        return RULE;
    }

    @Override
    public String question() {
        return "Is there enough water for the adult?";
    }

    @Override
    public List<Finding> judge(Candidate candidate) {
        double net = candidate.tank().netWater().litres();
        Sourced needed = candidate.species().needs().volumeLitres();
        List<Figure> figures =
                List.of(needed.figure("water an adult needs", "L"), Figure.measured("net water", net, "L"));
        if (net < needed.value() && net >= Species.Needs.NEARLY_WATER * needed.value()) {
            return List.of(nearly(needed, net, figures));
        }
        if (net < needed.value()) {
            Finding tooSmall =
                    Finding.of(RULE, Severity.STOP, needs("Too little water", needed, net), needed.from(), figures);
            if (needed.value() > MOST_AT_HOME_LITRES) {
                return List.of(Finding.of(
                                RULE,
                                Severity.STOP,
                                Sentence.of("Do not buy it: almost no home tank can hold an adult."),
                                needed.from(),
                                figures)
                        .remedy("Choose another fish."));
            }
            return List.of(young(
                    candidate,
                    tooSmall.remedy(Sentence.of("Add ", Quantity.litres(needed.value() - net), " of net water."))));
        }
        return List.of(Finding.of(
                RULE,
                Severity.FINE,
                Sentence.of(
                        "Enough water: an adult needs ",
                        Quantity.litres(needed.value()),
                        ", and this tank has ",
                        Quantity.litres(net),
                        "."),
                needed.from(),
                figures));
    }

    private static Sentence needs(String verdict, Sourced needed, double net) {
        return Sentence.of(
                verdict + ": an adult needs ",
                Quantity.litres(needed.value()),
                ", and this tank has ",
                Quantity.litres(net),
                ".");
    }

    private static Finding nearly(Sourced needed, double net, List<Figure> figures) {
        return Finding.of(
                        RULE,
                        Severity.CAREFUL,
                        Sentence.of(needs("Slightly too little water", needed, net), " The rule is rough."),
                        needed.from(),
                        figures)
                .approaches(List.of(
                        Sentence.of("By net water: no."), Sentence.of("By tank size, as tables list it: yes.")));
    }

    /** Where a keeper buys young fish with a dated plan to move them on, one that has water enough for a while is no stop. */
    private static Finding young(Candidate candidate, Finding tooSmall) {
        Optional<Outgrown> outgrown = Future.outgrown(candidate.fish(), candidate.tank(), candidate.rules())
                .filter(one -> one.on().isAfter(candidate.today()));
        Sentence until = outgrown.map(one -> Sentence.of(
                        "Bought young, it outgrows this tank about " + one.on() + ", at ",
                        Quantity.cm(one.atCm()),
                        "."))
                .orElse(Sentence.of("A juvenile now, moved on later: no, it is too large already."));
        Sentence room = outgrown.map(one ->
                        Sentence.of(" It has room until about " + one.on() + ", at ", Quantity.cm(one.atCm()), "."))
                .orElse(Sentence.of());
        Finding either = tooSmall.approaches(List.of(Sentence.of("By adult size from day one: no."), until));
        return outgrown.isPresent() && candidate.rules().approaches().bigFish() == Approaches.BigFish.JUVENILE
                ? Finding.of(
                                RULE,
                                Severity.CAREFUL,
                                Sentence.of(tooSmall.reason(), room),
                                tooSmall.provenance(),
                                tooSmall.figures())
                        .remedy("Decide today where it will go, and write it down.")
                        .approaches(either.approaches())
                : either;
    }
}
