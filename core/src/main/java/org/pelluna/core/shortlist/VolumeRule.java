package org.pelluna.core.shortlist;

import java.util.List;
import org.pelluna.core.finding.Figure;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Sentence;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.species.Sourced;
import org.pelluna.core.units.Quantity;

/** Is there enough water for the adult? */
final class VolumeRule implements ShortlistRule {
    private static final String RULE = "volume";

    @Override
    public String key() {
        return RULE;
    }

    @Override
    public String question() {
        return "Is there water enough for the adult?";
    }

    @Override
    public List<Finding> judge(Candidate candidate) {
        double net = candidate.tank().netWater().litres();
        Sourced needed = candidate.species().needs().volumeLitres();
        List<Figure> figures = List.of(needed.figure("water for life", "L"), Figure.measured("net water", net, "L"));
        double adult = candidate.species().size().adultCm().value();
        if (net < needed.value()) {
            Finding tooSmall = Finding.of(
                    RULE,
                    Severity.STOP,
                    Sentence.of(
                            "Grown to ",
                            Quantity.cm(adult),
                            " it wants ",
                            Quantity.litres(needed.value()),
                            " of water; this tank has ",
                            Quantity.litres(net),
                            "."),
                    needed.from(),
                    figures);
            return List.of(tooSmall.remedy(Sentence.of(
                    "It needs ", Quantity.litres(needed.value() - net), " more net water than this tank has.")));
        }
        return List.of(Finding.of(
                RULE,
                Severity.FINE,
                Sentence.of(
                        "Its adult size wants ",
                        Quantity.litres(needed.value()),
                        "; this tank has ",
                        Quantity.litres(net),
                        "."),
                needed.from(),
                figures));
    }
}
