package org.pelluna.core.shortlist;

import java.util.List;
import org.pelluna.core.finding.Figure;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.species.Jumping;
import org.pelluna.core.tank.Cover;
import org.pelluna.core.units.Numbers;

/** Can it get out? */
final class JumpRule implements ShortlistRule {
    private static final String RULE = "cover";

    @Override
    public String key() {
        return RULE;
    }

    @Override
    public String question() {
        return "Can it get out?";
    }

    @Override
    public List<Finding> judge(Candidate candidate) {
        Jumping jumping = candidate.species().jumping();
        if (jumping == Jumping.RARELY) {
            return List.of();
        }
        Cover cover = candidate.tank().cover();
        double widest = candidate.rules().widestGapMm();
        boolean open = cover.kind() == Cover.Kind.OPEN;
        List<Figure> figures = open
                ? List.of(new Figure("widest safe gap", widest, "mm", Provenance.PRACTICE))
                : List.of(
                        Figure.measured("widest gap here", cover.gapMm(), "mm"),
                        new Figure("widest safe gap", widest, "mm", Provenance.PRACTICE));
        String habit = jumping == Jumping.HABITUALLY ? "It jumps" : "It jumps when chased";
        if (cover.holdsAt(widest)) {
            return List.of(Finding.of(
                    RULE,
                    Severity.FINE,
                    habit + ", but your cover has no gap over " + Numbers.plain(cover.gapMm()) + " mm.",
                    Provenance.PRACTICE,
                    figures));
        }
        String gap = open ? "the tank is open" : "your cover has gaps of " + Numbers.plain(cover.gapMm()) + " mm";
        return List.of(Finding.of(
                        RULE,
                        jumping == Jumping.HABITUALLY ? Severity.WAIT : Severity.CAREFUL,
                        habit + ", and " + gap + ".",
                        Provenance.PRACTICE,
                        figures)
                .remedy((open ? "Cover the tank; leave no gap over " : "Close every gap over ") + Numbers.plain(widest)
                        + " mm."));
    }
}
