package org.pelluna.core.pressure;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;

/**
 * Something that would let a fish in which too much aggression keeps out, priced by the model that refused it.
 *
 * @param kind what is done
 * @param residents the residents it is done with; empty where it is done with none
 * @param amount the length to buy in cm, or the caves and crevices to add; 0 where neither is meant
 * @param attacksPerHour attacks an hour by those that still attack hard, with the help that a plan gives every newcomer
 */
public record WayIn(Kind kind, List<Fish> residents, double amount, double attacksPerHour) {

    /** What can be done, the cheapest first. */
    public enum Kind {
        /** Buy a larger specimen. */
        LARGER,
        /** Add caves and crevices. */
        MORE_CAVES,
        /** Take out all that attack it hard, and let all in together on one day. */
        ALL_TOGETHER,
        /** Find a new home for one resident. */
        REHOME
    }

    public WayIn {
        residents = List.copyOf(residents);
    }

    /**
     * Every way after which the attacks stay at or below a mark, the cheapest first; empty where none does.
     *
     * @param stock the plan
     * @param newcomer the fish that is refused
     * @param count how many come on one day
     * @param careful attacks an hour from which one attacker counts as hard
     * @param most the mark, attacks an hour
     */
    public static List<WayIn> all(ResolvedPlan stock, Fish newcomer, int count, double careful, double most) {
        WayInSearch search = new WayInSearch(stock, newcomer, count, careful);
        return Stream.of(search.larger(most), search.moreCaves(most), search.allTogether(), search.rehome())
                .flatMap(Optional::stream)
                .filter(way -> way.attacksPerHour() <= most)
                .toList();
    }
}
