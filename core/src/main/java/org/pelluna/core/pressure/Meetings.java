package org.pelluna.core.pressure;

import java.util.Set;
import java.util.stream.Stream;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.Life;

/** How two fish meet: the one place where a meeting is put together. */
public final class Meetings {
    private Meetings() {}

    /**
     * A newcomer's first week.
     *
     * @param ahead days the aggressor has been here before the other; negative if it is the newcomer
     * @param newcomers fish that arrive with the later of the two, itself included
     * @param rivalsSettled rivals of its own sort the aggressor has here already; they count only while it was here first
     * @param ofItsKind fish of the aggressor's species that will live here, both counted
     * @param welcome what is done for the newcomer
     */
    public static Meeting firstWeek(
            Fish aggressor,
            Fish victim,
            int ahead,
            int newcomers,
            int rivalsSettled,
            int ofItsKind,
            Set<ArrivalAid> welcome) {
        Meeting meeting = Meeting.plain(ahead).newcomers(newcomers).welcome(welcome);
        return ofKind(ahead > 0 ? meeting.rivals(rivalsSettled) : meeting, aggressor, victim, ofItsKind);
    }

    /**
     * Two fish that have lived together for some days. What made the first week easier goes on: else the day after it would be harder without a cause.
     *
     * @param ahead days the aggressor was here before the other; negative if after it
     * @param together days both have been here
     * @param newcomers fish that came with the later of the two and are here still, itself included
     * @param rivalsSettled rivals of its own sort that the aggressor had here when the other came, and has still
     */
    public static Meeting after(
            Fish aggressor,
            Fish victim,
            int ahead,
            int together,
            int newcomers,
            int rivalsSettled,
            int ofItsKind,
            Set<ArrivalAid> welcome) {
        return firstWeek(aggressor, victim, ahead, newcomers, rivalsSettled, ofItsKind, welcome)
                .together(together);
    }

    /** Fish of one species are company for each other, or ill matched, by how many of them there are. */
    private static Meeting ofKind(Meeting meeting, Fish one, Fish other, int ofItsKind) {
        if (!one.species().id().equals(other.species().id())) {
            return meeting;
        }
        if (one.isBondedTo(other)) {
            return meeting.company(true, false);
        }
        // A pair drives off a third of its kind, and suffers no other pair.
        boolean pair = Stream.of(one, other)
                .anyMatch(fish -> fish.known()
                        .bond()
                        .filter(bond -> bond.kind() == Life.Bond.PAIR)
                        .isPresent());
        boolean suits = !pair && one.species().company().suits(ofItsKind);
        return meeting.company(suits, !suits);
    }

    /** Whether the presence of {@code other} diverts the aggressor from a further rival: a rival, and none of its company. */
    public static boolean crowds(Fish aggressor, Fish other) {
        return !other.species().id().equals(aggressor.species().id())
                && Rivalry.seenBy(aggressor.species(), other.species()).isPresent();
    }
}
