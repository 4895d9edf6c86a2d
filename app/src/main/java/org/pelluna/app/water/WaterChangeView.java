package org.pelluna.app.water;

import java.util.List;
import org.pelluna.app.web.Measures;
import org.pelluna.core.budget.Budget;
import org.pelluna.core.plan.Husbandry;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.units.Numbers;
import org.pelluna.core.water.Seawater;

/**
 * The water to change, ready to print.
 *
 * @param volume how much, in the keeper's unit
 * @param days how often
 * @param salt kg of mix it takes
 * @param price what that costs
 * @param steps the arithmetic
 */
record WaterChangeView(String volume, int days, String salt, String price, List<String> steps) {
    static WaterChangeView of(TankPlan plan, Measures measures) {
        Husbandry done = plan.houseRules().husbandry();
        double net = plan.tank().netWater().litres();
        double litres = net * done.change().share();
        double gravity = plan.tank().regime().specificGravity();
        double salinity = Seawater.salinityOf(gravity);
        double density = Seawater.densityKgPerCubicMetre(salinity, 25);
        double kilograms = Budget.saltGramsADay(plan) * done.change().days() / 1000;
        String salt = Numbers.plain(kilograms, 2);
        String price = Numbers.plain(kilograms * done.saltPrice(), 2);
        List<String> steps = List.of(
                measures.volumeOf(net) + " of net water × "
                        + Numbers.plain(100 * done.change().share()) + " % = " + measures.volumeOf(litres) + " every "
                        + Numbers.count(done.change().days(), "day"),
                "specific gravity " + Numbers.plain(gravity, 4) + " at 25 °C/25 °C is a salinity of "
                        + Numbers.plain(salinity, 2) + " and a density of " + Numbers.plain(density, 1)
                        + " kg/m³ (EOS-80)",
                Numbers.plain(litres, 1) + " L × " + Numbers.plain(density / 1000, 4) + " kg/L × "
                        + Numbers.plain(salinity, 2)
                        + " g/kg ÷ 0.92 for the mix's own moisture (not yet checked against a source) = " + salt
                        + " kg of salt",
                salt + " kg × " + Numbers.plain(done.saltPrice(), 2) + " = " + price + " each time");
        return new WaterChangeView(measures.volumeOf(litres), done.change().days(), salt, price, steps);
    }
}
