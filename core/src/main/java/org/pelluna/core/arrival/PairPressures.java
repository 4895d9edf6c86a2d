package org.pelluna.core.arrival;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.pressure.ArrivalAid;
import org.pelluna.core.pressure.Habitat;
import org.pelluna.core.pressure.Meeting;
import org.pelluna.core.pressure.Meetings;
import org.pelluna.core.pressure.PressureModel;
import org.pelluna.core.pressure.PressureStrengths;
import org.pelluna.core.pressure.Rivalry;

/**
 * The pressures that arrivals bring, laid out as numbers. What an arrival meets depends on which units came before it, not on
 * their order, and not on dates: whoever came on an earlier day is taken to be at home for the shortest pause of the house
 * rules. Sizes are those of the day of the plan.
 *
 * <p>Priced with the help that the calendar plans: everyone is released at lights-out, and who is pressed hard spends its first days in
 * the box.
 */
final class PairPressures {
    private final ResolvedPlan stock;
    private final List<OrderItem> units;
    private final boolean everyoneBoxed;
    private final double boxLeaves;
    private final double careful;
    private final PressureModel model;
    private final LocalDate today;
    private final int residentCount;

    /** Pressure on unit b by everything settled: residents first, then units; at one newcomer and no other rivals. */
    private final double[][] settledOnNewcomer;

    private final double[][] newcomerOnSettled;
    private final double[][] sameDay;
    private final double[] within;
    private final boolean[][] rival;
    private final int[] rivalMask;
    private final int[] rivalResidents;
    private final SetSum fish;

    /** Those that see rivals among the units: what they do to a newcomer depends on how many rivals are settled. */
    private final int[] crowders;

    /** The pressure of one settled fish on one of unit b, out of the box, at one newcomer and no other rivals. */
    private final double[][] single;

    private final SetMost[] hardestSteady;
    private final double[] hardestResident;
    private final SetSum[] steadyOnNewcomer;
    private final SetSum[] onSettled;
    private final double[] steadyResidents;
    private final double[] onResidents;

    /**
     * @param everyoneBoxed whether each newcomer goes through the box, pressed hard or not
     */
    PairPressures(ResolvedPlan stock, List<OrderItem> units, boolean everyoneBoxed) {
        this.stock = stock;
        this.units = units;
        this.everyoneBoxed = everyoneBoxed;
        this.boxLeaves = PressureStrengths.USUAL.of(PressureStrengths.Kind.BOX);
        this.careful = stock.plan().houseRules().weights().carefulPerHour();
        this.model =
                new PressureModel(Habitat.of(stock.plan().tank(), stock.plan().asOf()));
        this.today = stock.plan().asOf();
        this.residentCount = stock.residents().size();
        int n = units.size();
        int all = residentCount + n;
        this.settledOnNewcomer = new double[all][n];
        this.newcomerOnSettled = new double[n][all];
        this.single = new double[all][n];
        this.sameDay = new double[n][n];
        this.within = new double[n];
        this.rival = new boolean[all][n];
        this.rivalMask = new int[all];
        this.rivalResidents = new int[all];
        this.fish = new SetSum(units.stream().mapToDouble(OrderItem::count).toArray());
        fill();
        this.crowders = java.util.stream.IntStream.range(0, all)
                .filter(a -> rivalMask[a] != 0)
                .toArray();
        this.steadyOnNewcomer = new SetSum[n];
        this.onSettled = new SetSum[n];
        this.hardestSteady = new SetMost[n];
        this.hardestResident = new double[n];
        this.steadyResidents = new double[n];
        this.onResidents = new double[n];
        for (int b = 0; b < n; b++) {
            sumUp(b);
        }
    }

    private void sumUp(int b) {
        int n = units.size();
        double[] on = new double[n];
        double[] by = new double[n];
        double[] hardest = new double[n];
        for (int a = 0; a < residentCount + n; a++) {
            double steady = rivalMask[a] == 0 ? settledOnNewcomer[a][b] * model.crowding(rivalResidents[a]) : 0;
            double one = rivalMask[a] == 0 ? single[a][b] * model.crowding(rivalResidents[a]) : 0;
            if (a < residentCount) {
                hardestResident[b] = Math.max(hardestResident[b], one);
                steadyResidents[b] += steady;
                onResidents[b] += newcomerOnSettled[b][a];
            } else {
                hardest[a - residentCount] = one;
                on[a - residentCount] = steady;
                by[a - residentCount] = newcomerOnSettled[b][a];
            }
        }
        hardestSteady[b] = new SetMost(hardest);
        steadyOnNewcomer[b] = new SetSum(on);
        onSettled[b] = new SetSum(by);
    }

    private void fill() {
        List<Fish> everyone = new ArrayList<>(stock.residents());
        units.forEach(unit -> everyone.add(unit.fish()));
        int pause = stock.plan().houseRules().pauses().afterOneDays();
        for (int a = 0; a < everyone.size(); a++) {
            Fish settled = everyone.get(a);
            boolean resident = a < residentCount;
            int settledCount = resident ? 1 : units.get(a - residentCount).count();
            int ahead = resident ? Math.max(pause, (int) ChronoUnit.DAYS.between(settled.arrivesOn(), today)) : pause;
            for (int other = 0; other < residentCount; other++) {
                if (other != a && Meetings.crowds(settled, everyone.get(other))) {
                    rivalResidents[a]++;
                }
            }
            for (int b = 0; b < units.size(); b++) {
                if (a != residentCount + b) {
                    fillPair(a, settled, settledCount, ahead, b);
                }
            }
        }
        for (int i = 0; i < units.size(); i++) {
            for (int j = 0; j < units.size(); j++) {
                fillSameDay(i, j);
            }
        }
    }

