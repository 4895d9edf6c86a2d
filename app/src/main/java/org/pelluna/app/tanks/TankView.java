package org.pelluna.app.tanks;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.pelluna.app.portrait.FishInReef;
import org.pelluna.app.portrait.Portraits;
import org.pelluna.app.storage.TankRow;
import org.pelluna.app.svg.Svg;
import org.pelluna.app.web.Measures;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.headroom.InchRule;
import org.pelluna.core.plan.Cycle;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.pressure.Compartments;
import org.pelluna.core.tank.NetWater;
import org.pelluna.core.tank.Purpose;
import org.pelluna.core.units.Numbers;
import org.pelluna.core.water.Seawater;

/**
 * A tank as its card and its profile show it.
 *
 * @param id the tank's id
 * @param name its name
 * @param kind what it is for
 * @param client whose it is, if it is looked after for somebody
 * @param drawing the front to scale, SVG
 * @param portraits the portraits it uses
 * @param age how old it is, in words
 * @param headroom the inch rule in words
 * @param over whether that is over the ceiling
 * @param headroomShare used share of the ceiling, 0 to 100, for the depth bar
 * @param next the next arrival, or why there is none
 * @param cautions what speaks against those who wait in a holding tank, a sentence each
 * @param residents who lives there
 * @param absent who is out of the display for a time
 * @param water the steps to the net water
 * @param salinity salinity and density
 * @param drawn whether the keeper has drawn it
 */
record TankView(
        UUID id,
        String name,
        Purpose.Kind kind,
        String client,
        Svg drawing,
        Svg portraits,
        String age,
        String headroom,
        boolean over,
        int headroomShare,
        String next,
        List<String> cautions,
        List<ResidentLine> residents,
        List<AbsentLine> absent,
        List<Step> water,
        String salinity,
        boolean drawn) {

    /** A fish that is out of the display for a time. */
    record AbsentLine(String key, String name, String words) {
        static AbsentLine of(Fish fish, TankPlan plan) {
            return new AbsentLine(
                    fish.id().key(),
                    fish.name(),
                    plan.residents().stream()
                            .filter(one -> one.id().equals(fish.id()))
                            .findFirst()
                            .flatMap(one -> one.noted().absence(plan.asOf()))
                            .map(out -> "is " + out.place().words() + " since " + out.from())
                            .orElse("is out"));
        }
    }

    /** One step of the net water. */
    record Step(String what, String litres, String how) {}

    /**
     * The view of a tank.
     *
     * @param fieldCm width of the field it is drawn on, cm, at least its own width
     */
    static TankView of(TankRow row, Assessment assessment, Measures measures, double fieldCm) {
        TankPlan plan = assessment.stock().plan();
        InchRule rule = new InchRule(plan.tank(), plan.houseRules());
        double used = InchRule.inches(assessment.stock().residents());
        double ceiling = rule.ceilingInches(plan.asOf());
        return new TankView(
                row.id(),
                row.name(),
                row.kind(),
                plan.tank().purpose().flatMap(Purpose::client).orElse(""),
                FishInReef.today(assessment.stock(), measures, fieldCm),
                Portraits.sheet(assessment.stock().residents().stream()
                        .map(Fish::species)
                        .toList()),
                age(assessment.stock()),
                Numbers.plain(used) + " of " + Numbers.plain(ceiling) + " inches of adult fish ("
                        + Numbers.plain(rule.gallons()) + " US gal; " + Numbers.plain(rule.gallonsPerInch(plan.asOf()))
                        + " US gal for each inch)",
                used > ceiling,
                (int) Math.round(Math.min(100, 100 * used / ceiling)),
                next(assessment),
                row.kind() == Purpose.Kind.HOLDING
                        ? Compartments.cautions(
                                assessment.stock().residents(),
                                plan.tank().purpose().flatMap(Purpose::berths).orElseThrow())
                        : List.of(),
                assessment.stock().residents().stream()
                        .map(fish -> ResidentLine.of(fish, plan, measures))
                        .toList(),
                assessment.stock().absent().stream()
                        .map(fish -> AbsentLine.of(fish, plan))
                        .toList(),
                steps(plan.tank().netWater(), measures),
                "SG " + Numbers.plain(plan.tank().regime().specificGravity(), 4) + " at 25 °C is "
                        + Numbers.plain(Seawater.salinityOf(plan.tank().regime().specificGravity())) + " ppt; "
                        + Numbers.plain(Seawater.densityKgPerCubicMetre(
                                Seawater.salinityOf(plan.tank().regime().specificGravity()),
                                plan.tank().regime().temperatureCelsius()))
                        + " kg/m³ at "
                        + measures.temperatureOf(plan.tank().regime().temperatureCelsius()),
                plan.tank().drawn().isPresent());
    }

    private static String age(ResolvedPlan stock) {
        TankPlan plan = stock.plan();
        Optional<Cycle> cycle = stock.cycle().filter(one -> one.isGoingOn(plan.asOf()));
        if (cycle.isPresent()) {
            return "still cycling, probably until " + cycle.get().endsOn();
        }
        LocalDate day = plan.tank().cycledOn().orElseThrow();
        return day.isAfter(plan.asOf())
                ? "cycle due to be finished on " + day
                : Numbers.count(plan.tank().ageMonths(plan.asOf()).orElse(0), "month") + " since cycled";
    }

    private static String next(Assessment assessment) {
        if (assessment.order().arrivals().isEmpty()) {
            return assessment.stock().wishes().isEmpty()
                    ? "No wishes yet."
                    : "No wish can be dated; see the shortlist.";
        }
        var first = assessment.order().arrivals().get(0);
        boolean now = !first.date().isAfter(assessment.stock().plan().asOf());
        return "Next: " + first.names() + (now ? ", as soon as you find a good one." : ", from " + first.date() + ".");
    }

    private static List<Step> steps(NetWater water, Measures measures) {
        return List.of(
                new Step("Inside of the tank", measures.volumeOf(water.grossLitres()), "to the rim"),
                new Step("To the water line", measures.volumeOf(water.toWaterLineLitres()), ""),
                new Step("Rock", "− " + measures.volumeOf(water.rockLitres()), "mass ÷ density × (1 − porosity)"),
                new Step("Sand", "− " + measures.volumeOf(water.sandLitres()), "footprint × depth × (1 − porosity)"),
                new Step("Sump", "+ " + measures.volumeOf(water.sumpLitres()), "while running"),
                new Step("Net water", measures.volumeOf(water.litres()), ""));
    }
}
