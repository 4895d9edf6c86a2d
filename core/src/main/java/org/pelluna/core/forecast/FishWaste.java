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
    private final double litres;
    private final double celsius;
    private final Husbandry done;
    private final double foodFactor;

    public FishWaste(Tank tank, Husbandry done) {
        this(tank, done, 1);
    }

    /**
     * The same with food multiplied: what fitting to a tank's own tests found.
     *
     * @param factor multiple of the food the husbandry says
     */
    FishWaste(Tank tank, Husbandry done, double factor) {
        this.litres = tank.netWater().litres();
        this.celsius = tank.regime().temperatureCelsius();
        this.done = done;
        this.foodFactor = done.foodFactor() * factor;
    }

    /** What the water of a plan's tank bears. */
    public static WaterLimit limit(TankPlan plan) {
        return WaterLimit.in(conditions(plan.tank(), plan.houseRules().husbandry()));
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
                done.export().nitrate());
    }

    private double nitrogen(double foodGrams) {
        return foodGrams * 1000 * done.proteinShare() * Headroom.NITROGEN_PER_PROTEIN / litres;
    }
}
