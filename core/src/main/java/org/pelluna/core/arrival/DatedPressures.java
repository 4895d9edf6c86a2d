package org.pelluna.core.arrival;

import org.pelluna.core.pressure.PressureModel;

/**
 * The pressures that an arrival brings on the day it has: by the days that everyone has been here by then, and the sizes of that day. Priced with the help that the
 * calendar plans: everyone is released at lights-out, and who is attacked hard spends its first days in the box.
 */
final class DatedPressures {
    private final PairTable pairs;
    private final AcclimationBox box;

    DatedPressures(PairTable pairs, AcclimationBox box) {
        this.pairs = pairs;
        this.box = box;
    }

    /**
     * The first week of a group.
     *
     * @param settled the units that came before it
     * @param day its day
     * @param came the day of each settled unit
     */
    FirstWeek of(int settled, int group, int day, int[] came) {
        double attention = PressureModel.attention(pairs.fish(group));
        double sum = 0;
        double boxes = 0;
        int boxDays = 0;
        for (int rest = group; rest != 0; rest &= rest - 1) {
            int b = Integer.numberOfTrailingZeros(rest);
            int each = pairs.count(pairs.residents() + b);
            double attacked = 0;
            double attacks = 0;
            double hardest = 0;
            for (int a = 0; a < pairs.all(); a++) {
                if (pairs.isHere(a, settled)) {
                    int since = a < pairs.residents() ? 0 : came[a - pairs.residents()];
                    double one = pairs.on(a, b, since, day) * pairs.crowding(a, pairs.fish(settled & pairs.rivals(a)));
                    hardest = Math.max(hardest, one);
                    attacked += pairs.count(a) * one;
                    attacks += pairs.count(a) * pairs.by(b, a, since, day);
                }
            }
            double all = attention * attacked;
            sum += each * (box.left(all) + attacks) + pairs.together(b, group);
            boxes += each * box.price(all);
            boxDays = Math.max(boxDays, box.days(attention * hardest, all));
        }
        return new FirstWeek(sum, boxes, boxDays);
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
