package org.pelluna.core.arrival;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import org.pelluna.core.forecast.WaterFit;
import org.pelluna.core.forecast.WaterReserve;
import org.pelluna.core.plan.Approaches;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.ResolvedPlan;

/**
 * The arrivals to put in order, with everything that an order's cost depends on laid out as numbers: a linear ordering with
 * ties and release dates. An arrival is one unit, or some units that see rivals in each other.
 *
 * <p>Sets of units are bit masks; unit {@code i} is bit {@code i}.
 */
final class OrderProblem {
    /** Most units a set can hold. */
    static final int MOST_UNITS = 31;

    /** Weeks of waiting that count twice as much as so many single first weeks; ours. */
    private static final double LONG_WEEKS = 26;

    private final ResolvedPlan stock;
    private final WaterReserve reserve;
    private final List<OrderItem> units;
    private final HouseRules rules;
    private final Quarantine quarantine;
    private final int quarantineDays;
    private final OrderOptions options;
    private final int firstDay;
    private final HeadroomCheck room;
    private final PairTable pairs;
    private final PairPressures least;
    private final DatedPressures dated;
    private final SetSum[] shyBehind;
    private final WaterRoom water;
    private final SharedDays days;
    private final Precedence precedence;
    private final int inside;
    private final boolean onlyTogether;

    /** The first day on which each unit's own gates let it come, quarantine included. */
    private final int[] release;

    /** The day from which the waiting of each unit counts. */
    private final int[] open;

    /** By the house rules, in water as its tests say. */
    OrderProblem(ResolvedPlan stock, List<OrderItem> units) {
        this(stock, units, OrderOptions.of(stock.plan().houseRules()), WaterReserve.of(stock, WaterFit.of(stock)));
    }

    /**
     * @param water what the water bears
     */
    OrderProblem(ResolvedPlan stock, List<OrderItem> units, OrderOptions options, WaterReserve water) {
        if (units.size() > MOST_UNITS) {
            throw new IllegalArgumentException(
                    "at most " + MOST_UNITS + " wishes can be put in order at once, but there are " + units.size());
        }
        this.stock = stock;
        this.reserve = water;
        this.units = List.copyOf(units);
        this.options = options;
        this.rules = stock.plan().houseRules();
        LocalDate today = stock.plan().asOf();
        this.quarantine = Quarantine.of(stock.plan());
        this.quarantineDays = quarantine.days();
        this.firstDay =
                (int) ChronoUnit.DAYS.between(today, StockingPause.of(stock).ready());
        this.room = new HeadroomCheck(stock, this.units);
        this.water =
                new WaterRoom(water, this.units, today, firstDay, rules.pauses().afterOneDays());
        this.shyBehind = new SetSum[units.size()];
        this.release = new int[units.size()];
        this.open = new int[units.size()];
        int in = 0;
        for (int i = 0; i < units.size(); i++) {
            shyBehind[i] = new SetSum(behind(units.get(i)));
            OrderItem unit = units.get(i);
            open[i] = unit.inside() ? unit.open() : Math.max(unit.open(), quarantineDays);
            release[i] = unit.inside() ? unit.release() : Math.max(unit.release(), quarantineDays);
            in |= unit.inside() ? 1 << i : 0;
        }
        this.inside = in;
        this.pairs = new PairTable(stock, this.units);
        AcclimationBox box = new AcclimationBox(rules.weights().carefulPerHour(), options.everyoneBoxed());
        this.least = new PairPressures(pairs, size(), span(), box);
        this.dated = new DatedPressures(pairs, box);
        this.days = new SharedDays(pairs, this.units, rules.approaches(), quarantine, options.together());
        this.onlyTogether = rules.approaches().kin() == Approaches.Kin.SAME_DAY;
        int[] sharing = new int[units.size()];
        for (int i = 0; onlyTogether && options.together() && i < sharing.length; i++) {
            sharing[i] = days.kin(i);
        }
        this.precedence = new Precedence(this.units, rules.approaches(), sharing, options.last());
    }

    /** Between which days the arrivals of any order lie. */
    private OrderSpan span() {
        List<Integer> earliest = new ArrayList<>();
        List<Integer> gap = new ArrayList<>();
        int last = Math.max(firstDay, room.day(all()));
        for (int i = 0; i < size(); i++) {
            earliest.add(Math.max(firstDay, release[i]));
            gap.add(pauseAfter(1 << i));
            last = Math.max(last, release[i]);
        }
        // Nobody waits longer than for the last gate, and then for the pauses after all others; two that share a day
        // have one pause, of the longer kind.
        boolean sharing = rules.pauses().afterMoreDays() > 2 * rules.pauses().afterOneDays();
        for (int i = 1; i < size(); i++) {
            int pause = sharing ? rules.pauses().afterMoreDays() : longest(gap, i);
            last = from(all(), last) + Math.max(pause, quarantineDays);
        }
        return new OrderSpan(earliest, gap, last);
    }

