package org.pelluna.core.shortlist;

import java.util.List;
import org.pelluna.core.finding.Figure;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Sentence;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.species.Habits.Sleep;
import org.pelluna.core.species.Sourced;
import org.pelluna.core.units.Quantity;

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
                    RULE,
                    Severity.FINE,
                    Sentence.of(use + "; ", Quantity.cm(here), " will do."),
                    needed.from(),
                    figures));
        }
        Sentence floor =
                here <= 0 ? Sentence.of("the floor is bare") : Sentence.of("the sand is ", Quantity.cm(here), " deep");
        return List.of(Finding.of(
                        RULE,
                        Severity.STOP,
                        Sentence.of(use + ", and ", floor, "; it needs ", Quantity.cm(needed.value()), "."),
                        needed.from(),
                        figures)
                .remedy(Sentence.of(Quantity.cm(needed.value()), " of sand turns this.")));
    }
}
