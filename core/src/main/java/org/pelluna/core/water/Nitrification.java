package org.pelluna.core.water;

import org.hipparchus.ode.ODEState;
import org.hipparchus.ode.OrdinaryDifferentialEquation;
import org.hipparchus.ode.nonstiff.DormandPrince54Integrator;
import org.pelluna.core.finding.Provenance;

/**
 * Two-step nitrification: ammonia to nitrite to nitrate, each by bacteria that grow as Monod has it and decay (Wiesmann 1994;
 * ASM1, Henze et al. 1987). Growth takes nitrogen up and decay gives it back as ammonia, so that none is made or lost.
 *
 * <p>Constants are from memory, within the ranges those sources span, save for the rates of growth: in sea water tanks cycle
 * in some four weeks (common practice), more slowly than in waste water, and the rates are set so that the model does.
 */
public final class Nitrification {
    /** Nitrogen in bacteria, g N per g COD (ASM1). */
    static final double NITROGEN_IN_BACTERIA = 0.086;

    /** Where predictions come from. */
    public static final Provenance SOURCE = Provenance.own(
            "two-step nitrification after Wiesmann 1994 and ASM1 (Henze et al. 1987), constants not yet checked against a source, growth set to a"
                    + " marine cycle of four weeks");

    /** Growth of ammonia oxidisers at 20 °C and pH 8, per day. */
    private static final double GROWTH_A = 0.20;

    private static final double GROWTH_N = 0.22;
    private static final double WARMTH_A = 1.09;
    private static final double WARMTH_N = 1.06;

    /** Decay at 20 °C, per day. */
    private static final double DECAY = 0.03;

    private static final double WARMTH_DECAY = 1.08;

    /** Half-saturation, mg N/L. */
    private static final double HALF_A = 0.2;

    private static final double HALF_N = 0.1;

    /** Yield, g COD per g N oxidised (Wiesmann 1994). */
    private static final double YIELD_A = 0.147;

    private static final double YIELD_N = 0.042;

    /** pH at which half the activity is left, below and above. */
    private static final double ACID = 6.5;

    private static final double ALKALINE = 9.5;

    private static final double SHORTEST_STEP = 1e-8;
    private static final double LONGEST_STEP = 5;
    private static final double TOLERANCE = 1e-7;

    private final double growthA;
    private final double growthN;
    private final double decay;

    /** The bacteria in water of these conditions. */
    public Nitrification(Conditions water) {
        this(water, 1);
    }

    /**
     * The same, with growth multiplied: what fitting to a tank's own tests found.
     *
     * @param vigour multiple of the usual growth, above 0
     */
    public Nitrification(Conditions water, double vigour) {
        double pH = activity(water.pH()) / activity(8);
        double warmer = water.celsius() - 20;
        this.growthA = vigour * GROWTH_A * Math.pow(WARMTH_A, warmer) * pH;
        this.growthN = vigour * GROWTH_N * Math.pow(WARMTH_N, warmer) * pH;
        this.decay = DECAY * Math.pow(WARMTH_DECAY, warmer);
    }

    private static double activity(double pH) {
        return 1 / (1 + Math.pow(10, ACID - pH) + Math.pow(10, pH - ALKALINE));
    }

    /** Nitrogen the ammonia oxidisers of a state could clear with ammonia in plenty, mg N/L a day. */
    public double capacity(WaterState state) {
        return growthA * state.ammoniaOxidisers() / YIELD_A;
    }

    /** The ammonia at which growth just makes up for decay, mg N/L: S* = K·b ÷ (µ − b). */
    public double steadyAmmonia() {
        return HALF_A * decay / (growthA - decay);
    }

    /** The same for nitrite, mg N/L. */
    public double steadyNitrite() {
        return HALF_N * decay / (growthN - decay);
    }

    /** The share of their capacity that settled ammonia oxidisers use: decay over growth. */
    public double use() {
        return decay / growthA;
    }

    /** Clean water with the bacteria that can clear this much a day, mg N/L: a tank whose cycle was tested. */
    public WaterState cycled(double clearsMgPerLitreDay) {
        return new WaterState(
                0, 0, 0, clearsMgPerLitreDay * YIELD_A / growthA, clearsMgPerLitreDay * YIELD_N / growthN, 0, 0);
    }

    /** A tank that has borne this waste for long. */
    public WaterState settled(Waste waste) {
        // Decay returns as much nitrogen as growth takes up, so that all of the waste is oxidised in the end.
        double bacteriaA = waste.nitrogen() * YIELD_A / decay;
        double bacteriaN = waste.nitrogen() * YIELD_N / decay;
        return new WaterState(steadyAmmonia(), steadyNitrite(), 0, bacteriaA, bacteriaN, 0, 0);
    }

    /** The water after some days of the same waste. */
    public WaterState after(WaterState from, Waste waste, double days) {
        double[] start = {
            from.ammonia(),
            from.nitrite(),
            from.nitrate(),
            from.ammoniaOxidisers(),
            from.nitriteOxidisers(),
            from.phosphate(),
            from.exported()
        };
        DormandPrince54Integrator integrator =
                new DormandPrince54Integrator(SHORTEST_STEP, LONGEST_STEP, TOLERANCE, TOLERANCE);
        integrator.setInitialStepSize(Math.min(0.2, days));
        double[] end = integrator
                .integrate(new Rates(waste), new ODEState(0, start), days)
                .getPrimaryState();
        return new WaterState(Math.max(0, end[0]), Math.max(0, end[1]), end[2], end[3], end[4], end[5], end[6]);
    }

    /** Rates of change per day. */
    private final class Rates implements OrdinaryDifferentialEquation {
        private final Waste waste;

        Rates(Waste waste) {
            this.waste = waste;
        }

        @Override
        public int getDimension() {
            return 7;
        }

        @Override
        public double[] computeDerivatives(double day, double[] s) {
            double ammonia = Math.max(0, s[0]);
            double nitrite = Math.max(0, s[1]);
            double grownA = growthA * ammonia / (HALF_A + ammonia) * s[3];
            double grownN = growthN * nitrite / (HALF_N + nitrite) * s[4];
            double lostA = decay * s[3];
            double lostN = decay * s[4];
            double toNitrite = grownA / YIELD_A;
            double toNitrate = grownN / YIELD_N;
            return new double[] {
                waste.nitrogen() - toNitrite - NITROGEN_IN_BACTERIA * (grownA + grownN - lostA - lostN),
                toNitrite - toNitrate,
                toNitrate * (1 - waste.nitrateExport()),
                grownA - lostA,
                grownN - lostN,
                waste.phosphate(),
                toNitrate * waste.nitrateExport()
            };
        }
    }
}
