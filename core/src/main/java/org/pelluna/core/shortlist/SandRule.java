package org.pelluna.core.shortlist;

import java.util.List;
import org.pelluna.core.finding.Figure;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Stance;
import org.pelluna.core.species.Habits.Sleep;
import org.pelluna.core.species.Sourced;
import org.pelluna.core.units.Numbers;

/** Has it the sand it sleeps or burrows in? */
final class SandRule implements ShortlistRule {
    private static final String RULE = "sand";

    @Override
    public String key() {
        return RULE;
    }

    @Override
    public String question() {
        return "Is there the sand it needs?";
    }

    @Override
    public List<Finding> judge(Candidate candidate) {
        Sourced needed = candidate.species().needs().sandCm();
        if (needed.value() <= 0) {
            return List.of();
        }
        double here = candidate.tank().sandDepthCm();
        List<Figure> figures = List.of(needed.figure("sand wanted", "cm"), Figure.measured("sand here", here, "cm"));
        String use = candidate.species().habits().sleep() == Sleep.UNDER_SAND
                ? "It buries itself in sand every night and when frightened"
                : "It lives in a burrow in the sand";
        if (here >= needed.value()) {
            return List.of(Finding.of(
                    RULE, Stance.FINE, use + "; " + Numbers.plain(here) + "\u00a0cm will do.", needed.from(), figures));
        }
        String floor = here <= 0 ? "the floor is bare" : "the sand is " + Numbers.plain(here) + "\u00a0cm deep";
        return List.of(Finding.of(
                        RULE,
                        Stance.STOP,
                        use + ", and " + floor + "; it needs " + Numbers.plain(needed.value()) + "\u00a0cm.",
                        needed.from(),
                        figures)
                .remedy(Numbers.plain(needed.value()) + "\u00a0cm of sand turns this."));
    }
}
