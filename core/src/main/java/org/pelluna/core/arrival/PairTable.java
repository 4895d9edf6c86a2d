package org.pelluna.core.arrival;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.pressure.ArrivalAid;
import org.pelluna.core.pressure.Meeting;
import org.pelluna.core.pressure.Meetings;
import org.pelluna.core.pressure.PressureModel;
import org.pelluna.core.pressure.Rivalry;

/**
 * The fish of an order, each with each: what one attacks the other in the first week of the later, on whatever days they come. Residents are counted first, then
 * units; days are counted from the day of the plan. Pressures are those of one fish on one, released at lights-out, at one newcomer and no rivals settled.
 */
final class PairTable {
    private final List<OrderItem> units;
    private final LocalDate today;
    private final int residents;
    private final PressureModel model;

    /** Residents and planned fish of each species together. */
    private final Map<SpeciesId, Integer> inTheEnd = new HashMap<>();

    private final List<Fish> everyone = new ArrayList<>();
    private final PressureModel.Pair[][] on;
    private final PressureModel.Pair[][] by;
    private final double[][] sameDay;
    private final boolean[][] rival;
    private final int[] rivalMask;
    private final int[] rivalResidents;
    /** Which of all grow while they wait: residents, and those that are only out. */
    private final boolean[] growsOn;

    private final DayMemory lengths;
    private final DayMemory knownOn;
    private final DayMemory knownBy;
    private final SetSum fish;

    PairTable(ResolvedPlan stock, List<OrderItem> units) {
        this.units = units;
        this.today = stock.plan().asOf();
        this.residents = stock.residents().size();
        this.model = PressureModel.of(stock);
        int n = units.size();
        int all = residents + n;
        everyone.addAll(stock.residents());
        units.forEach(unit -> everyone.add(on(unit.fish(), today, today)));
        stock.residents().forEach(fish -> inTheEnd.merge(fish.species().id(), 1, Integer::sum));
        units.forEach(unit -> inTheEnd.merge(unit.fish().species().id(), unit.count(), Integer::sum));
        this.on = new PressureModel.Pair[all][n];
        this.by = new PressureModel.Pair[n][all];
        this.sameDay = new double[n][n];
        this.rival = new boolean[all][n];
        this.rivalMask = new int[all];
        this.rivalResidents = new int[all];
        this.growsOn = new boolean[all];
        this.lengths = new DayMemory(1, all);
        this.knownOn = new DayMemory(all, n);
        this.knownBy = new DayMemory(n, all);
        this.fish = new SetSum(units.stream().mapToDouble(OrderItem::count).toArray());
        for (int a = 0; a < all; a++) {
            fill(a);
        }
    }

    private void fill(int a) {
        Fish settled = everyone.get(a);
        growsOn[a] = a < residents || settled.arrivesOn().isBefore(today);
        for (int other = 0; other < residents; other++) {
            if (other != a && Meetings.crowds(settled, everyone.get(other))) {
                rivalResidents[a]++;
            }
        }
        for (int b = 0; b < units.size(); b++) {
            Fish newcomer = everyone.get(residents + b);
            if (a >= residents) {
                sameDay[a - residents][b] = pair(settled, newcomer, 0, Set.of())
                        .perHour(newcomer.lengthCmOn(today) / settled.lengthCmOn(today), 0);
            }
            if (a != residents + b) {
                on[a][b] = pair(settled, newcomer, 1, Set.of(ArrivalAid.LIGHTS_OUT));
                by[b][a] = pair(newcomer, settled, -1, Set.of());
                rival[a][b] =
                        Rivalry.between(settled.species(), newcomer.species()).isPresent();
                rivalMask[a] |= Meetings.crowds(settled, newcomer) ? 1 << b : 0;
            }
        }
    }

    /** Whether two fish of a kind suit each other is asked of the finished plan: residents and every unit. */
    private PressureModel.Pair pair(Fish one, Fish other, int ahead, Set<ArrivalAid> help) {
        Meeting meeting = Meetings.firstWeek(
                one, other, ahead, 1, 0, inTheEnd.getOrDefault(one.species().id(), 0), help);
        return model.pair(one, other, meeting);
    }

