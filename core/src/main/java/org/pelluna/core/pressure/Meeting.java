package org.pelluna.core.pressure;

import java.util.Set;

/**
 * The circumstances under which two fish meet.
 *
 * @param aggressorAheadDays days the aggressor has lived here longer than the other; 0 for the same day, negative if
 *     the other was here first
 * @param newcomersThatDay fish that arrive with the later of the two, itself included; at least 1
 * @param rivalsSettled other fish already living here in which the aggressor sees rivals of its own sort
 * @param daysTogether days both have lived here together; 0 for the newcomer's first week
 * @param companions whether the two belong to a pair, harem or shoal that suits their species
 * @param illMatched whether they are of one species in a number that does not suit it
 * @param welcome what was done for the newcomer
 */
public record Meeting(
        int aggressorAheadDays,
        int newcomersThatDay,
        int rivalsSettled,
        int daysTogether,
        boolean companions,
        boolean illMatched,
        Set<ArrivalAid> welcome) {

    public Meeting {
        if (newcomersThatDay < 1 || rivalsSettled < 0 || daysTogether < 0) {
            throw new IllegalArgumentException("a meeting has at least one newcomer and no negative counts");
        }
        if (companions && illMatched) {
            throw new IllegalArgumentException("fish cannot be both companions and ill matched");
        }
        welcome = Set.copyOf(welcome);
    }

    /** A newcomer's first week with a fish that has lived here the given days longer, without any help. */
    public static Meeting plain(int aggressorAheadDays) {
        return new Meeting(aggressorAheadDays, 1, 0, 0, false, false, Set.of());
    }

    public Meeting newcomers(int count) {
        return new Meeting(aggressorAheadDays, count, rivalsSettled, daysTogether, companions, illMatched, welcome);
    }

    public Meeting rivals(int settled) {
        return new Meeting(
                aggressorAheadDays, newcomersThatDay, settled, daysTogether, companions, illMatched, welcome);
    }

    public Meeting together(int days) {
        return new Meeting(aggressorAheadDays, newcomersThatDay, rivalsSettled, days, companions, illMatched, welcome);
    }

    public Meeting company(boolean suits, boolean suitsNot) {
        return new Meeting(aggressorAheadDays, newcomersThatDay, rivalsSettled, daysTogether, suits, suitsNot, welcome);
    }

    public Meeting welcome(Set<ArrivalAid> help) {
        return new Meeting(
                aggressorAheadDays, newcomersThatDay, rivalsSettled, daysTogether, companions, illMatched, help);
    }
}
