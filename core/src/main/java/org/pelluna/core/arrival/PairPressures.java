package org.pelluna.core.arrival;

import java.util.List;
import java.util.stream.IntStream;
import org.pelluna.core.pressure.PressureModel;
import org.pelluna.core.pressure.PressureStrengths;

/**
 * The least that an arrival can press and be pressed in its first week, whatever the days of an order turn out to be: what it meets then depends only on which units came before
 * it. Whoever was here first has been so for the shortest pause and is as small as it can be, who is pressed by the newcomer as large; who may be boxed is.
 * Sums are laid out beforehand, for the search asks for millions of them.
 */
final class PairPressures {
    private final PairTable pairs;
    private final int units;
    private final boolean everyoneBoxed;
    private final double careful;
    private final double boxLeaves = PressureStrengths.USUAL.of(PressureStrengths.Kind.BOX);
    private final SetSum fish;

    /** On unit b by one of all together, and the other way round. */
    private final double[][] settledOnNewcomer;

    private final double[][] newcomerOnSettled;

    /** The most that one of all can press one of unit b. */
    private final double[][] most;

    /** Those that see rivals among the units: what they do to a newcomer depends on how many rivals are settled. */
    private final int[] crowders;

    private final SetMost[] hardestSteady;
    private final double[] hardestResident;
    private final SetSum[] steadyOnNewcomer;
    private final SetSum[] onSettled;
    private final double[] steadyResidents;
    private final double[] onResidents;

    /**
     * The days between which an order's arrivals can lie.
     *
     * @param earliest for each unit its first day
     * @param gap for each unit the shortest pause after it
     * @param last a day by which every order is done
     */
    record Span(List<Integer> earliest, List<Integer> gap, int last) {}

    /**
     * @param everyoneBoxed whether each newcomer goes through the box, pressed hard or not
     * @param careful the pressure from which the house asks for care, encounters/h
     */
    PairPressures(PairTable pairs, List<OrderItem> items, Span span, boolean everyoneBoxed, double careful) {
        this.pairs = pairs;
        this.units = items.size();
        this.everyoneBoxed = everyoneBoxed;
        this.careful = careful;
        this.fish = new SetSum(items.stream().mapToDouble(OrderItem::count).toArray());
        this.settledOnNewcomer = new double[pairs.all()][units];
        this.newcomerOnSettled = new double[units][pairs.all()];
        this.most = new double[pairs.all()][units];
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
        this.hardestSteady = new SetMost[units];
        this.hardestResident = new double[units];
        this.steadyResidents = new double[units];
        this.onResidents = new double[units];
        for (int b = 0; b < units; b++) {
            sumUp(b);
        }
    }

    /** Pressure of the settled grows with their days and their size, that of newcomers falls with both; where a fish grows on while it is out, all four ends are tried. */
    private void fill(int a, int b, Span span) {
        int together = pairs.count(a) * pairs.count(pairs.residents() + b);
        boolean resident = a < pairs.residents();
        int first = resident ? span.earliest().get(b) : span.gap().get(a - pairs.residents());
        int[] came = {0, resident ? 0 : Math.max(0, span.last() - first)};
        double leastOn = Double.POSITIVE_INFINITY;
        double leastBy = Double.POSITIVE_INFINITY;
        for (int from : came) {
            for (int day : new int[] {from + first, span.last()}) {
                if (day > from || resident) {
                    leastOn = Math.min(leastOn, pairs.on(a, b, from, day));
                    leastBy = Math.min(leastBy, pairs.by(b, a, from, day));
                    most[a][b] = Math.max(most[a][b], pairs.on(a, b, from, day));
                }
            }
        }
        settledOnNewcomer[a][b] = together * leastOn;
        newcomerOnSettled[b][a] = together * leastBy;
    }

    private void sumUp(int b) {
        double[] on = new double[units];
        double[] by = new double[units];
        double[] hardest = new double[units];
        for (int a = 0; a < pairs.all(); a++) {
            boolean steady = pairs.rivals(a) == 0;
            double sum = steady ? settledOnNewcomer[a][b] * pairs.crowding(a, 0) : 0;
            double one = steady ? most[a][b] * pairs.crowding(a, 0) : 0;
            if (a < pairs.residents()) {
                hardestResident[b] = Math.max(hardestResident[b], one);
                steadyResidents[b] += sum;
                onResidents[b] += newcomerOnSettled[b][a];
            } else {
                hardest[a - pairs.residents()] = one;
                on[a - pairs.residents()] = sum;
                by[a - pairs.residents()] = newcomerOnSettled[b][a];
            }
        }
        hardestSteady[b] = new SetMost(hardest);
        steadyOnNewcomer[b] = new SetSum(on);
        onSettled[b] = new SetSum(by);
    }

    /** Fish in a set of units. */
    int fish(int set) {
        return (int) fish.of(set);
    }

    /** The least pressure of one of all on unit b alone, when so many of its rivals among the units are settled. */
    double pressed(int a, int b, int rivalsSettled) {
        return settledOnNewcomer[a][b] * pairs.crowding(a, rivalsSettled);
    }

    /** The least pressure of unit b on one of all. */
    double presses(int b, int a) {
        return newcomerOnSettled[b][a];
    }

    /** The least of all pressure in the first week of a group that arrives after a set has settled, encounters/h. */
    double of(int settled, int group) {
        double attention = PressureModel.attention(fish(group));
        double sum = 0;
        for (int rest = group; rest != 0; rest &= rest - 1) {
            int b = Integer.numberOfTrailingZeros(rest);
            double pressed = steadyResidents[b] + steadyOnNewcomer[b].of(settled);
            for (int a : crowders) {
                if (isHere(a, settled)) {
                    pressed += pressed(a, b, fish(settled & pairs.rivals(a)));
                }
            }
            double left = mayBeBoxed(settled, group, b) ? boxLeaves : 1;
            sum += left * attention * pressed + onResidents[b] + onSettled[b].of(settled) + together(b, group);
        }
        return sum;
    }

    private boolean isHere(int a, int settled) {
        return a < pairs.residents() || (settled & 1 << (a - pairs.residents())) != 0;
    }

    /** What unit b presses those that come with it, its own among them. */
    double together(int b, int group) {
        int each = pairs.count(pairs.residents() + b);
        double sum = each * (each - 1) * pairs.sameDay(b, b);
        for (int others = group & ~(1 << b); others != 0; others &= others - 1) {
            int other = Integer.numberOfTrailingZeros(others);
            sum += each * pairs.count(pairs.residents() + other) * pairs.sameDay(b, other);
        }
        return sum;
    }

    private boolean mayBeBoxed(int settled, int group, int b) {
        if (everyoneBoxed) {
            return true;
        }
        double hardest = Math.max(hardestResident[b], hardestSteady[b].of(settled));
        for (int a : crowders) {
            if (isHere(a, settled)) {
                hardest = Math.max(hardest, most[a][b] * pairs.crowding(a, fish(settled & pairs.rivals(a))));
            }
        }
        return AcclimationBox.days(PressureModel.attention(fish(group)) * hardest, careful) > 0;
    }
}
