package org.pelluna.core.shortlist;

import java.util.Collection;
import java.util.Set;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.species.Habits;
import org.pelluna.core.species.Species;

/** In what respects a judged fish suits its tank: the questions of the shortlist by the sense in which a keeper asks them. */
public final class SuitabilityFilter {
    private static final Set<String> ROOM_FOR_LIFE = Set.of("volume", "swim-length", "floor");
    private static final Set<String> PEACE = Set.of("pressure", "predation", "kin", "sight", "table");

    private SuitabilityFilter() {}

    /** Whether it could come now, whatever it grows to: nothing but the room it wants when grown stands against it or waits. */
    public static boolean today(Judgement judged) {
        return judged.findings().stream()
                .filter(finding -> !ROOM_FOR_LIFE.contains(finding.rule()))
                .noneMatch(finding -> finding.severity() == Severity.STOP || finding.severity() == Severity.WAIT);
    }

    /** Whether it has water, swim and floor enough for life. */
    public static boolean grown(Judgement judged) {
        return judged.findings().stream()
                .filter(finding -> ROOM_FOR_LIFE.contains(finding.rule()))
                .noneMatch(finding -> finding.severity().compareTo(Severity.FINE) < 0);
    }

    /** Whether it lives in peace with who lives here: no hard meeting, no rival, no meal made of either, nobody short at the table. */
    public static boolean peaceful(Judgement judged) {
        return judged.findings().stream()
                .filter(finding -> PEACE.contains(finding.rule()))
                .noneMatch(finding -> finding.severity().compareTo(Severity.FINE) < 0);
    }

    /**
     * Whether it eats what is fed here already: it takes prepared food readily, and its kind of food is given to one of those who live
     * here, or it eats of everything.
     */
    public static boolean fed(Species species, Collection<Fish> here) {
        Habits habits = species.habits();
        return habits.eating() == Habits.Eating.EASY
                && (habits.diet() == Habits.Diet.MIXED
                        || here.stream()
                                .anyMatch(fish -> fish.species().habits().diet() == habits.diet()));
    }
}
