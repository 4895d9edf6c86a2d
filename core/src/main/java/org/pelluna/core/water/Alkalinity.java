package org.pelluna.core.water;

import org.pelluna.core.finding.Provenance;

/** What nitrification takes of the alkalinity: two equivalents for every mole of ammonia nitrogen oxidised to nitrate; export as nitrogen gas gives one back. */
public final class Alkalinity {
    /** Where it comes from. */
    public static final Provenance SOURCE = Provenance.published(
            "NH₄⁺ + 2 O₂ → NO₃⁻ + 2 H⁺ + H₂O: two equivalents a mole (Stumm & Morgan 1996, Aquatic Chemistry, not yet checked)");

    private static final double GRAMS_PER_MOLE = 14.007;
    private static final double DKH_PER_MILLIEQUIVALENT = 2.8;

    private Alkalinity() {}

    /**
     * Alkalinity used.
     *
     * @param nitrogen ammonia nitrogen oxidised, mg N/L a day
     * @param days how long
     * @param exportedAsGas share of it that leaves as nitrogen gas, 0 to 1
     * @return degrees of German carbonate hardness, dKH
     */
    public static double usedDkh(double nitrogen, double days, double exportedAsGas) {
        return nitrogen * days / GRAMS_PER_MOLE * (2 - exportedAsGas) * DKH_PER_MILLIEQUIVALENT;
    }
}
