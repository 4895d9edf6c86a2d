package org.pelluna.core.arrival;

import java.util.stream.IntStream;
import org.pelluna.core.pressure.PressureModel;

/**
 * The fewest attacks an arrival can make and suffer in its first week, whatever the days of an order turn out to be: what it meets then depends only on which units came before
 * it. Whoever was here first has been so for the shortest pause and is as small as it can be, who is attacked by the newcomer as large.
 * Sums are laid out beforehand, for the search asks for millions of them.
 */
final class PairPressures {
    private final PairTable pairs;
    private final int units;
    private final AcclimationBox box;

    /** On one of unit b by one of all together, and the other way round. */
    private final double[][] settledOnNewcomer;

    private final double[][] newcomerOnSettled;

    /** Those that see rivals among the units: what they do to a newcomer depends on how many rivals are settled. */
    private final int[] crowders;

    private final SetSum[] steadyOnNewcomer;
    private final SetSum[] onSettled;
    private final double[] steadyResidents;
    private final double[] onResidents;

    PairPressures(PairTable pairs, int units, OrderSpan span, AcclimationBox box) {
        this.pairs = pairs;
        this.units = units;
        this.box = box;
        this.settledOnNewcomer = new double[pairs.all()][units];
        this.newcomerOnSettled = new double[units][pairs.all()];
        for (int a = 0; a < pairs.all(); a++) {
            for (int b = 0; b < units; b++) {
                if (a != pairs.residents() + b) {
                    fill(a, b, span);
                }
            }
        }
        this.crowders = IntStream.range(0, pairs.all())
                .filter(a -> pairs.rivals(a) != 0)
                .toArray();
        this.steadyOnNewcomer = new SetSum[units];
        this.onSettled = new SetSum[units];
        this.steadyResidents = new double[units];
        this.onResidents = new double[units];
        for (int b = 0; b < units; b++) {
            sumUp(b);
        }
    }

    /** Pressure of the settled grows with their days and their size, that of newcomers falls with both; where a fish grows on while it is out, all four ends are tried. */
    private void fill(int a, int b, OrderSpan span) {
        boolean resident = a < pairs.residents();
        int first = resident ? span.earliest().get(b) : span.gap().get(a - pairs.residents());
        int since = resident ? 0 : Math.min(span.earliest().get(a - pairs.residents()), span.last() - first);
        int[] came = {since, resident ? 0 : Math.max(since, span.last() - first)};
        double leastOn = Double.POSITIVE_INFINITY;
        double leastBy = Double.POSITIVE_INFINITY;
        for (int from : came) {
            for (int day : new int[] {from + first, span.last()}) {
                if (day > from || resident) {
                    leastOn = Math.min(leastOn, pairs.on(a, b, from, day));
                    leastBy = Math.min(leastBy, pairs.by(b, a, from, day));
                }
            }
        }
        settledOnNewcomer[a][b] = pairs.count(a) * leastOn;
        newcomerOnSettled[b][a] = pairs.count(a) * leastBy;
    }

    private void sumUp(int b) {
        double[] on = new double[units];
        double[] by = new double[units];
        for (int a = 0; a < pairs.all(); a++) {
            double steady = pairs.rivals(a) == 0 ? settledOnNewcomer[a][b] * pairs.crowding(a, 0) : 0;
            if (a < pairs.residents()) {
                steadyResidents[b] += steady;
                onResidents[b] += newcomerOnSettled[b][a];
            } else {
                on[a - pairs.residents()] = steady;
                by[a - pairs.residents()] = newcomerOnSettled[b][a];
            }
        }
        steadyOnNewcomer[b] = new SetSum(on);
        onSettled[b] = new SetSum(by);
    }

    /** The least pressure of one of all on one of unit b alone, when so many of its rivals among the units are settled. */
    double attacked(int a, int b, int rivalsSettled) {
        return settledOnNewcomer[a][b] * pairs.crowding(a, rivalsSettled);
    }

    /** The least pressure of one of unit b on one of all. */
    double attacks(int b, int a) {
        return newcomerOnSettled[b][a];
    }

    /** The least of all pressure, and of the price of boxes, in the first week of a group that arrives after a set has settled, encounters/h. */
    double of(int settled, int group) {
        double attention = PressureModel.attention(pairs.fish(group));
        double sum = 0;
        for (int rest = group; rest != 0; rest &= rest - 1) {
            int b = Integer.numberOfTrailingZeros(rest);
            double attacked = steadyResidents[b] + steadyOnNewcomer[b].of(settled);
            for (int a : crowders) {
                if (pairs.isHere(a, settled)) {
                    attacked += attacked(a, b, pairs.fish(settled & pairs.rivals(a)));
                }
            }
            double all = attention * attacked;
            sum += pairs.count(pairs.residents() + b)
                            * (box.left(all) + box.price(all) + onResidents[b] + onSettled[b].of(settled))
                    + pairs.together(b, group);
        }
        return sum;
    }
}
