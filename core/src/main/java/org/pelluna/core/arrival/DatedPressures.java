package org.pelluna.core.arrival;

import org.pelluna.core.pressure.PressureModel;
import org.pelluna.core.pressure.PressureStrengths;

/**
 * The pressures that an arrival brings on the day it has: by the days that everyone has been here by then, and the sizes of that day. Priced with the help that the
 * calendar plans: everyone is released at lights-out, and who is pressed hard spends its first days in the box.
 */
final class DatedPressures {
    private static final double BOX_LEAVES = PressureStrengths.USUAL.of(PressureStrengths.Kind.BOX);

    private final PairTable pairs;
    private final PairPressures least;
    private final int units;
    private final boolean everyoneBoxed;
    private final double careful;

    DatedPressures(PairTable pairs, PairPressures least, int units, boolean everyoneBoxed, double careful) {
        this.pairs = pairs;
        this.least = least;
        this.units = units;
        this.everyoneBoxed = everyoneBoxed;
        this.careful = careful;
    }

    /**
     * All pressure in the first week of a group, encounters/h.
     *
     * @param settled the units that came before it
     * @param day its day
     * @param came the day of each settled unit
     */
    double of(int settled, int group, int day, int[] came) {
        double attention = PressureModel.attention(least.fish(group));
        double sum = 0;
        for (int rest = group; rest != 0; rest &= rest - 1) {
            int b = Integer.numberOfTrailingZeros(rest);
            int each = pairs.count(pairs.residents() + b);
            double pressed = 0;
            double presses = 0;
            double hardest = 0;
            for (int a = 0; a < pairs.residents() + units; a++) {
                if (isHere(a, settled)) {
                    int since = came(a, came);
                    double one = pairs.on(a, b, since, day) * pairs.crowding(a, least.fish(settled & pairs.rivals(a)));
                    hardest = Math.max(hardest, one);
                    pressed += pairs.count(a) * one;
                    presses += pairs.count(a) * pairs.by(b, a, since, day);
                }
            }
            double left = boxDays(attention * hardest) > 0 ? BOX_LEAVES : 1;
            sum += each * (left * attention * pressed + presses) + least.together(b, group);
        }
        return sum;
    }

    /** Days in the box of a group; all of it stay as long as the one pressed hardest. */
    int boxDays(int settled, int group, int day, int[] came) {
        double hardest = 0;
        for (int rest = group; rest != 0; rest &= rest - 1) {
            int b = Integer.numberOfTrailingZeros(rest);
            for (int a = 0; a < pairs.residents() + units; a++) {
                if (isHere(a, settled)) {
                    hardest = Math.max(
                            hardest,
                            pairs.on(a, b, came(a, came), day)
                                    * pairs.crowding(a, least.fish(settled & pairs.rivals(a))));
                }
            }
        }
        return boxDays(PressureModel.attention(least.fish(group)) * hardest);
    }

    private int boxDays(double hardest) {
        return everyoneBoxed ? AcclimationBox.MOST_DAYS : AcclimationBox.days(hardest, careful);
    }

    private boolean isHere(int a, int settled) {
        return a < pairs.residents() || (settled & 1 << (a - pairs.residents())) != 0;
    }

    private int came(int a, int[] came) {
        return a < pairs.residents() ? 0 : came[a - pairs.residents()];
    }

    /** Pressure both ways between two groups alone, out of the box, when the first has been at home for some days and the second arrives. */
    double between(int first, int second, int gap) {
        double sum = 0;
        for (int a = first; a != 0; a &= a - 1) {
            for (int b = second; b != 0; b &= b - 1) {
                int settled = pairs.residents() + Integer.numberOfTrailingZeros(a);
                int newcomer = Integer.numberOfTrailingZeros(b);
                sum += pairs.count(settled)
                        * pairs.count(pairs.residents() + newcomer)
                        * (pairs.on(settled, newcomer, 0, gap) + pairs.by(newcomer, settled, 0, gap));
            }
        }
        return sum;
    }
}
