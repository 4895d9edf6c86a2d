package org.pelluna.core.arrival;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import org.pelluna.core.headroom.InchRule;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.Stock;
import org.pelluna.core.pressure.Encounters;
import org.pelluna.core.pressure.Ground;
import org.pelluna.core.pressure.Meeting;
import org.pelluna.core.pressure.PressureModel;

/**
 * The arrivals to put in order, with everything that an order's cost depends on laid out as numbers.
 *
 * <p>A linear ordering with ties and release dates. An arrival is one unit, or two units that see rivals in each other. Its
 * pressure depends on which units came before it, not on their order, and not on dates: whoever came on an earlier day is
 * taken to be at home for the shortest pause of the house rules. Sizes are those of the day of the plan.
 *
 * <p>Sets of units are bit masks; unit {@code i} is bit {@code i}.
 */
final class OrderProblem {
    /** Most units a set can hold. */
    static final int MOST_UNITS = 31;

    private final List<Unit> units;
    private final HouseRules rules;
    private final int firstDay;
    private final int matureDay;
    private final double[] inches;
    private final double residentInches;
    private final double ceilingNow;
    private final double ceilingMature;
    /** Pressure on unit b by everything settled: residents first, then units; at one newcomer and no other rivals. */
    private final double[][] settledOnNewcomer;

    private final double[][] newcomerOnSettled;
    private final double[][] sameDay;
    private final double[] within;
    private final boolean[][] rival;
    private final int[] rivalMask;
    private final int[] rivalResidents;
    private final double[][] shyBehind;
    private final int residentCount;

    OrderProblem(Stock stock, List<Unit> units) {
        if (units.size() > MOST_UNITS) {
            throw new IllegalArgumentException(
                    "at most " + MOST_UNITS + " wishes can be put in order at once, but there are " + units.size());
        }
        this.units = List.copyOf(units);
        this.rules = stock.plan().houseRules();
        LocalDate today = stock.plan().asOf();
        InchRule rule = new InchRule(stock.plan().tank(), rules);
        this.firstDay = firstDay(stock, today);
        this.matureDay = rule.matureOn()
                .map(day -> (int) Math.max(0, ChronoUnit.DAYS.between(today, day)))
                .orElse(0);
        this.ceilingNow = rule.ceilingInches(today);
        this.ceilingMature = rule.matureCeilingInches();
        this.residentInches = InchRule.inches(stock.residents());
        this.inches = units.stream()
                .mapToDouble(unit -> InchRule.inches(unit.fish().species()) * unit.count())
                .toArray();

        List<Fish> residents = stock.residents();
        this.residentCount = residents.size();
        int n = units.size();
        int all = residentCount + n;
        this.settledOnNewcomer = new double[all][n];
        this.newcomerOnSettled = new double[n][all];
        this.sameDay = new double[n][n];
        this.within = new double[n];
        this.rival = new boolean[all][n];
        this.rivalMask = new int[all];
        this.rivalResidents = new int[all];
        this.shyBehind = new double[n][n];
        fill(stock, new PressureModel(Ground.of(stock.plan().tank())), today);
    }

    private static int firstDay(Stock stock, LocalDate today) {
        List<Fish> residents = stock.residents();
        if (residents.isEmpty()) {
            return 0;
        }
        LocalDate last = residents.get(residents.size() - 1).arrivesOn();
        int together = (int)
                residents.stream().filter(fish -> fish.arrivesOn().equals(last)).count();
        LocalDate ready = last.plusDays(stock.plan().houseRules().pauseAfter(together));
        return (int) Math.max(0, ChronoUnit.DAYS.between(today, ready));
    }

    private void fill(Stock stock, PressureModel model, LocalDate today) {
        List<Fish> everyone = new ArrayList<>(stock.residents());
        units.forEach(unit -> everyone.add(unit.fish()));
        int pause = rules.pauseAfterOneDays();
        for (int a = 0; a < everyone.size(); a++) {
            Fish settled = everyone.get(a);
            boolean resident = a < residentCount;
            int settledCount = resident ? 1 : units.get(a - residentCount).count();
            int ahead = resident ? Math.max(pause, (int) ChronoUnit.DAYS.between(settled.arrivesOn(), today)) : pause;
            for (int other = 0; other < residentCount; other++) {
                if (other != a && Encounters.crowds(settled, everyone.get(other))) {
                    rivalResidents[a]++;
                }
            }
            for (int b = 0; b < units.size(); b++) {
                Unit newcomer = units.get(b);
                if (a == residentCount + b) {
                    continue;
                }
                int pairs = settledCount * newcomer.count();
                Meeting first = kin(Meeting.plain(ahead), settled, newcomer.fish(), stock);
                Meeting second = kin(Meeting.plain(-ahead), newcomer.fish(), settled, stock);
                settledOnNewcomer[a][b] =
                        pairs * model.of(settled, newcomer.fish(), first, today).perHour();
                newcomerOnSettled[b][a] = pairs
                        * model.of(newcomer.fish(), settled, second, today).perHour();
                rival[a][b] =
                        model.of(settled, newcomer.fish(), first, today).kin().isRival();
                if (Encounters.crowds(settled, newcomer.fish())) {
                    rivalMask[a] |= 1 << b;
                }
            }
        }
        for (int i = 0; i < units.size(); i++) {
            for (int j = 0; j < units.size(); j++) {
                fillPlanned(stock, model, today, i, j);
            }
        }
    }

