package org.pelluna.core.budget;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.pelluna.core.arrival.Arrival;
import org.pelluna.core.arrival.ArrivalPlan;
import org.pelluna.core.id.FishId;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.Setback;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.pressure.Pressure;
import org.pelluna.core.water.SaltMix;

/**
 * The money of a plan, in the keeper's own.
 *
 * @param lines fish by date
 * @param saltADay salt for water changes, money a day
 * @param saltGramsADay the same in grams
 * @param lost money lost with fish so far
 */
public record Budget(List<Line> lines, double saltADay, double saltGramsADay, double lost) {
    private static final double MOISTURE = 0.08;

    /**
     * One wish.
     *
     * @param wishId the wish
     * @param name what arrives
     * @param date its day; empty while it has none
     * @param price what it costs; empty if nobody said
     * @param soFar fish and salt up to and with it
     * @param pressure the hardest it meets in its first week, encounters/h
     * @param by who attacks it hardest
     * @param atRisk whether that passes the house's careful pressure
     */
    public record Line(
            WishId wishId,
            String name,
            Optional<LocalDate> date,
            Optional<Double> price,
            double soFar,
            double pressure,
            String by,
            boolean atRisk) {}

    /** The budget of a plan with its order and the pressures it brings. */
    public static Budget of(ResolvedPlan stock, ArrivalPlan order, List<Pressure> planned) {
        TankPlan plan = stock.plan();
        double grams = saltGramsADay(plan);
        double money = grams / 1000 * plan.houseRules().husbandry().saltPrice();
        Map<FishId, String> names = new HashMap<>();
        stock.residents().forEach(fish -> names.put(fish.id(), fish.name()));
        stock.wishes()
                .forEach(wished -> names.put(wished.fish().id(), wished.fish().name()));
        List<Line> lines = new ArrayList<>();
        double fish = 0;
        for (Arrival arrival : order.arrivals()) {
            for (WishId id : arrival.wishIds()) {
                ResolvedPlan.Wished wished = wished(stock, id);
                fish += wished.wish().price().orElse(0.0);
                long days = ChronoUnit.DAYS.between(plan.asOf(), arrival.date());
                Optional<Pressure> hardest = planned.stream()
                        .filter(one -> one.victimId().equals(id.fish()))
                        .max(Comparator.comparingDouble(Pressure::perHour));
                double pressure = hardest.map(Pressure::perHour).orElse(0.0);
                lines.add(new Line(
                        id,
                        wished.fish().name(),
                        Optional.of(arrival.date()),
                        wished.wish().price(),
                        fish + money * days,
                        pressure,
                        hardest.map(one -> names.getOrDefault(one.aggressorId(), ""))
                                .orElse(""),
                        pressure >= plan.houseRules().weights().carefulPerHour()));
            }
        }
        double lost = plan.losses().stream()
                        .mapToDouble(loss -> loss.price().orElse(0.0))
                        .sum()
                + plan.schedule().setbacks().stream()
                        .filter(one -> one.kind() == Setback.Kind.DIED)
                        .mapToDouble(one -> one.price().orElse(0.0))
                        .sum();
        return new Budget(lines, money, grams, lost);
    }

    /** Salt for the water changes of a plan, g a day. */
    public static double saltGramsADay(TankPlan plan) {
        var done = plan.houseRules().husbandry();
        double litres = plan.tank().netWater().litres() * done.change().share();
        return SaltMix.saltGrams(litres, plan.tank().regime().specificGravity(), MOISTURE)
                / done.change().days();
    }

    /** The price of all fish that have one. */
    public double price() {
        return lines.stream().mapToDouble(line -> line.price().orElse(0.0)).sum();
    }

    /** The price of those that meet more pressure than the house rules are careful of. */
    public double atRisk() {
        return lines.stream()
                .filter(Line::atRisk)
                .mapToDouble(line -> line.price().orElse(0.0))
                .sum();
    }

    private static ResolvedPlan.Wished wished(ResolvedPlan stock, WishId id) {
        return stock.wishes().stream()
                .filter(one -> one.wish().id().equals(id))
                .findFirst()
                .orElseThrow();
    }
}
