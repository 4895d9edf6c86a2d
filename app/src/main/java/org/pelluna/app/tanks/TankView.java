package org.pelluna.app.tanks;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import org.pelluna.app.portrait.FishInReef;
import org.pelluna.app.portrait.Portraits;
import org.pelluna.app.storage.Seen;
import org.pelluna.app.storage.TankRow;
import org.pelluna.app.web.Measures;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.headroom.InchRule;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.Individual;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.tank.NetWater;
import org.pelluna.core.units.Numbers;
import org.pelluna.core.water.Seawater;

/**
 * A tank as its card and its profile show it.
 *
 * @param id the tank's id
 * @param name its name
 * @param drawing the front to scale, SVG
 * @param portraits the portraits it uses
 * @param age how old it is, in words
 * @param headroom the inch rule in words
 * @param headroomShare used share of the ceiling, 0 to 100, for the depth bar
 * @param next the next arrival, or why there is none
 * @param residents who lives there
 * @param water the steps to the net water
 * @param salinity salinity and density
 * @param drawn whether the keeper has drawn it
 */
record TankView(
        UUID id,
        String name,
        String drawing,
        String portraits,
        String age,
        String headroom,
        int headroomShare,
        String next,
        List<ResidentLine> residents,
        List<Step> water,
        String salinity,
        boolean drawn) {

    private static final Map<Double, String> TEMPERS = new TreeMap<>(Map.of(
            0.4,
            "much gentler",
            0.7,
            "gentler",
            1.0,
            "as its species",
            1.4,
            "more aggressive",
            2.0,
            "much more aggressive"));

    /** A temper beside that of the kind. */
    record TemperChoice(double factor, String words, boolean chosen) {}

    /** One resident; its adult length as a field takes it, if its keeper knows better than its kind's. */
    record ResidentLine(
            String key,
            String portrait,
            String name,
            String species,
            String since,
            String length,
            String mass,
            String differs,
            Optional<Individual> individual,
            String adult,
            Optional<Resident.Acquisition> coming,
            String seen) {

        /** What may be noted of its temper, what has been noted chosen. */
        public List<TemperChoice> tempers() {
            double noted = individual.map(Individual::temperFactor).orElse(1.0);
            List<TemperChoice> choices = new ArrayList<>();
            TEMPERS.forEach((factor, words) -> choices.add(new TemperChoice(factor, words, factor == noted)));
            if (!TEMPERS.containsKey(noted)) {
                choices.add(new TemperChoice(noted, "× " + Numbers.plain(noted, 2), true));
            }
            return choices;
        }

        public String note() {
            return individual.map(Individual::note).orElse("");
        }

        /** How it came, in words; empty if nobody noted it. */
        public String came() {
            return coming.map(one -> java.util.stream.Stream.of(
                                    one.origin().map(Resident.Origin::words),
                                    one.method().map(Resident.Method::words),
                                    one.price().map(price -> Numbers.plain(price, 2)))
                            .flatMap(Optional::stream)
                            .collect(java.util.stream.Collectors.joining(", ")))
                    .orElse("");
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
                FishInReef.today(assessment.stock(), measures, fieldCm),
                Portraits.sheet(assessment.stock().residents().stream()
                        .map(Fish::species)
                        .toList()),
                age(plan),
                Numbers.plain(used) + " of " + Numbers.plain(ceiling) + " inches of adult fish ("
                        + Numbers.plain(rule.gallons()) + " US gal; " + Numbers.plain(rule.gallonsPerInch(plan.asOf()))
                        + " US gal for each inch)",
                (int) Math.round(Math.min(100, 100 * used / ceiling)),
                next(assessment),
                assessment.stock().residents().stream()
                        .map(fish -> line(fish, plan, measures))
                        .toList(),
                steps(plan.tank().netWater(), measures),
                "SG " + Numbers.plain(plan.tank().specificGravity(), 4) + " at 25 °C is "
                        + Numbers.plain(Seawater.salinityOf(plan.tank().specificGravity())) + " ppt; "
                        + Numbers.plain(Seawater.densityKgPerCubicMetre(
                                Seawater.salinityOf(plan.tank().specificGravity()),
                                plan.tank().temperatureCelsius()))
                        + " kg/m³ at " + measures.temperatureOf(plan.tank().temperatureCelsius()),
                plan.tank().drawn().isPresent());
    }

    private static String age(TankPlan plan) {
        return plan.tank()
                .cycledOn()
                .map(day -> day.isAfter(plan.asOf())
                        ? "cycle due to be finished on " + day
                        : plan.tank().ageMonths(plan.asOf()).orElse(0) + " months since cycled")
                .orElse("still cycling");
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

    private static ResidentLine line(Fish fish, TankPlan plan, Measures measures) {
        double length = fish.lengthCmOn(plan.asOf());
        Optional<Resident> resident = plan.residents().stream()
                .filter(one -> one.id().equals(fish.id()))
                .findFirst();
        return new ResidentLine(
                fish.id(),
                Portraits.use(fish.species()),
                fish.name(),
                fish.species().commonName(),
                fish.arrivesOn().toString(),
                measures.lengthOf(length),
                Numbers.plain(massGrams(fish, length), 0) + "\u00a0g",
                resident.flatMap(Resident::individual)
                        .map(one -> differs(one, measures))
                        .orElse(""),
                resident.flatMap(Resident::individual),
                resident.flatMap(Resident::individual)
                        .flatMap(Individual::adultCm)
                        .map(measures::lengthField)
                        .orElse(""),
                resident.flatMap(Resident::coming),
                resident.map(Seen::mark).orElse(""));
    }

    private static String differs(Individual one, Measures measures) {
        return "temper × " + Numbers.plain(one.temperFactor(), 2)
                + one.adultCm().map(cm -> ", grows to " + measures.lengthOf(cm)).orElse("") + ", “" + one.note() + "”";
    }

    private static double massGrams(Fish fish, double lengthCm) {
        var growth = fish.species().growth();
        return org.pelluna.core.growth.GrowthCurve.massGrams(
                lengthCm, growth.massA().value(), growth.massB().value());
    }

    private static List<Step> steps(NetWater water, Measures measures) {
        return List.of(
                new Step("Inside of the glass", measures.volumeOf(water.grossLitres()), "to the rim"),
                new Step("To the water line", measures.volumeOf(water.toWaterLineLitres()), ""),
                new Step("Rock", "− " + measures.volumeOf(water.rockLitres()), "mass ÷ density × (1 − porosity)"),
                new Step("Sand", "− " + measures.volumeOf(water.sandLitres()), "footprint × depth × (1 − porosity)"),
                new Step("Sump", "+ " + measures.volumeOf(water.sumpLitres()), "while running"),
                new Step("Net water", measures.volumeOf(water.litres()), ""));
    }
}
