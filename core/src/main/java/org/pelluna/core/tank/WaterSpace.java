package org.pelluna.core.tank;

import org.pelluna.core.stored.IfAbsent;

/**
 * What takes up the inside of a tank besides sand.
 *
 * @param belowRimCm distance of the water line from the rim, cm
 * @param rockKg mass of dry rock, kg
 * @param rockKgPerLitre mass of one litre of that rock, its pores included, kg/L
 * @param rockPorosity share of the rock that is open pore and fills with water, 0 to below 1
 * @param sandPorosity share of the sand that is water, 0 to below 1
 * @param sumpLitres water held in the sump and refugium while running, L
 */
public record WaterSpace(
        @IfAbsent("3") double belowRimCm,
        @IfAbsent("0") double rockKg,
        @IfAbsent("1.6") double rockKgPerLitre,
        @IfAbsent("0.4") double rockPorosity,
        @IfAbsent("0.4") double sandPorosity,
        @IfAbsent("0") double sumpLitres) {

    /** Mass of a litre of porous reef rock, kg/L; from memory. */
    public static final double USUAL_ROCK_KG_PER_LITRE = 1.6;

    /** Share of open pores in reef rock; from memory. */
    public static final double USUAL_ROCK_POROSITY = 0.4;

    /** Share of water in settled coral sand; from memory. */
    public static final double USUAL_SAND_POROSITY = 0.4;

    public WaterSpace {
        if (!(belowRimCm >= 0 && rockKg >= 0 && sumpLitres >= 0 && rockKgPerLitre > 0)) {
            throw new IllegalArgumentException(
                    "water line, rock and sump must not be negative, and rock has a density");
        }
        if (!(rockPorosity >= 0 && rockPorosity < 1 && sandPorosity >= 0 && sandPorosity < 1)) {
            throw new IllegalArgumentException("a porosity is 0 or more and below 1");
        }
    }

    /** A tank filled to the given distance from its rim, with rock and sand of usual porosity. */
    public static WaterSpace usual(double belowRimCm, double rockKg, double sumpLitres) {
        return new WaterSpace(
                belowRimCm, rockKg, USUAL_ROCK_KG_PER_LITRE, USUAL_ROCK_POROSITY, USUAL_SAND_POROSITY, sumpLitres);
    }

    /** The same with the water at another height. */
    public WaterSpace withBelowRim(double cm) {
        return new WaterSpace(cm, rockKg, rockKgPerLitre, rockPorosity, sandPorosity, sumpLitres);
    }

    /** The same with another sump. */
    public WaterSpace withSump(double litres) {
        return new WaterSpace(belowRimCm, rockKg, rockKgPerLitre, rockPorosity, sandPorosity, litres);
    }

    /** The same with another mass of rock, kg. */
    WaterSpace withRock(double kilograms) {
        return new WaterSpace(belowRimCm, kilograms, rockKgPerLitre, rockPorosity, sandPorosity, sumpLitres);
    }
}
