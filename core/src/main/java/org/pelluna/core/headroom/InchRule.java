package org.pelluna.core.headroom;

import java.time.LocalDate;
import java.util.Collection;
import java.util.Optional;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.species.Species;
import org.pelluna.core.tank.Tank;
import org.pelluna.core.units.LengthUnit;
import org.pelluna.core.units.VolumeUnit;

/**
 * The inch rule: so many inches of adult fish to so many US gallons of net water. Common practice, without a published
 * source; keepers of other approaches count waste or nutrients instead.
 */
public final class InchRule {
    /** Where the rule comes from. */
    public static final Provenance SOURCE = Provenance.PRACTICE;

    private final double gallons;
    private final HouseRules rules;
    private final Optional<LocalDate> matureOn;

    public InchRule(Tank tank, HouseRules rules) {
        this.gallons = VolumeUnit.US_GALLON.fromLitres(tank.netWater().litres());
        this.rules = rules;
        this.matureOn = tank.isMonthsOld(rules.capacity().matureAfterMonths());
    }

    /** Net water in US gallons. */
    public double gallons() {
        return gallons;
    }

    /** The day from which the figure for a mature tank counts; empty while the tank is still cycling. */
    public Optional<LocalDate> matureOn() {
        return matureOn;
    }

    /** Gallons asked for each inch of adult fish on a date. */
    public double gallonsPerInch(LocalDate on) {
        return matureOn.filter(day -> !on.isBefore(day)).isPresent()
                ? rules.capacity().gallonsPerInchMature()
                : rules.capacity().gallonsPerInchNew();
    }

    /** Inches of adult fish the tank carries on a date. */
    public double ceilingInches(LocalDate on) {
        return gallons / gallonsPerInch(on);
    }

    /** Inches of adult fish the tank carries once mature. */
    public double matureCeilingInches() {
        return gallons / rules.capacity().gallonsPerInchMature();
    }

    /** Inches one fish of the species counts for: its usual adult length in tanks. */
    public static double inches(Species species) {
        return LengthUnit.INCH.fromCentimetres(species.size().adultCm().value());
    }

    /** Inches the given fish count for together. */
    public static double inches(Collection<Fish> fish) {
        return fish.stream().mapToDouble(one -> inches(one.species())).sum();
    }
}
