package org.pelluna.app.species;

import org.pelluna.core.shortlist.Judgement;
import org.pelluna.core.shortlist.Verdict;
import org.pelluna.core.species.Habits;
import org.pelluna.core.species.Species;
import org.pelluna.core.tank.AnimalGroup;

/** What the keeper looks for in the catalogue; an empty field asks nothing. */
final class SpeciesFilter {
    /** What this tank says of a fish. */
    enum Fit {
        ANY("any answer"),
        NOT_OUT("not ruled out"),
        NOW("could come now");

        final String words;

        Fit(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public String q;
    public Habits.Zone zone;
    public AnimalGroup spares;
    public boolean noSand;
    public boolean easy;
    public Double most;
    public Fit fit = Fit.ANY;
    public int from;

    /** Every choice of {@link #fit}, for the form. */
    public Fit[] getFits() {
        return Fit.values();
    }

    boolean admits(Species one) {
        return (zone == null || one.habits().zone() == zone)
                && (spares == null || !one.reef().containsKey(spares))
                && (!noSand || one.needs().sandCm().value() <= 0)
                && (!easy || one.needs().care() == Species.Care.EASY);
    }

    boolean admits(Judgement judgement) {
        return switch (fit == null ? Fit.ANY : fit) {
            case ANY -> true;
            case NOT_OUT -> judgement.verdict() != Verdict.OUT;
            case NOW -> judgement.verdict() == Verdict.IN || judgement.verdict() == Verdict.WITH_CARE;
        };
    }
}
