package org.pelluna.core.arrival;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.plan.Approaches;
import org.pelluna.core.species.Species;
import org.pelluna.core.species.Temperament;

/**
 * Which arrivals come before which others, whatever it costs: bullies after all others, clownfish at the end the house rules give them, the
 * more delicate of surgeonfish before the robust. Sets of units are bit masks.
 *
 * <p>A bully stays a bully: it comes late even where it is a clownfish and the house puts clownfish first. Rivals that may only come on one
 * day come with the latest of them. Fish already in quarantine have their place, and are not asked.
 */
final class Precedence {
    /** Delicacy by which one surgeonfish is clearly more delicate than another; ours. */
    private static final double MORE_DELICATE = 0.1;

    private static final String CLOWNFISH = "Amphiprion";
    private static final String SURGEONFISH = "Acanthuridae";

    /** Ranks of an order, the first to arrive first. */
    private enum Rank {
        CLOWNFISH_FIRST,
        ANY,
        CLOWNFISH_LAST,
        LATE,
        LAST
    }

    private final List<OrderItem> units;
    private final Approaches approaches;
    private final Rank[] ranks;

    /** The unit that gives each its rank: itself, or one that must share its day. */
    private final int[] rankedBy;

    private final int[] before;

    /**
     * @param together by unit, the units that must share its day
     * @param free units that are not asked, as a set
     */
    Precedence(List<OrderItem> units, Approaches approaches, int[] together, int free) {
        this.units = units;
        this.approaches = approaches;
        int size = units.size();
        this.ranks = new Rank[size];
        this.rankedBy = new int[size];
        double[] delicacy = new double[size];
        for (int i = 0; i < size; i++) {
            ranks[i] = own(species(i));
            rankedBy[i] = i;
            delicacy[i] = species(i).temper().delicacy();
        }
        spread(together, delicacy);
        this.before = new int[size];
        int asked = 0;
        for (int i = 0; i < size; i++) {
            asked |= units.get(i).inside() ? 0 : 1 << i;
        }
        asked &= ~free;
        for (int i = 0; i < size; i++) {
            for (int j = 0; j < size; j++) {
                boolean both = i != j && (asked & 1 << i) != 0 && (asked & 1 << j) != 0;
                if (both && (together[i] & 1 << j) == 0 && comesBefore(j, i, delicacy)) {
                    before[i] |= 1 << j;
                }
            }
        }
    }

    /** Those that share a day have the latest rank and the greatest delicacy of them. */
    private void spread(int[] together, double[] delicacy) {
        boolean changed = true;
        while (changed) {
            changed = false;
            for (int i = 0; i < units.size(); i++) {
                for (int left = together[i]; left != 0; left &= left - 1) {
                    int j = Integer.numberOfTrailingZeros(left);
                    if (ranks[j].compareTo(ranks[i]) > 0 || delicacy[j] > delicacy[i]) {
                        rankedBy[i] = ranks[j].compareTo(ranks[i]) > 0 ? rankedBy[j] : rankedBy[i];
                        ranks[i] = ranks[rankedBy[i]];
                        delicacy[i] = Math.max(delicacy[i], delicacy[j]);
                        changed = true;
                    }
                }
            }
        }
    }

    private Species species(int i) {
        return units.get(i).fish().species();
    }

    private Rank own(Species species) {
        return switch (species.temper().turn()) {
            case LAST -> Rank.LAST;
            case LATE -> Rank.LATE;
            case ANY ->
                !species.genus().equals(CLOWNFISH)
                        ? Rank.ANY
                        : switch (approaches.clownfish()) {
                            case FIRST -> Rank.CLOWNFISH_FIRST;
                            case LAST -> Rank.CLOWNFISH_LAST;
                        };
        };
    }

    private boolean comesBefore(int first, int second, double[] delicacy) {
        int ranked = ranks[first].compareTo(ranks[second]);
        return ranked < 0
                || (ranked == 0
                        && approaches.tangs() == Approaches.Tangs.STAGED
                        && isSurgeonfish(first)
                        && isSurgeonfish(second)
                        && delicacy[first] >= delicacy[second] + MORE_DELICATE);
    }

    private boolean isSurgeonfish(int i) {
        return species(i).family().equals(SURGEONFISH);
    }

    /** Whether all that come before each of a group have come, or come with it. */
    boolean allows(int settled, int group) {
        for (int rest = group; rest != 0; rest &= rest - 1) {
            if ((before[Integer.numberOfTrailingZeros(rest)] & ~(settled | group)) != 0) {
                return false;
            }
        }
        return true;
    }

    /** Why a group may not come before all of some others; empty if it may. */
    Optional<String> why(int settled, int group) {
        for (int rest = group; rest != 0; rest &= rest - 1) {
            int i = Integer.numberOfTrailingZeros(rest);
            int missing = before[i] & ~(settled | group);
            if (missing != 0) {
                return Optional.of(reason(Integer.numberOfTrailingZeros(missing), i));
            }
        }
        return Optional.empty();
    }

    private String reason(int first, int second) {
        return switch (ranks[second]) {
            case LATE, LAST -> units.get(rankedBy[second]).name() + " attacks fish that arrive after it";
            case CLOWNFISH_LAST -> "your house rules put clownfish last";
            case CLOWNFISH_FIRST, ANY ->
                ranks[first] == Rank.CLOWNFISH_FIRST
                        ? "your house rules put clownfish first"
                        : "the more delicate surgeonfish arrives first";
        };
    }

    /** Where an order leaves a rule aside: each rule once, with what won over it. */
    List<Finding> leftAside(List<Integer> order, String winner) {
        List<Finding> findings = new ArrayList<>();
        int settled = 0;
        for (int group : order) {
            int came = settled;
            why(settled, group)
                    .filter(why ->
                            findings.stream().noneMatch(one -> one.sentence().contains(why)))
                    .ifPresent(why -> findings.add(Finding.of(
                            "precedence",
                            Severity.CAREFUL,
                            named(group, came) + ", although " + why + ": " + winner + ".",
                            Provenance.PRACTICE,
                            List.of())));
            settled |= group;
        }
        findings.addAll(bullies());
        return findings;
    }

    private String named(int group, int settled) {
        for (int rest = group; rest != 0; rest &= rest - 1) {
            int i = Integer.numberOfTrailingZeros(rest);
            int missing = before[i] & ~(settled | group);
            if (missing != 0) {
                return units.get(i).name() + " arrives before "
                        + units.get(Integer.numberOfTrailingZeros(missing)).name();
            }
        }
        throw new IllegalArgumentException("nobody is missing before the group");
    }

    /** Clownfish that do not come first by the house rules, since they are bullies. */
    private List<Finding> bullies() {
        List<String> names = new ArrayList<>();
        for (int i = 0; i < units.size(); i++) {
            if (species(i).genus().equals(CLOWNFISH)
                    && species(i).temper().turn() != Temperament.Turn.ANY
                    && approaches.clownfish() == Approaches.Clownfish.FIRST
                    && units.size() > 1) {
                names.add(units.get(i).name());
            }
        }
        return names.isEmpty()
                ? List.of()
                : List.of(Finding.of(
                        "precedence",
                        Severity.CAREFUL,
                        String.join(" and ", names)
                                + " does not come first, although your house rules put clownfish first: this"
                                + " kind attacks fish that arrive after it.",
                        Provenance.PRACTICE,
                        List.of()));
    }
}
