package org.pelluna.app.tanks;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.pelluna.app.portrait.Portraits;
import org.pelluna.app.storage.VersionMark;
import org.pelluna.app.svg.Svg;
import org.pelluna.app.web.Measures;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.Individual;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.units.Numbers;

/** One resident; its adult length as a field takes it, if its keeper knows better than its kind's. */
record ResidentLine(
        String key,
        Svg portrait,
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

    static ResidentLine of(Fish fish, TankPlan plan, Measures measures) {
        double length = fish.lengthCmOn(plan.asOf());
        Optional<Resident> resident = plan.residents().stream()
                .filter(one -> one.id().equals(fish.id()))
                .findFirst();
        return new ResidentLine(
                fish.id().key(),
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
                resident.map(VersionMark::mark).orElse(""));
    }

    private static String differs(Individual one, Measures measures) {
        return "temperament × " + Numbers.plain(one.temperFactor(), 2)
                + one.adultCm().map(cm -> ", grows to " + measures.lengthOf(cm)).orElse("") + ", “" + one.note() + "”";
    }

    private static double massGrams(Fish fish, double lengthCm) {
        var growth = fish.species().growth();
        return org.pelluna.core.growth.GrowthCurve.massGrams(
                lengthCm, growth.massA().value(), growth.massB().value());
    }
}
