package org.pelluna.core.arrival;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import org.pelluna.core.forecast.FishWaste;
import org.pelluna.core.forecast.WaterLimit;
import org.pelluna.core.plan.Approaches;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.species.Species;

/**
 * The arrivals to put in order, with everything that an order's cost depends on laid out as numbers: a linear ordering with
 * ties and release dates. An arrival is one unit, or some units that see rivals in each other.
 *
 * <p>Sets of units are bit masks; unit {@code i} is bit {@code i}.
 */
final class OrderProblem {
    /** Most units a set can hold. */
    static final int MOST_UNITS = 31;

    private final List<OrderItem> units;
    private final HouseRules rules;
    private final Quarantine quarantine;
    private final int quarantineDays;
    private final Options options;
    private final int firstDay;
    private final HeadroomCheck room;
    private final PairPressures pressures;
    private final SetSum[] shyBehind;
    private final SetSum nitrogen;
    private final double residentNitrogen;
    private final WaterLimit water;
    private final int inside;
    private final boolean onlyTogether;

    /** The first day on which each unit's own gates let it come, quarantine included. */
    private final int[] release;

    /** The day from which the waiting of each unit counts. */
    private final int[] open;

    /**
     * What an alternative plan does otherwise.
     *
     * @param together whether rivals may share a day
     * @param everyoneBoxed whether each newcomer goes through the box, pressed hard or not
     * @param last units that come when all others have, as a set
     */
    record Options(boolean together, boolean everyoneBoxed, int last) {
        /** As the house rules have it. */
        static Options of(HouseRules rules) {
            return new Options(rules.schools().kin() != Approaches.Kin.NEVER, false, 0);
        }
    }

    /** By the house rules, in water whose limit is not known yet. */
    OrderProblem(ResolvedPlan stock, List<OrderItem> units) {
        this(stock, units, Options.of(stock.plan().houseRules()), FishWaste.limit(stock.plan()));
    }

    /**
     * @param water what the water bears; {@link FishWaste#limit} of the same plan
     */
    OrderProblem(ResolvedPlan stock, List<OrderItem> units, Options options, WaterLimit water) {
        if (units.size() > MOST_UNITS) {
            throw new IllegalArgumentException(
                    "at most " + MOST_UNITS + " wishes can be put in order at once, but there are " + units.size());
        }
        this.units = List.copyOf(units);
        this.options = options;
        this.rules = stock.plan().houseRules();
        LocalDate today = stock.plan().asOf();
        this.quarantine = Quarantine.of(stock.plan());
        this.quarantineDays = quarantine.days();
        this.firstDay =
                (int) ChronoUnit.DAYS.between(today, StockingPause.of(stock).ready());
        this.room = new HeadroomCheck(stock, this.units);
        this.pressures = new PairPressures(stock, this.units, options.everyoneBoxed());
        FishWaste wastes = new FishWaste(stock.plan().tank(), rules.husbandry());
        this.water = water;
        this.residentNitrogen = stock.residents().isEmpty()
                ? water.settledBy(rules.husbandry().clearsMgPerLitreDay())
                : stock.residents().stream()
                        .mapToDouble(fish -> wastes.nitrogen(fish, today))
                        .sum();
        this.nitrogen = new SetSum(units.stream()
                .mapToDouble(unit -> unit.count() * wastes.nitrogen(unit.fish(), today))
                .toArray());
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
        this.onlyTogether = rules.schools().kin() == Approaches.Kin.SAME_DAY;
    }

    /** What it costs a unit to come behind each other one: shy behind bold, and out of the place its school gives it. */
    private double[] behind(OrderItem one) {
        double[] costs = new double[units.size()];
        for (int i = 0; i < costs.length; i++) {
            OrderItem other = units.get(i);
            double bolder = other.fish().species().temper().boldness()
                    - one.fish().species().temper().boldness();
            double delicacy = one.fish().species().temper().delicacy();
            boolean outOfPlace = rules.schools().clownfish() == Approaches.Clownfish.FIRST
                    ? isClownfish(one) && !isClownfish(other)
                    : isClownfish(other) && !isClownfish(one);
            costs[i] = rules.weights().shyness()
                    * (one.count() * Math.max(0, bolder) * (1 + delicacy) / 2 + (outOfPlace ? 1 : 0));
        }
        return costs;
    }

    private static boolean isClownfish(OrderItem unit) {
        return unit.fish().species().genus().equals("Amphiprion");
    }

