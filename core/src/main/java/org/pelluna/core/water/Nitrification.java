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
 *
 * <p>A settled colony is not equipped for all that its mass could oxidise, but for about twice what it has to, and re-equips within days when that changes: cells make
 * their enzymes as they are used. So a load that doubles at once shows on a kit, and one that grows by a fifth does not (common practice); the multiple and the days are our
 * own estimate.
 */
public final class Nitrification {
    /** Nitrogen in bacteria, g N per g COD (ASM1). */
    static final double NITROGEN_IN_BACTERIA = 0.086;

    /** Where predictions come from. */
    public static final Provenance SOURCE = Provenance.own(
            "two-step nitrification after Wiesmann 1994 and ASM1 (Henze et al. 1987), constants not yet checked against a source, growth set to a"
                    + " marine cycle of four weeks");

    /** Growth of ammonia oxidisers at 20 °C and pH 8, per day. */
    private static final double GROWTH_A = 0.15;

    private static final double GROWTH_N = 0.13;
    private static final double WARMTH_A = 1.09;
    private static final double WARMTH_N = 1.06;

    /** Decay at 20 °C, per day. */
    private static final double DECAY = 0.03;

    private static final double WARMTH_DECAY = 1.08;

    /** Half-saturation, mg N/L: low, as that of bacteria from filters is; a settled tank reads this much. */
    private static final double HALF_A = 0.05;

    private static final double HALF_N = 0.02;

    /** For how many times what they oxidise now bacteria equip themselves, within how many days, and the least share they keep up. */
    private static final double RESERVE = 2;

    private static final double ADAPT_DAYS = 2;
    private static final double RESTING = 0.1;

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

    /**
     * What is left of bacteria that nothing feeds.
     *
     * @param celsius of the water
     * @param days without food, 0 or more
     * @return a share, 0 to 1
     */
    public static double shareLeft(double celsius, int days) {
        return Math.exp(-DECAY * Math.pow(WARMTH_DECAY, celsius - 20) * days);
    }

    private static double activity(double pH) {
        return 1 / (1 + Math.pow(10, ACID - pH) + Math.pow(10, pH - ALKALINE));
    }

    /** Nitrogen the ammonia oxidisers of a state can clear with ammonia in plenty, as they are equipped now, mg N/L a day. */
    public double capacity(WaterState state) {
        return growthA * state.ofAmmonia().mass() * state.ofAmmonia().ready() / YIELD_A;
    }

    /** The ammonia a settled tank is left with, mg N/L: a share 1 ÷ reserve of what its bacteria are equipped for is used, S* = K ÷ (reserve − 1). */
    public double steadyAmmonia() {
        return HALF_A / (RESERVE - 1);
    }

    /** The same for nitrite, mg N/L. */
    public double steadyNitrite() {
        return HALF_N / (RESERVE - 1);
    }

    /** The waste a colony of a state's mass keeps itself up on, mg N/L a day: what it has settled to, or would. */
    public double keptUpBy(WaterState state) {
        return state.ofAmmonia().mass() * decay / YIELD_A;
    }

    /** The share of a colony without food that is left after some days. */
    public double leftAfter(double days) {
        return Math.exp(-decay * days);
    }

    /** Clean water with the bacteria that can clear this much a day, mg N/L: a tank whose cycle was tested. */
    public WaterState cycled(double clearsMgPerLitreDay) {
        return new WaterState(
                0,
                0,
                0,
                new WaterState.Colony(clearsMgPerLitreDay * YIELD_A / growthA, 1),
                new WaterState.Colony(clearsMgPerLitreDay * YIELD_N / growthN, 1),
                0,
                0);
    }

    /** A tank that has borne this waste for long. */
    public WaterState settled(Waste waste) {
        // Decay returns as much nitrogen as growth takes up, so that all of the waste is oxidised in the end.
        return new WaterState(
                steadyAmmonia(),
                steadyNitrite(),
                0,
                new WaterState.Colony(waste.nitrogen() * YIELD_A / decay, Math.min(1, RESERVE * decay / growthA)),
                new WaterState.Colony(waste.nitrogen() * YIELD_N / decay, Math.min(1, RESERVE * decay / growthN)),
                0,
                0);
    }

    /** The water after some days of the same waste. */
    public WaterState after(WaterState from, Waste waste, double days) {
        double[] start = {
            from.ammonia(),
            from.nitrite(),
            from.nitrate(),
            from.ofAmmonia().mass(),
            from.ofNitrite().mass(),
            from.phosphate(),
            from.exported(),
            from.ofAmmonia().ready(),
            from.ofNitrite().ready()
        };
        DormandPrince54Integrator integrator =
                new DormandPrince54Integrator(SHORTEST_STEP, LONGEST_STEP, TOLERANCE, TOLERANCE);
        integrator.setInitialStepSize(Math.min(0.2, days));
        double[] end = integrator
                .integrate(new Rates(waste), new ODEState(0, start), days)
                .getPrimaryState();
        return new WaterState(
                Math.max(0, end[0]),
                Math.max(0, end[1]),
                end[2],
                new WaterState.Colony(end[3], end[7]),
                new WaterState.Colony(end[4], end[8]),
                end[5],
                end[6]);
    }

    /** Rates of change per day. */
    private final class Rates implements OrdinaryDifferentialEquation {
        private final Waste waste;

        Rates(Waste waste) {
            this.waste = waste;
        }

        @Override
        public int getDimension() {
            return 9;
        }

        @Override
        public double[] computeDerivatives(double day, double[] s) {
            double ammonia = Math.max(0, s[0]);
            double nitrite = Math.max(0, s[1]);
            double usedA = s[7] * ammonia / (HALF_A + ammonia);
            double usedN = s[8] * nitrite / (HALF_N + nitrite);
            double grownA = growthA * usedA * s[3];
            double grownN = growthN * usedN * s[4];
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
                toNitrate * waste.nitrateExport(),
                equips(s[7], usedA),
                equips(s[8], usedN)
            };
        }

        private double equips(double ready, double used) {
            return (Math.max(RESTING, Math.min(1, RESERVE * used)) - ready) / ADAPT_DAYS;
        }
    }
}