    private void fillPlanned(Stock stock, PressureModel model, LocalDate today, int i, int j) {
        Unit one = units.get(i);
        Unit other = units.get(j);
        Meeting together = kin(Meeting.plain(0), one.fish(), other.fish(), stock);
        double pressure = model.of(one.fish(), other.fish(), together, today).perHour();
        if (i == j) {
            within[i] = one.count() * (one.count() - 1) * pressure;
            return;
        }
        sameDay[i][j] = one.count() * other.count() * pressure;
        double bolder = one.fish().species().temper().boldness()
                - other.fish().species().temper().boldness();
        double delicacy = other.fish().species().temper().delicacy();
        shyBehind[i][j] = rules.shynessWeight() * other.count() * Math.max(0, bolder) * (1 + delicacy) / 2;
    }

    /** Whether two fish of a kind suit each other is asked of the finished plan: residents and every unit. */
    private Meeting kin(Meeting meeting, Fish one, Fish other, Stock stock) {
        int planned = units.stream()
                .filter(unit -> unit.fish().species().id().equals(one.species().id()))
                .mapToInt(Unit::count)
                .sum();
        return Encounters.kinshipOf(meeting, one, other, stock.residentsOf(one.species()) + planned);
    }

    int size() {
        return units.size();
    }

    Unit unit(int i) {
        return units.get(i);
    }

    /** The first day on which the pause after the latest resident is over, counted from the day of the plan. */
    int firstDay() {
        return firstDay;
    }

    /** Fish in a set of units. */
    int fish(int set) {
        int fish = 0;
        for (int rest = set; rest != 0; rest &= rest - 1) {
            fish += units.get(Integer.numberOfTrailingZeros(rest)).count();
        }
        return fish;
    }

    /** Inches of adult fish once a set of units has joined the residents. */
    double inchesWith(int set) {
        double sum = residentInches;
        for (int rest = set; rest != 0; rest &= rest - 1) {
            sum += inches[Integer.numberOfTrailingZeros(rest)];
        }
        return sum;
    }

    double ceilingInches(int day) {
        return day >= matureDay ? Math.max(ceilingNow, ceilingMature) : ceilingNow;
    }

    /** The first day on which the headroom bears a set; the mature day where it never does. */
    int headroomDay(int set) {
        return inchesWith(set) <= ceilingNow ? 0 : matureDay;
    }

    /** The last of the group's own gates. */
    int release(int group) {
        int day = 0;
        for (int rest = group; rest != 0; rest &= rest - 1) {
            day = Math.max(day, units.get(Integer.numberOfTrailingZeros(rest)).release());
        }
        return day;
    }

    /** The day a group arrives after a set, when the pause before it ends on day {@code ready}. */
    int day(int settled, int group, int ready) {
        return Math.max(Math.max(ready, release(group)), headroomDay(settled | group));
    }

    /** The day the pause after a group ends. */
    int readyAfter(int group, int day) {
        return day + rules.pauseAfter(fish(group));
    }

    /** Every group that may arrive on one day: each unit alone, and, if the house allows, pairs of rivals. */
    List<Integer> groups() {
        List<Integer> groups = new ArrayList<>();
        for (int i = 0; i < size(); i++) {
            groups.add(1 << i);
        }
        for (int i = 0; i < size() && rules.rivalsSameDay(); i++) {
            for (int j = i + 1; j < size(); j++) {
                if (rival[residentCount + i][j] || rival[residentCount + j][i]) {
                    groups.add(1 << i | 1 << j);
                }
            }
        }
        return groups;
    }

    /** What the arrival of a group costs after a set has settled, on the given day. */
    OrderCost step(int settled, int group, int day) {
        double lateness = 0;
        for (int rest = group; rest != 0; rest &= rest - 1) {
            Unit unit = units.get(Integer.numberOfTrailingZeros(rest));
            int earliest = Math.max(firstDay, unit.release());
            lateness += rules.latenessWeight() * unit.count() * (day - earliest) / 7.0;
        }
        return new OrderCost(pressure(settled, group), lateness, shyness(settled, group));
    }

    private double pressure(int settled, int group) {
        int newcomers = fish(group);
        double attention = PressureModel.attention(newcomers);
        double sum = 0;
        for (int rest = group; rest != 0; rest &= rest - 1) {
            int b = Integer.numberOfTrailingZeros(rest);
            for (int a = 0; a < residentCount; a++) {
                sum += meet(a, b, settled, attention);
            }
            for (int others = settled; others != 0; others &= others - 1) {
                sum += meet(residentCount + Integer.numberOfTrailingZeros(others), b, settled, attention);
            }
            sum += within[b];
            for (int others = group & ~(1 << b); others != 0; others &= others - 1) {
                sum += sameDay[b][Integer.numberOfTrailingZeros(others)];
            }
        }
        return sum;
    }

    private double meet(int a, int b, int settled, double attention) {
        int rivals = rivalResidents[a] + fish(settled & rivalMask[a]);
        return settledOnNewcomer[a][b] * attention * PressureModel.crowding(rivals) + newcomerOnSettled[b][a];
    }

    /** Pressure both ways between two groups alone, when the first is at home and the second arrives. */
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

    private double shyness(int settled, int group) {
        double sum = 0;
        for (int rest = group; rest != 0; rest &= rest - 1) {
            int b = Integer.numberOfTrailingZeros(rest);
            for (int others = settled; others != 0; others &= others - 1) {
                sum += shyBehind[Integer.numberOfTrailingZeros(others)][b];
            }
        }
        return sum;
    }

    /** The cost of a whole order of groups. */
    OrderCost cost(List<Integer> order) {
        OrderCost cost = OrderCost.NONE;
        int settled = 0;
        int ready = firstDay;
        for (int group : order) {
            int day = day(settled, group, ready);
            cost = cost.plus(step(settled, group, day));
            settled |= group;
            ready = readyAfter(group, day);
        }
        return cost;
    }
}
