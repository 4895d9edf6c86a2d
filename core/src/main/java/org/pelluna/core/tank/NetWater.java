package org.pelluna.core.tank;

/**
 * The real water of a tank, with the steps that lead to it; all in litres.
 *
 * @param grossLitres inside of the glass to the rim
 * @param toWaterLineLitres inside of the glass to the water line
 * @param rockLitres displaced by rock: mass ÷ density × (1 − porosity)
 * @param sandLitres displaced by sand: footprint × depth × (1 − porosity)
 * @param sumpLitres added by sump and refugium
 * @param litres what remains: the net water
 */
public record NetWater(
        double grossLitres,
        double toWaterLineLitres,
        double rockLitres,
        double sandLitres,
        double sumpLitres,
        double litres) {

    /**
     * Computes the steps.
     *
     * @throws IllegalArgumentException if rock and sand leave no water
     */
    static NetWater of(TankShape shape, WaterSpace space, double sandDepthCm) {
        double gross = shape.volumeLitresTo(shape.heightCm());
        double toLine = shape.volumeLitresTo(Math.max(0, shape.heightCm() - space.belowRimCm()));
        double rock = space.rockKg() / space.rockKgPerLitre() * (1 - space.rockPorosity());
        double sand = shape.volumeLitresTo(sandDepthCm) * (1 - space.sandPorosity());
        double net = toLine - rock - sand + space.sumpLitres();
        if (!(toLine - rock - sand > 0)) {
            throw new IllegalArgumentException("rock and sand leave no water in the tank: check the water line, the"
                    + " mass of rock and the depth of sand");
        }
        return new NetWater(gross, toLine, rock, sand, space.sumpLitres(), net);
    }
}
