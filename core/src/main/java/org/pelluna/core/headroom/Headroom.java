package org.pelluna.core.headroom;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.function.ToDoubleFunction;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.plan.Approaches;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.Husbandry;
import org.pelluna.core.tank.Tank;
import org.pelluna.core.units.Numbers;

/**
 * The three approaches of capacity side by side, each with its arithmetic. The inch rule counts adults at once; the others
 * count fish at a given length, today's or the adult's. The waste approach stands in its steady state here: food that comes
 * in each day against what the bacteria are known to clear.
 */
public final class Headroom {
    /** Ammonia nitrogen from protein: feed × protein share × 0.092 (Timmons & Ebeling, Recirculating Aquaculture). */
    public static final double NITROGEN_PER_PROTEIN = 0.092;

    private static final double NITRATE_PER_NITROGEN = 62.0 / 14.0;

    /** Phosphate from dry food of 1 % phosphorus; from memory. */
    public static final double PHOSPHATE_PER_FOOD = 0.01 * 95.0 / 31.0;

    private static final Provenance NITROGEN_SOURCE =
            Provenance.published("Timmons & Ebeling, Recirculating Aquaculture (ammonia from protein); ration our own");

    private final Tank tank;
    private final HouseRules rules;
    private final LocalDate on;
    private final double litres;

    public Headroom(Tank tank, HouseRules rules, LocalDate on) {
        this.tank = tank;
        this.rules = rules;
        this.on = on;
        this.litres = tank.netWater().litres();
    }

    /** The loads of one approach, the tightest first. */
    public List<Load> of(Approaches.Ceiling approach, Collection<Fish> fish, ToDoubleFunction<Fish> lengthCm) {
        return switch (approach) {
            case INCHES -> List.of(inches(fish));
            case WASTE -> List.of(waste(fish, lengthCm));
            case NUTRIENTS -> {
                List<Load> loads =
                        new ArrayList<>(List.of(nitrate(fish, lengthCm), phosphate(fish, lengthCm), shelters(fish)));
                loads.sort(Comparator.comparingDouble(Load::share).reversed());
                yield List.copyOf(loads);
            }
        };
    }

    private Load inches(Collection<Fish> fish) {
        InchRule rule = new InchRule(tank, rules);
        return new Load(
                "adult fish",
                InchRule.inches(fish),
                rule.ceilingInches(on),
                "in",
                () -> List.of(
                        Numbers.plain(rule.gallons()) + " gal of net water ÷ " + Numbers.plain(rule.gallonsPerInch(on))
                                + " gal per inch = " + Numbers.plain(rule.ceilingInches(on)) + " in",
                        fish.size() + " fish of " + Numbers.plain(InchRule.inches(fish)) + " in together when adult"),
                InchRule.SOURCE);
    }

    private Load waste(Collection<Fish> fish, ToDoubleFunction<Fish> lengthCm) {
        Husbandry done = rules.husbandry();
        double feed = feed(fish, lengthCm);
        double nitrogen = nitrogenMg(feed);
        double cleared = done.clearsMgPerLitreDay() * litres;
        return new Load(
                "ammonia nitrogen a day",
                nitrogen,
                cleared,
                "mg",
                () -> List.of(
                        food(feed),
                        Numbers.plain(feed, 2) + " g × " + done.proteinShare() + " protein × " + NITROGEN_PER_PROTEIN
                                + " = " + Numbers.plain(nitrogen, 0) + " mg of ammonia nitrogen",
                        "cleared: " + Numbers.plain(done.clearsMgPerLitreDay()) + " mg/L × " + Numbers.plain(litres, 0)
                                + "\u00a0L = " + Numbers.plain(cleared, 0) + " mg a day"),
                NITROGEN_SOURCE);
    }

    private Load nitrate(Collection<Fish> fish, ToDoubleFunction<Fish> lengthCm) {
        Husbandry done = rules.husbandry();
        double daily = nitrogenMg(feed(fish, lengthCm)) * NITRATE_PER_NITROGEN / litres;
        return peak(
                "nitrate peak", daily, done.export().nitrate(), done.target().nitrate());
    }

    private Load phosphate(Collection<Fish> fish, ToDoubleFunction<Fish> lengthCm) {
        Husbandry done = rules.husbandry();
        double daily = feed(fish, lengthCm) * 1000 * PHOSPHATE_PER_FOOD / litres;
        return peak(
                "phosphate peak",
                daily,
                done.export().phosphate(),
                done.target().phosphate());
    }

    /** With production P between changes and a fraction f changed, the peak settles at P ÷ f: a geometric series. */
    private Load peak(String name, double dailyMgPerLitre, double export, double target) {
        Husbandry done = rules.husbandry();
        double produced = dailyMgPerLitre * done.change().days();
        double left = produced * (1 - export);
        double peak = left / done.change().share();
        return new Load(
                name,
                peak,
                target,
                "mg/L",
                () -> List.of(
                        Numbers.plain(produced, 2) + " mg/L made in "
                                + done.change().days() + " days, "
                                + Numbers.plain(100 * export, 0) + " % taken by skimmer, rock and algae: "
                                + Numbers.plain(left, 3) + " mg/L stay",
                        Numbers.plain(left, 3) + " ÷ " + done.change().share() + " changed each time = "
                                + Numbers.plain(peak, 2) + " mg/L at its peak; your target is "
                                + Numbers.plain(target, 2)),
                NITROGEN_SOURCE);
    }

    private Load shelters(Collection<Fish> fish) {
        int holding = (int) fish.stream()
                .filter(one -> switch (one.species().habits().shelter()) {
                    case CREVICE, CAVE -> true;
                    case SAND, BURROW, CORAL_BRANCHES, ANEMONE, NONE -> false;
                })
                .count();
        return new Load(
                "caves and crevices",
                holding,
                Math.max(1, tank.shelters()),
                "",
                () -> List.of(holding + " fish hold a cave or crevice; the tank has " + tank.shelters()),
                Provenance.PRACTICE);
    }

    private double feed(Collection<Fish> fish, ToDoubleFunction<Fish> lengthCm) {
        return rules.husbandry().foodFactor()
                * fish.stream()
                        .mapToDouble(one -> Ration.gramsPerDay(
                                one.species(),
                                lengthCm.applyAsDouble(one),
                                tank.regime().temperatureCelsius()))
                        .sum();
    }

    private double nitrogenMg(double feedGrams) {
        return feedGrams * 1000 * rules.husbandry().proteinShare() * NITROGEN_PER_PROTEIN;
    }

    private static String food(double feed) {
        return "food: " + Numbers.plain(feed, 2) + " g of dry food a day, by mass and temperature";
    }
}
