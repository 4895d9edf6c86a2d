package org.pelluna.core.arrival;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.pelluna.core.plan.Approaches;
import org.pelluna.core.species.Habits;
import org.pelluna.core.species.Species;

/** Which units of an order may arrive on one day. Sets of units are bit masks. */
final class SharedDays {
    /** Most rivals that come on one day, but for all surgeonfish where the house lets them in together. */
    static final int MOST_TOGETHER = 5;

    /** Most peaceful fish of one quarantine that come on one day. */
    private static final int MOST_IN_A_BATCH = 3;

    /** Attacks an hour on each other up to which fish of one quarantine are peaceful; ours. */
    private static final double PEACEFUL = 0.5;

    /** Batches are looked at while every set of units with every group after it makes no more than this: some 50 ms of search. */
    private static final long MOST_TO_SEARCH = 1 << 19;

    /** No larger groups are looked at once there are so many. */
    private static final int MOST_GROUPS = 400;

    private final PairTable pairs;
    private final List<OrderItem> units;
    private final Approaches approaches;
    private final Quarantine quarantine;
    private final boolean together;
    private final List<Integer> groups;
    private final int[] kin;

    /**
     * @param together whether rivals may share a day at all
     */
    SharedDays(PairTable pairs, List<OrderItem> units, Approaches approaches, Quarantine quarantine, boolean together) {
        this.pairs = pairs;
        this.units = units;
        this.approaches = approaches;
        this.quarantine = quarantine;
        this.together = together;
        this.groups = List.copyOf(found());
        this.kin = IntStream.range(0, units.size()).map(this::sharingKin).toArray();
    }

    /**
     * Every group that may arrive on one day: each unit alone; where the house allows, up to five of which each sees rivals in each; and, from the
     * keeper's own quarantine tank, up to three peaceful ones that shared it and eat readily.
     */
    List<Integer> groups() {
        return groups;
    }

    /** Whether {@link #groups} holds every group of rivals that may share a day, or stops for their number. */
    boolean hasAllGroups() {
        return groups.stream().filter(one -> !isBatch(one)).count() < MOST_GROUPS;
    }

    /** The units of a unit's genus and another species that may come on its day. */
    int kin(int i) {
        return kin[i];
    }

    private int sharingKin(int i) {
        int set = 0;
        for (int j = 0; j < units.size(); j++) {
            set |= isKin(i, j) && mayShare(i, j) ? 1 << j : 0;
        }
        return set;
    }

    /** Whether two units are of one genus and of two species. */
    boolean isKin(int i, int j) {
        Species one = units.get(i).fish().species();
        Species other = units.get(j).fish().species();
        return one.genus().equals(other.genus()) && !one.id().equals(other.id()) && isRival(i, j);
    }

    private List<Integer> found() {
        List<Integer> found = new ArrayList<>();
        for (int i = 0; i < units.size(); i++) {
            found.add(1 << i);
        }
        // Each group of rivals with one more, who stands behind all of them, so that none is found twice.
        int from = 0;
        for (int many = 2; many <= MOST_TOGETHER && together && found.size() < MOST_GROUPS; many++) {
            int end = found.size();
            for (int g = from; g < end; g++) {
                int group = found.get(g);
                for (int j = Integer.SIZE - Integer.numberOfLeadingZeros(group); j < units.size(); j++) {
                    if (mayJoin(group, j)) {
                        found.add(group | 1 << j);
                    }
                }
            }
            from = end;
        }
        found.addAll(batches());
        int tangs = surgeonfish();
        if (together
                && approaches.tangs() == Approaches.Tangs.TOGETHER
                && Integer.bitCount(tangs) > 2
                && !found.contains(tangs)
                && holds(tangs)) {
            found.add(tangs);
        }
        return found;
    }

    /** Peaceful fish that share a quarantine, smaller batches first; none where there are too many to look at all of them. */
    private List<Integer> batches() {
        List<Integer> batches = new ArrayList<>();
        if (quarantine.days() == 0) {
            return batches;
        }
        List<Integer> smaller =
                IntStream.range(0, units.size()).map(i -> 1 << i).boxed().toList();
        for (int many = 2; many <= MOST_IN_A_BATCH; many++) {
            List<Integer> larger = new ArrayList<>();
            for (int group : smaller) {
                for (int j = Integer.SIZE - Integer.numberOfLeadingZeros(group); j < units.size(); j++) {
                    if (isPeacefulWith(group, j)) {
                        larger.add(group | 1 << j);
                    }
                }
            }
            long groups = (long) units.size() + batches.size() + larger.size();
            if (groups << units.size() > MOST_TO_SEARCH) {
                break;
            }
            batches.addAll(larger);
            smaller = larger;
        }
        return batches;
    }

    private boolean isPeacefulWith(int group, int unit) {
        for (int rest = group; rest != 0; rest &= rest - 1) {
            int i = Integer.numberOfTrailingZeros(rest);
            if (isRival(i, unit)
                    || eatsHardly(i)
                    || eatsHardly(unit)
                    || units.get(i).inside() != units.get(unit).inside()
                    || pairs.sameDay(i, unit) > PEACEFUL
                    || pairs.sameDay(unit, i) > PEACEFUL) {
                return false;
            }
        }
        return quarantine.holds(pairs.fish(group | 1 << unit), 1);
    }

    /** Whether many of it never take prepared food: it has the quarantine tank for itself, so that nobody eats before it. */
    private boolean eatsHardly(int i) {
        return units.get(i).fish().species().habits().eating() == Habits.Eating.HARD;
    }

    /** Whether the fish of a group come together as peaceful ones of one quarantine, and not as rivals. */
    boolean isBatch(int group) {
        for (int rest = group; rest != 0; rest &= rest - 1) {
            int one = Integer.numberOfTrailingZeros(rest);
            for (int others = rest & rest - 1; others != 0; others &= others - 1) {
                if (isRival(one, Integer.numberOfTrailingZeros(others))) {
                    return false;
                }
            }
        }
        return Integer.bitCount(group) > 1;
    }

    private int surgeonfish() {
        int set = 0;
        for (int i = 0; i < units.size(); i++) {
            set |= isSurgeonfish(i) ? 1 << i : 0;
        }
        return set;
    }

    private boolean mayJoin(int group, int unit) {
        for (int rest = group; rest != 0; rest &= rest - 1) {
            int i = Integer.numberOfTrailingZeros(rest);
            if (!isRival(i, unit) || !mayShare(i, unit)) {
                return false;
            }
        }
        return holds(group | 1 << unit);
    }

    private boolean mayShare(int i, int j) {
        // Rivals of one genus come together by the rule for them, also where other surgeonfish come one by one.
        boolean staged =
                approaches.tangs() == Approaches.Tangs.STAGED && isSurgeonfish(i) && isSurgeonfish(j) && !isKin(i, j);
        boolean oneInside = units.get(i).inside() != units.get(j).inside();
        return !staged && !oneInside && holds(1 << i | 1 << j);
    }

    private boolean holds(int rivals) {
        return quarantine.holds(pairs.fish(rivals), Integer.bitCount(rivals));
    }

    private boolean isRival(int i, int j) {
        return pairs.isRival(pairs.residents() + i, j);
    }

    private boolean isSurgeonfish(int i) {
        return units.get(i).fish().species().family().equals("Acanthuridae");
    }
}
