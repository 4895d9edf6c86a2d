package org.pelluna.core.forecast;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.pelluna.core.finding.Figure;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.finding.Sentence;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.growth.GrowthCurve;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.pressure.Predation;
import org.pelluna.core.species.Species;
import org.pelluna.core.tank.Tank;
import org.pelluna.core.units.Quantity;

/** What growth brings: sizes with their band, the day a fish outgrows the tank, and the day one fits in another's mouth. */
public final class Future {
    private static final Provenance GROWTH = Provenance.published(
            "von Bertalanffy 1938; the band is one standard deviation between individuals, our own estimate");

    /** Chance from which it is told that a fish may outgrow the tank; ours. */
    private static final double WORTH_TELLING = 0.2;

    private Future() {}

    /**
     * A fish on a date.
     *
     * @param date the date
     * @param lengthCm expected length, cm
     * @param slowCm length if it grows slowly
     * @param fastCm length if it grows fast
     * @param massGrams expected mass, g
     */
    public record Size(LocalDate date, double lengthCm, double slowCm, double fastCm, double massGrams) {}

    /** The size of a fish on a date, with its band. */
    public static Size size(Fish fish, LocalDate on) {
        Species.Growth growth = fish.species().growth();
        double length = fish.lengthCmOn(on);
        return new Size(
                on,
                length,
                fish.growth().band(false).lengthCmOn(on),
                fish.growth().band(true).lengthCmOn(on),
                GrowthCurve.massGrams(
                        length, growth.massA().value(), growth.massB().value()));
    }

    /** When this fish outgrows the tank, if it ever does. */
    public static Optional<Outgrown> outgrown(Fish fish, Tank tank, HouseRules rules) {
        Species species = fish.species();
        double adult = fish.growth().adultLengthCm();
        double wantsSwim = species.swimWantedCm(adult, rules.capacity().bodyLengthsToSwim());
        double swim = tank.swimCm();
        double water = tank.netWater().litres();
        double wantsWater = species.needs().volumeLitres().value();
        double bySwim = swim >= Species.Needs.NEARLY_SWIM * wantsSwim ? adult : adult * swim / wantsSwim;
        double byWater =
                water >= Species.Needs.NEARLY_WATER * wantsWater ? adult : adult * Math.cbrt(water / wantsWater);
        double at = Math.min(bySwim, byWater);
        if (at >= adult) {
            return Optional.empty();
        }
        String lacking = bySwim <= byWater ? "swimming length" : "water";
        return fish.growth()
                .reaches(at)
                .map(day -> new Outgrown(
                        fish,
                        at,
                        day,
                        fish.growth().band(true).reaches(at).orElse(day),
                        fish.growth().band(false).reaches(at),
                        lacking));
    }

    /** The length up to which a fish that does not outgrow the tank as an adult would fit: swim in proportion to length, water to its cube. */
    private static double fitsUpToCm(Fish fish, Tank tank, HouseRules rules) {
        double adult = fish.growth().adultLengthCm();
        double wantsSwim = fish.species().swimWantedCm(adult, rules.capacity().bodyLengthsToSwim());
        double wantsWater = fish.species().needs().volumeLitres().value();
        double swim = tank.swimCm() / (Species.Needs.NEARLY_SWIM * wantsSwim);
        double water = tank.netWater().litres() / (Species.Needs.NEARLY_WATER * wantsWater);
        return adult * Math.min(swim, Math.cbrt(water));
    }

    /** That a fish may outgrow the tank, where the usual adult does not but a good share of its species would: individuals differ. Empty otherwise. */
    private static Optional<Finding> mayOutgrow(ResolvedPlan stock, Fish fish) {
        Tank tank = stock.plan().tank();
        HouseRules rules = stock.plan().houseRules();
        double length = fitsUpToCm(fish, tank, rules);
        double chance = fish.growth().chanceToPass(length);
        if (chance < WORTH_TELLING || outgrown(fish, tank, rules).isPresent()) {
            return Optional.empty();
        }
        return Optional.of(Finding.of(
                        "may-outgrow",
                        Severity.CAREFUL,
                        Sentence.of(
                                fish.name() + " may outgrow this tank: about " + Math.round(chance * 10)
                                        + " in 10 of its species grow past ",
                                Quantity.cm(length),
                                "."),
                        GROWTH,
                        List.of(
                                new Figure("chance to outgrow this tank", chance, "", GROWTH),
                                new Figure("fits up to", length, "cm", GROWTH)))
                .remedy("Measure it once a year: that tells whether it will."));
    }

    /** Those that live here and will outgrow the tank, the soonest first. */
    public static List<Outgrown> outgrowing(ResolvedPlan stock) {
        return stock.residents().stream()
                .flatMap(
                        fish -> outgrown(fish, stock.plan().tank(), stock.plan().houseRules()).stream())
                .sorted(java.util.Comparator.comparing(Outgrown::on))
                .toList();
    }

    /** Every outgrow date, every chance to outgrow and every bite-size date of the fish that live here, the soonest first. */
    public static List<Finding> findings(ResolvedPlan stock) {
        LocalDate today = stock.plan().asOf();
        List<Finding> findings = new ArrayList<>();
        outgrowing(stock).forEach(one -> findings.add(one.finding()));
        stock.residents().forEach(fish -> mayOutgrow(stock, fish).ifPresent(findings::add));
        for (Predation meal : Predation.among(stock.residents(), today)) {
            findings.add(bite(stock, meal));
        }
        return findings;
    }

    private static Finding bite(ResolvedPlan stock, Predation meal) {
        return Finding.of(
                        "bite-size",
                        meal.from().isAfter(stock.plan().asOf()) ? Severity.CAREFUL : Severity.STOP,
                        name(stock, meal.predatorId()) + " can swallow " + name(stock, meal.preyId())
                                + meal.when(stock.plan().asOf()) + ".",
                        GROWTH,
                        List.of(
                                new Figure("length then", meal.preyCm(), "cm", GROWTH),
                                new Figure("largest fish it can swallow then", meal.largestPreyCm(), "cm", GROWTH)))
                .remedy("Move one of them before then.");
    }

    private static String name(ResolvedPlan stock, FishId id) {
        return stock.residents().stream()
                .filter(fish -> fish.id().equals(id))
                .map(Fish::name)
                .findFirst()
                .orElseThrow();
    }
}
