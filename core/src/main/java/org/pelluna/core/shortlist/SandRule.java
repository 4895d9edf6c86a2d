package org.pelluna.core.shortlist;

import java.util.List;
import org.pelluna.core.finding.Figure;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Sentence;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.species.Habits.Sleep;
import org.pelluna.core.species.Sourced;
import org.pelluna.core.tank.Guess;
import org.pelluna.core.units.Quantity;

/** Has it the sand it sleeps or burrows in? */
final class SandRule implements ShortlistRule {
    private static final String RULE = "sand";

    /** Sand that is missing and hardly matters: so many cm, or such a share of what is needed; ours. */
    private static final double NEARLY_CM = 1;

    private static final double NEARLY_SHARE = 0.2;

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
        List<Figure> figures = List.of(needed.figure("sand needed", "cm"), Figure.measured("sand here", here, "cm"));
        String use = candidate.species().habits().sleep() == Sleep.UNDER_SAND
                ? "it buries itself at night and needs "
                : "it digs a burrow and needs ";
        if (here >= needed.value()) {
            return List.of(Finding.of(
                    RULE,
                    Severity.FINE,
                    Sentence.of("Deep enough sand: " + use, Quantity.cm(needed.value()), "."),
                    needed.from(),
                    figures));
        }
        if (candidate.tank().openGuesses().contains(Guess.SAND)) {
            return List.of(Finding.of(
                            RULE,
                            Severity.CAREFUL,
                            Sentence.of("Check the depth of your sand: ", use, Quantity.cm(needed.value()), "."),
                            needed.from(),
                            figures)
                    .remedy(Sentence.of("We guessed ", Quantity.cm(here), ". Enter it under Guesses.")));
        }
        if (here > 0 && here >= needed.value() - Math.max(NEARLY_CM, NEARLY_SHARE * needed.value())) {
            return List.of(Finding.of(
                            RULE,
                            Severity.CAREFUL,
                            Sentence.of("A little too shallow: " + use, Quantity.cm(needed.value()), "."),
                            needed.from(),
                            figures)
                    .remedy(Sentence.of("Add sand until it is ", Quantity.cm(needed.value()), " deep.")));
        }
        Sentence floor =
                here <= 0 ? Sentence.of("No sand: ") : Sentence.of("The sand is only ", Quantity.cm(here), " deep: ");
        return List.of(Finding.of(
                        RULE,
                        Severity.STOP,
                        Sentence.of(floor, use, Quantity.cm(needed.value()), "."),
                        needed.from(),
                        figures)
                .remedy(Sentence.of("Add sand until it is ", Quantity.cm(needed.value()), " deep.")));
    }
}