    private static boolean isSurgeonfish(OrderItem unit) {
        return unit.fish().species().family().equals("Acanthuridae");
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

    /** The first day on which the pause after the latest resident is over, counted from the day of the plan. */
    int firstDay() {
        return firstDay;
    }

    Quarantine quarantine() {
        return quarantine;
    }

    PairPressures pressures() {
        return pressures;
    }

    /** Fish in a set of units. */
    int fish(int set) {
        return pressures.fish(set);
    }

    /** The tightest load once a set has joined the residents, on a day. */
    RoomUse room(int set, int day) {
        return room.use(set, day);
    }

    /** The first day on which the headroom bears a set; the mature day where it never does. */
    int headroomDay(int set) {
        return room.day(set);
    }

    /** Ammonia nitrogen of a set, mg N/L a day. */
    double nitrogen(int set) {
        return nitrogen.of(set);
    }

    /** The most ammonia nitrogen the bacteria bear on one day once a set has settled, mg N/L a day. */
    double mostNitrogen(int settled) {
        return water.mostExtra(residentNitrogen + nitrogen.of(settled));
    }

    /** Whether the bacteria that have settled to a set bear a group on one day. */
    boolean bears(int settled, int group) {
        return nitrogen(group) <= mostNitrogen(settled);
    }

    /**
     * Whether a group may come next: those in quarantine first, those kept for the end last, rivals together where the house lets them in only so,
     * and the water bears it.
     */
    boolean allows(int settled, int group) {
        int waiting = inside & ~settled;
        boolean inTurn = waiting == 0 || (group & ~inside) == 0;
        boolean atTheEnd = (group & options.last()) == 0 || (settled | group) == all();
        return inTurn && atTheEnd && bears(settled, group) && bringsItsKin(settled, group);
    }

    /** Where the house lets rivals of one genus in only on one day, none comes alone while another could come with it. */
    boolean bringsItsKin(int settled, int group) {
        if (!options.together() || !onlyTogether || Integer.bitCount(group) > 1) {
            return true;
        }
        int i = Integer.numberOfTrailingZeros(group);
        for (int j = 0; j < size(); j++) {
            boolean waits = ((settled | group) & 1 << j) == 0;
            if (waits && isKin(i, j) && mayShare(i, j) && bears(settled, group | 1 << j)) {
                return false;
            }
        }
        return true;
    }

    /** Whether two units are of one genus and of two species. */
    boolean isKin(int i, int j) {
        Species one = units.get(i).fish().species();
        Species other = units.get(j).fish().species();
        return one.genus().equals(other.genus()) && !one.id().equals(other.id()) && pressures.rivals(i, j);
    }

    /** The units that can ever come, however the others are put: all, unless the water never bears one. */
    int reachable() {
        int settled = 0;
        boolean grown = true;
        while (grown) {
            grown = false;
            for (int i = 0; i < size(); i++) {
                if ((settled & 1 << i) == 0 && bears(settled, 1 << i)) {
                    settled |= 1 << i;
                    grown = true;
                }
            }
        }
        return settled;
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
        return Math.max(release(group), headroomDay(settled | group));
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

    /** Every group that may arrive on one day: each unit alone, and, where the house allows, rivals together. */
    List<Integer> groups() {
        List<Integer> groups = new ArrayList<>();
        for (int i = 0; i < size(); i++) {
            groups.add(1 << i);
        }
        for (int i = 0; i < size() && options.together(); i++) {
            for (int j = i + 1; j < size(); j++) {
                if (pressures.rivals(i, j) && mayShare(i, j)) {
                    groups.add(1 << i | 1 << j);
                }
            }
        }
        int tangs = surgeonfish();
        if (options.together()
                && rules.schools().tangs() == Approaches.Tangs.TOGETHER
                && Integer.bitCount(tangs) > 2
                && quarantine.holds(fish(tangs), Integer.bitCount(tangs))) {
            groups.add(tangs);
        }
        return groups;
    }

    private int surgeonfish() {
        int set = 0;
        for (int i = 0; i < size(); i++) {
            set |= isSurgeonfish(units.get(i)) ? 1 << i : 0;
        }
        return set;
    }

    private boolean mayShare(int i, int j) {
        boolean staged = rules.schools().tangs() == Approaches.Tangs.STAGED
                && isSurgeonfish(units.get(i))
                && isSurgeonfish(units.get(j));
        boolean oneInside = units.get(i).inside() != units.get(j).inside();
        return !staged && !oneInside && quarantine.holds(fish(1 << i | 1 << j), 2);
    }

    /** What the arrival of a group costs after a set has settled, on the given day. */
    OrderCost step(int settled, int group, int day) {
        return new OrderCost(pressures.of(settled, group), lateness(group, day), shyness(settled, group));
    }

    /** What the arrival of a group after a set costs, whatever the day. */
    double undated(int settled, int group) {
        return pressures.of(settled, group) + shyness(settled, group);
    }

    /** What it costs that a group arrives on a day: its weeks beyond the first day it might have come. */
    double lateness(int group, int day) {
        double lateness = 0;
        for (int rest = group; rest != 0; rest &= rest - 1) {
            int i = Integer.numberOfTrailingZeros(rest);
            lateness += rules.weights().lateness() * units.get(i).count() * (day - Math.max(firstDay, open[i])) / 7.0;
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

    /** Days in the box of a group that arrives after a set has settled; all of it stay as long as the one pressed hardest. */
    int boxDays(int settled, int group) {
        int days = 0;
        for (int rest = group; rest != 0; rest &= rest - 1) {
            days = Math.max(days, pressures.boxDays(settled, group, Integer.numberOfTrailingZeros(rest)));
        }
        return days;
    }

    /** Pressure both ways between two groups alone, when the first is at home and the second arrives. */
    double between(int first, int second) {
        return pressures.between(first, second);
    }

    /** The cost of a whole order of groups. */
    OrderCost cost(List<Integer> order) {
        OrderCost cost = OrderCost.NONE;
        int settled = 0;
        int ready = firstDay;
        for (int group : order) {
            int day = day(settled, group, ready);
            cost = cost.plus(step(settled, group, day));
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