    /** The pause that is longest but for some longer ones. */
    private static int longest(List<Integer> pauses, int place) {
        return pauses.stream().sorted().skip(pauses.size() - place).findFirst().orElseThrow();
    }

    /** What it costs a unit to come behind each other one: shy behind bold. */
    private double[] behind(OrderItem one) {
        double[] costs = new double[units.size()];
        for (int i = 0; i < costs.length; i++) {
            OrderItem other = units.get(i);
            double bolder = other.fish().species().temper().boldness()
                    - one.fish().species().temper().boldness();
            double delicacy = one.fish().species().temper().delicacy();
            costs[i] = rules.weights().shyness() * one.count() * Math.max(0, bolder) * (1 + delicacy) / 2;
        }
        return costs;
    }

    int size() {
        return units.size();
    }

    int all() {
        return (1 << size()) - 1;
    }

    OrderItem unit(int i) {
        return units.get(i);
    }

    /** Which units may arrive on one day. */
    SharedDays days() {
        return days;
    }

    /** Every group that may arrive on one day. */
    List<Integer> groups() {
        return days.groups();
    }

    /** The first day on which the pause after the latest resident is over, counted from the day of the plan. */
    int firstDay() {
        return firstDay;
    }

    Quarantine quarantine() {
        return quarantine;
    }

    PairTable pairs() {
        return pairs;
    }

    /** What an arrival attacks and is attacked at least, whatever its day. */
    PairPressures least() {
        return least;
    }

    /** Fish in a set of units. */
    int fish(int set) {
        return pairs.fish(set);
    }

    /** The tightest load once a set has joined the residents, on a day. */
    RoomUse room(int set, int day) {
        return room.use(set, day);
    }

    /** The first day on which the headroom bears a set; the mature day where it never does. */
    int headroomDay(int set) {
        return room.day(set);
    }

    /** What the water bears of it. */
    WaterRoom water() {
        return water;
    }

    /**
     * Whether a group may come next: those in quarantine first, bullies and those kept for the end last, rivals together where the house
     * lets them in only so, and the water bears it.
     */
    boolean allows(int settled, int group) {
        return keepsItsPlace(settled, group) && isPossible(settled, group);
    }

    /** The same, whatever place {@link Precedence} gives it. */
    boolean isPossible(int settled, int group) {
        int waiting = inside & ~settled;
        boolean inTurn = waiting == 0 || (group & ~inside) == 0;
        boolean atTheEnd = (group & options.last()) == 0 || (settled | group) == all();
        return inTurn && atTheEnd && water.bears(settled, group) && bringsItsKin(settled, group);
    }

    /** Whether bullies, clownfish and delicate surgeonfish keep their place when a group comes next; always where they need not. */
    boolean keepsItsPlace(int settled, int group) {
        return !options.ranked() || precedence.allows(settled, group);
    }

    /** Who comes before whom by the house rules. */
    Precedence precedence() {
        return precedence;
    }

    /** The same problem; in any order where bullies, clownfish and delicate surgeonfish cannot keep the place {@link Precedence} gives them. */
    OrderProblem solvable() {
        return !options.ranked()
                        || size() == 0
                        || !InsertionOrder.gentlestFirst(this).isEmpty()
                ? this
                : new OrderProblem(stock, units, options.unranked(), reserve);
    }

    /** Where the house lets rivals of one genus in only on one day, none comes alone while another could come with it. */
    boolean bringsItsKin(int settled, int group) {
        if (!options.together() || !onlyTogether || (Integer.bitCount(group) > 1 && !days.isBatch(group))) {
            return true;
        }
        int waiting = 0;
        for (int rest = group; rest != 0; rest &= rest - 1) {
            waiting |= days.kin(Integer.numberOfTrailingZeros(rest)) & ~settled;
        }
        for (int left = waiting; left != 0; left &= left - 1) {
            if (water.bears(settled, group | Integer.lowestOneBit(left))) {
                return false;
            }
        }
        return true;
    }

    /** The last of the group's own gates, quarantine included. */
    int release(int group) {
        int day = 0;
        for (int rest = group; rest != 0; rest &= rest - 1) {
            day = Math.max(day, release[Integer.numberOfTrailingZeros(rest)]);
        }
        return day;
    }

    /** The day a group arrives after a set, when the pause before it ends on day {@code ready}. */
    int day(int settled, int group, int ready) {
        return from(group, Math.max(ready, gate(settled, group)));
    }

