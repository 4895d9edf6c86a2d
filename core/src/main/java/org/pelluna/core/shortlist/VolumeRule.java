package org.pelluna.core.shortlist;

import java.util.List;
import org.pelluna.core.finding.Figure;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Stance;
import org.pelluna.core.species.Sourced;
import org.pelluna.core.units.Numbers;

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
        String adult = Numbers.plain(candidate.species().size().adultCm().value());
        if (net < needed.value()) {
            Finding short_ = Finding.of(
                    RULE,
                    Stance.STOP,
                    "Grown to " + adult + "\u00a0cm it wants " + Numbers.plain(needed.value(), 0)
                            + "\u00a0L of water; this tank has " + Numbers.plain(net, 0) + "\u00a0L.",
                    needed.from(),
                    figures);
            return List.of(short_.remedy("It needs " + Numbers.plain(needed.value() - net, 0)
                    + "\u00a0L more net water than this tank has."));
        }
        return List.of(Finding.of(
                RULE,
                Stance.FINE,
                "Its adult size wants " + Numbers.plain(needed.value(), 0) + "\u00a0L; this tank has "
                        + Numbers.plain(net, 0) + "\u00a0L.",
                needed.from(),
                figures));
    }
}
