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
        return "Is the keeper ready for it?";
    }

    @Override
    public List<Finding> judge(Candidate candidate) {
        Care care = candidate.species().needs().care();
        Experience experience = candidate.tank().experience();
        if (care == Care.DEMANDING && experience == Experience.FIRST_TANK) {
            return List.of(finding("It is a demanding fish; a first tank wants fish that forgive mistakes."));
        }
        if (care == Care.DEMANDING && experience == Experience.SOME_YEARS) {
            return List.of(finding("It is a demanding fish: read up on it and see it eat before you buy."));
        }
        if (candidate.species().habits().eating() == Eating.HARD) {
            return List.of(finding("Many never take prepared food: see it eat in the shop before you buy."));
        }
        return List.of();
    }

    private static Finding finding(String sentence) {
        return Finding.of(RULE, Severity.CAREFUL, sentence, Provenance.PRACTICE, List.of());
    }
}
