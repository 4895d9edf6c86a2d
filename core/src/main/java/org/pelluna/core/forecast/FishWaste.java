package org.pelluna.core.forecast;

import java.time.LocalDate;
import java.util.Collection;
import org.pelluna.core.headroom.Headroom;
import org.pelluna.core.headroom.Ration;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.Husbandry;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.tank.Tank;
import org.pelluna.core.water.Conditions;
import org.pelluna.core.water.Seawater;
import org.pelluna.core.water.Waste;

/** What fish put into a tank's water each day: food by mass and temperature, ammonia nitrogen by its protein. */
public final class FishWaste {
    private static final double MOST_EXPORT = 0.99;

    private final double litres;
    private final double celsius;
    private final Husbandry done;
    private final double foodFactor;
    private final double nitrateExport;

    public FishWaste(Tank tank, Husbandry done) {
        this(tank, done, WaterFit.NONE);
    }

    /**
     * The same as a tank's own tests say.
     */
    FishWaste(Tank tank, Husbandry done, WaterFit fit) {
        this.litres = tank.netWater().litres();
        this.celsius = tank.regime().temperatureCelsius();
        this.done = done;
        this.foodFactor = done.foodFactor() * fit.food();
        this.nitrateExport =
                Math.max(0, Math.min(MOST_EXPORT, 1 - (1 - done.export().nitrate()) * fit.kept()));
    }

    /** What the water of a plan's tank is like for its bacteria. */
    public static WaterLimit.In water(TankPlan plan, WaterFit fit) {
        return new WaterLimit.In(conditions(plan.tank(), plan.houseRules().husbandry()), fit.vigour());
    }

    /** The water as the plan says it is. */
    public static Conditions conditions(Tank tank, Husbandry done) {
        return new Conditions(
                tank.regime().temperatureCelsius(),
                done.pH(),
                Seawater.salinityOf(tank.regime().specificGravity()));
    }

    /** Dry food a day for one fish at its length on a date, g. */
    public double foodGrams(Fish fish, LocalDate on) {
        return foodFactor * Ration.gramsPerDay(fish.species(), fish.lengthCmOn(on), celsius);
    }

    /** Ammonia nitrogen of one fish, mg per litre of the tank and day. */
    public double nitrogen(Fish fish, LocalDate on) {
        return nitrogen(foodGrams(fish, on));
    }

    /** Everything these fish put in on a date. */
    public Waste of(Collection<Fish> fish, LocalDate on) {
        double food = fish.stream().mapToDouble(one -> foodGrams(one, on)).sum();
        return new Waste(
                nitrogen(food),
                food
                        * 1000
                        * Headroom.PHOSPHATE_PER_FOOD
                        / litres
                        * (1 - done.export().phosphate()),
                nitrateExport);
    }

    private double nitrogen(double foodGrams) {
        return foodGrams * 1000 * done.proteinShare() * Headroom.NITROGEN_PER_PROTEIN / litres;
    }
}
