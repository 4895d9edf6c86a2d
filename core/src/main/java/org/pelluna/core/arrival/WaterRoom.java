package org.pelluna.core.arrival;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.pelluna.core.forecast.WaterReserve;

/** What the water bears of the arrivals of an order: by the bacteria's reserve, and by what the forecast has held back so far. Sets of units are bit masks. */
final class WaterRoom {
    /** What a set means for the water is remembered up to so many units. */
    private static final int MOST_KNOWN = 16;

    /**
     * What any cycled tank bears, mg N/L a day: even without bacteria it takes two weeks until a kit can tell it, and by then they have followed. Without
     * it a tank of one tiny fish could never have another. Ours; the forecast still looks at the days.
     */
    static final double LEAST = 0.006;

    private final WaterReserve water;
    private final SetSum nitrogen;
    private final int units;
    private final int firstDay;
    private final int pause;
    private final WaterGate gate;

    /** What is known of {@link #mostNitrogen} by set, where there are not too many. */
    private final double[] most;

    /** The first day of a group after a set, where the forecast holds it back. */
    private final Map<Long, Integer> held = new HashMap<>();

    /**
     * @param firstDay the first day on which anything may come
     * @param pause days after which the colony has followed an arrival
     */
    WaterRoom(WaterReserve water, List<OrderItem> units, LocalDate today, int firstDay, int pause) {
        this.water = water;
        this.units = units.size();
        this.firstDay = firstDay;
        this.pause = pause;
        this.gate = new WaterGate(water, today);
        this.nitrogen = new SetSum(units.stream()
                .mapToDouble(unit -> unit.count() * water.nitrogen(unit.fish()))
                .toArray());
        this.most = new double[units.size() <= MOST_KNOWN ? 1 << units.size() : 0];
        Arrays.fill(most, Double.NaN);
    }

    /** Ammonia nitrogen of a set, mg N/L a day. */
    double nitrogen(int set) {
        return nitrogen.of(set);
    }

    /** The most ammonia nitrogen the bacteria bear on one day once a set has settled, mg N/L a day. */
    double mostNitrogen(int settled) {
        if (settled >= most.length) {
            return workedOut(settled);
        }
        if (Double.isNaN(most[settled])) {
            most[settled] = workedOut(settled);
        }
        return most[settled];
    }

    private double workedOut(int settled) {
        double before = water.residents() + nitrogen.of(settled);
        // Before the first of them the colony is what it is today; later it has followed its waste, and of today's a
        // part is left.
        double colony = settled == 0 ? water.colony(0, firstDay) : water.colony(before, pause);
        return Math.max(LEAST, water.most(colony) - before);
    }

    /** Whether the bacteria that have settled to a set bear a group on one day. */
    boolean bears(int settled, int group) {
        return nitrogen(group) <= mostNitrogen(settled) && heldBack(settled, group) < Integer.MAX_VALUE;
    }

    /** The first arrival of an order that the forecast does not bear on its day; empty if it bears all. */
    Optional<HeldBack> notBorne(OrderProblem problem, List<Integer> order) {
        return gate.first(problem, problem.steps(order));
    }

    /** From now on a group does not come after a set before the day from which the forecast bears it. */
    void holdBack(HeldBack cut) {
        held.merge(key(cut.settled(), cut.group()), cut.day(), Math::max);
    }

    private int heldBack(int settled, int group) {
        return held.isEmpty() ? 0 : held.getOrDefault(key(settled, group), 0);
    }

    /** The day until which the forecast holds a group back after a set; 0 if it does not, or would for ever: a finding says so then. */
    int heldUntil(int settled, int group) {
        int day = heldBack(settled, group);
        return day == Integer.MAX_VALUE ? 0 : day;
    }

    /** The units that can ever come, however the others are put: all, unless the water never bears one. */
    int reachable() {
        int settled = 0;
        boolean grown = true;
        while (grown) {
            grown = false;
            for (int i = 0; i < units; i++) {
                if ((settled & 1 << i) == 0 && bears(settled, 1 << i)) {
                    settled |= 1 << i;
                    grown = true;
                }
            }
        }
        return settled;
    }

    private static long key(int settled, int group) {
        return (long) settled << Integer.SIZE | group;
    }
}
