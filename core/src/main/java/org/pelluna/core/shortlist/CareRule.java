package org.pelluna.core.shortlist;

import java.util.List;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.species.Care;
import org.pelluna.core.species.Habits.Eating;
import org.pelluna.core.tank.Tank.Experience;

/** Is the keeper ready for it, and will it eat? */
final class CareRule implements ShortlistRule {
    private static final String RULE = "care";

    @Override
    public String key() {
        return RULE;
    }

    @Override
    public String question() {
        return "Is it too hard to keep?";
    }

    @Override
    public List<Finding> judge(Candidate candidate) {
        Care care = candidate.species().needs().care();
        Experience experience = candidate.tank().experience();
        if (care == Care.DEMANDING && experience == Experience.FIRST_TANK) {
            return List.of(finding("It is hard to keep: for a first tank choose fish that survive mistakes."));
        }
        if (care == Care.DEMANDING && experience == Experience.SOME_YEARS) {
            return List.of(finding("It is hard to keep: read about it first, and buy only if you see it eat."));
        }
        if (candidate.species().habits().eating() == Eating.HARD) {
            return List.of(finding("Many never eat prepared food: buy only if you see it eat."));
        }
        if (care == Care.DEMANDING) {
            return List.of(finding("It is hard to keep, also with experience: see it eat before you pay."));
        }
        return List.of();
    }

    private static Finding finding(String sentence) {
        return Finding.of(RULE, Severity.CAREFUL, sentence, Provenance.PRACTICE, List.of());
    }
}