    /** The first day from a given one on which a group has had its quarantine; those in quarantine already have their place. */
    int from(int group, int day) {
        return (group & ~inside) == 0 ? day : quarantine.out(day);
    }

    /** The first day on which a group may arrive after a set, whatever the pause and whoever has the quarantine tank. */
    int gate(int settled, int group) {
        return Math.max(Math.max(release(group), headroomDay(settled | group)), water.heldUntil(settled, group));
    }

    /** Days to wait after a group. */
    int pauseAfter(int group) {
        return rules.pauseAfter(fish(group));
    }

    /** The first day for the next arrival: the pause is over, and a new fish has had its time in quarantine. */
    int readyAfter(int settled, int group, int day) {
        int pause = pauseAfter(group);
        boolean moreInside = (inside & ~settled & ~group) != 0;
        return day + (moreInside ? pause : Math.max(pause, quarantineDays));
    }

    /** What the arrival of a group after a set costs at least, whatever the days. */
    double undated(int settled, int group) {
        return least.of(settled, group) + shyness(settled, group);
    }

    /**
     * What it costs that a group arrives on a day: its weeks beyond the first day it might have come, each later week more than the one before, since
     * keepers mind weeks little and a year much. A week after half a year counts three times the first.
     */
    double lateness(int group, int day) {
        double lateness = 0;
        for (int rest = group; rest != 0; rest &= rest - 1) {
            int i = Integer.numberOfTrailingZeros(rest);
            double weeks = (day - Math.max(firstDay, open[i])) / 7.0;
            lateness += rules.weights().lateness() * units.get(i).count() * weeks * (1 + weeks / LONG_WEEKS);
        }
        return lateness;
    }

    private double shyness(int settled, int group) {
        double shyness = 0;
        for (int rest = group; rest != 0; rest &= rest - 1) {
            shyness += shyBehind[Integer.numberOfTrailingZeros(rest)].of(settled);
        }
        return shyness;
    }

    /** Pressure both ways between two groups alone, when the first has been at home for the shortest pause and the second arrives. */
    double between(int first, int second) {
        return dated.between(first, second, rules.pauses().afterOneDays());
    }

    /** The arrivals of a whole order of groups, on its own days. */
    List<OrderStep> steps(List<Integer> order) {
        List<OrderStep> steps = new ArrayList<>();
        int[] came = new int[size()];
        int settled = 0;
        int ready = firstDay;
        for (int group : order) {
            int day = day(settled, group, ready);
            FirstWeek week = dated.of(settled, group, day, came);
            steps.add(new OrderStep(group, settled, ready, day, cost(week, settled, group, day), week.boxDays()));
            ready = readyAfter(settled, group, day);
            arrive(group, day, came);
            settled |= group;
        }
        return steps;
    }

    /** Notes the day of each of a group. */
    static void arrive(int group, int day, int[] came) {
        for (int rest = group; rest != 0; rest &= rest - 1) {
            came[Integer.numberOfTrailingZeros(rest)] = day;
        }
    }

    /** What the arrival of a group costs on a day, after others on theirs. */
    OrderCost cost(int settled, int group, int day, int[] came) {
        return cost(dated.of(settled, group, day, came), settled, group, day);
    }

    private OrderCost cost(FirstWeek week, int settled, int group, int day) {
        return new OrderCost(week.pressure(), lateness(group, day) + week.boxes(), shyness(settled, group));
    }

    /** The first week of a group that arrives on a day, after others on theirs. */
    FirstWeek week(int settled, int group, int day, int[] came) {
        return dated.of(settled, group, day, came);
    }

    /** The cost of a whole order of groups, on its own days. */
    OrderCost cost(List<Integer> order) {
        OrderCost cost = OrderCost.NONE;
        int[] came = new int[size()];
        int settled = 0;
        int ready = firstDay;
        for (int group : order) {
            int day = day(settled, group, ready);
            cost = cost.plus(cost(settled, group, day, came));
            ready = readyAfter(settled, group, day);
            arrive(group, day, came);
            settled |= group;
        }
        return cost;
    }

    /** What an order costs at least: each pressure as small as it can be on any days. */
    double leastCost(List<Integer> order) {
        double cost = 0;
        int settled = 0;
        int ready = firstDay;
        for (int group : order) {
            int day = day(settled, group, ready);
            cost += undated(settled, group) + lateness(group, day);
            ready = readyAfter(settled, group, day);
            settled |= group;
        }
        return cost;
    }

    /** Whether every step of an order is allowed. */
    boolean allows(List<Integer> order) {
        int settled = 0;
        for (int group : order) {
            if (!allows(settled, group)) {
                return false;
            }
            settled |= group;
        }
        return true;
    }
}