    /** A fish as it comes on a day: a resident that is out meanwhile grows on, one from the shop is as long on its day as it is wished for. */
    static Fish on(Fish fish, LocalDate day, LocalDate today) {
        return fish.arrivesOn().isBefore(today) ? fish : fish.on(day);
    }

    int residents() {
        return residents;
    }

    int all() {
        return everyone.size();
    }

    /** How many fish one of all stands for. */
    int count(int a) {
        return a < residents ? 1 : units.get(a - residents).count();
    }

    /** Fish in a set of units. */
    int fish(int set) {
        return (int) fish.of(set);
    }

    /** Whether one of all lives here once a set has settled. */
    boolean isHere(int a, int settled) {
        return a < residents || (settled & 1 << (a - residents)) != 0;
    }

    /** What unit b attacks those that come with it, its own among them. */
    double together(int b, int group) {
        int each = count(residents + b);
        double sum = each * (each - 1) * sameDay[b][b];
        for (int others = group & ~(1 << b); others != 0; others &= others - 1) {
            int other = Integer.numberOfTrailingZeros(others);
            sum += each * count(residents + other) * sameDay[b][other];
        }
        return sum;
    }

    /** What one fish of unit b attacks one of unit a when both come on one day, an hour. */
    double sameDay(int b, int a) {
        return sameDay[b][a];
    }

    /** Whether one of all sees a rival in unit b, or the other way round. */
    boolean isRival(int a, int b) {
        return rival[a][b];
    }

    /** The units in which one of all sees rivals. */
    int rivals(int a) {
        return rivalMask[a];
    }

    /** What so many settled rivals among the units leave of what one of all attacks a newcomer. */
    double crowding(int a, int settledRivals) {
        return model.crowding(rivalResidents[a] + settledRivals);
    }

    /** The pressure of one that came on a day on unit b that comes on a later one; of a resident the first day counts nothing. */
    double on(int a, int b, int came, int day) {
        if (!ofDaysAlone(a, b)) {
            return workedOutOn(a, b, came, day);
        }
        int days = a < residents ? day : day - came;
        double known = knownOn.get(a, b, days);
        return Double.isNaN(known) ? knownOn.keep(a, b, days, workedOutOn(a, b, came, day)) : known;
    }

    private double workedOutOn(int a, int b, int came, int day) {
        return on[a][b].perHour(length(residents + b, day, day) / length(a, came, day), ahead(a, came, day));
    }

    /** The pressure of unit b that comes on a day on one that came before. */
    double by(int b, int a, int came, int day) {
        if (!ofDaysAlone(a, b)) {
            return workedOutBy(b, a, came, day);
        }
        int days = a < residents ? day : day - came;
        double known = knownBy.get(b, a, days);
        return Double.isNaN(known) ? knownBy.keep(b, a, days, workedOutBy(b, a, came, day)) : known;
    }

    private double workedOutBy(int b, int a, int came, int day) {
        return by[b][a].perHour(length(a, came, day) / length(residents + b, day, day), -ahead(a, came, day));
    }

    /** Whether two press each other by one number of days alone; not so where two units meet of which one has grown on while it was out. */
    private boolean ofDaysAlone(int a, int b) {
        return a < residents || !(growsOn[a] || growsOn[residents + b]);
    }

    private int ahead(int a, int came, int day) {
        return a < residents
                ? Math.max(
                        1, day + (int) ChronoUnit.DAYS.between(everyone.get(a).arrivesOn(), today))
                : day - came;
    }

    /** Length in cm on a day of one that came on a day. */
    private double length(int a, int came, int day) {
        int days = growsOn[a] ? day : day - came;
        double known = lengths.get(0, a, days);
        return Double.isNaN(known) ? lengths.keep(0, a, days, everyone.get(a).lengthCmOn(today.plusDays(days))) : known;
    }
}