    private void fillPair(int a, Fish settled, int settledCount, int ahead, int b) {
        OrderItem newcomer = units.get(b);
        int pairs = settledCount * newcomer.count();
        single[a][b] = alone(settled, newcomer.fish(), ahead, Set.of(ArrivalAid.LIGHTS_OUT));
        settledOnNewcomer[a][b] = pairs * single[a][b];
        newcomerOnSettled[b][a] = pairs * alone(newcomer.fish(), settled, -ahead, Set.of());
        rival[a][b] =
                Rivalry.between(settled.species(), newcomer.fish().species()).isPresent();
        if (Meetings.crowds(settled, newcomer.fish())) {
            rivalMask[a] |= 1 << b;
        }
    }

    private void fillSameDay(int i, int j) {
        OrderItem one = units.get(i);
        OrderItem other = units.get(j);
        double pressure = alone(one.fish(), other.fish(), 0, Set.of());
        if (i == j) {
            within[i] = one.count() * (one.count() - 1) * pressure;
        } else {
            sameDay[i][j] = one.count() * other.count() * pressure;
        }
    }

    /**
     * A first week by itself, encounters/h. Whether two fish of a kind suit each other is asked of the finished plan: residents and
     * every unit.
     */
    private double alone(Fish one, Fish other, int ahead, Set<ArrivalAid> help) {
        int planned = units.stream()
                .filter(unit -> unit.fish().species().id().equals(one.species().id()))
                .mapToInt(OrderItem::count)
                .sum();
        Meeting meeting = Meetings.firstWeek(one, other, ahead, 1, 0, stock.residentsOf(one.species()) + planned, help);
        return model.of(one, other, meeting, today).perHour();
    }

    /** Fish in a set of units. */
    int fish(int set) {
        return (int) fish.of(set);
    }

    /** Whether either of two units sees a rival in the other. */
    boolean rivals(int i, int j) {
        return rival[residentCount + i][j];
    }

    /** The pressure of a settled fish, residents counted first, on unit b alone, when so many of its rivals among the units are settled. */
    double pressed(int a, int b, int rivalsSettled) {
        return settledOnNewcomer[a][b] * model.crowding(rivalResidents[a] + rivalsSettled);
    }

    /** The pressure of unit b on a settled fish. */
    double presses(int b, int a) {
        return newcomerOnSettled[b][a];
    }

    /** The units in which a fish sees rivals, as a set. */
    int rivalsOf(int a) {
        return rivalMask[a];
    }

    int residents() {
        return residentCount;
    }

    /** All pressure in the first week of a group that arrives after a set has settled, encounters/h. */
    double of(int settled, int group) {
        double attention = PressureModel.attention(fish(group));
        double sum = 0;
        for (int rest = group; rest != 0; rest &= rest - 1) {
            int b = Integer.numberOfTrailingZeros(rest);
            double pressed = steadyResidents[b] + steadyOnNewcomer[b].of(settled);
            for (int a : crowders) {
                if (a < residentCount || (settled & 1 << (a - residentCount)) != 0) {
                    pressed += pressed(a, b, fish(settled & rivalMask[a]));
                }
            }
            double left = boxDays(settled, group, b) > 0 ? boxLeaves : 1;
            sum += left * attention * pressed + onResidents[b] + onSettled[b].of(settled) + within[b];
            for (int others = group & ~(1 << b); others != 0; others &= others - 1) {
                sum += sameDay[b][Integer.numberOfTrailingZeros(others)];
            }
        }
        return sum;
    }

    /** Days in the box of unit b, one of a group that arrives after a set has settled. */
    int boxDays(int settled, int group, int b) {
        if (everyoneBoxed) {
            return AcclimationBox.MOST_DAYS;
        }
        double hardest = Math.max(hardestResident[b], hardestSteady[b].of(settled));
        for (int a : crowders) {
            if (a < residentCount || (settled & 1 << (a - residentCount)) != 0) {
                hardest = Math.max(
                        hardest, single[a][b] * model.crowding(rivalResidents[a] + fish(settled & rivalMask[a])));
            }
        }
        return AcclimationBox.days(PressureModel.attention(fish(group)) * hardest, careful);
    }

    /** Pressure both ways between two groups alone, out of the box, when the first is at home and the second arrives. */
    double between(int first, int second) {
        double sum = 0;
        for (int a = first; a != 0; a &= a - 1) {
            for (int b = second; b != 0; b &= b - 1) {
                int settled = residentCount + Integer.numberOfTrailingZeros(a);
                int newcomer = Integer.numberOfTrailingZeros(b);
                sum += settledOnNewcomer[settled][newcomer] + newcomerOnSettled[newcomer][settled];
            }
        }
        return sum;
    }
}
