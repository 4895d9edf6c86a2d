package org.pelluna.core.water;

import org.pelluna.core.finding.Provenance;

/**
 * The share of ammonia that is un-ionised and so poisonous, and the limits it is held against.
 *
 * <p>In sea water: Bell et al. 2008, Environmental Chemistry 5, pKa = 10.0423 − 0.0315536·t + 0.003071·S (from memory). We
 * take pH on the NBS scale, the one aquarium meters and kits are calibrated to. In fresh water: Emerson et al. 1975, Journal
 * of the Fisheries Research Board of Canada 32, pKa = 0.09018 + 2729.92 ÷ T.
 */
public final class Ammonia {
    /** Un-ionised ammonia over four days, mg/L: US EPA 440/5-88-004 (1989), salt water; from memory. */
    public static final double FOUR_DAY_LIMIT = 0.035;

    /** Un-ionised ammonia over one hour, mg/L: the same source. */
    public static final double ONE_HOUR_LIMIT = 0.233;

    /** Where the limits come from. */
    public static final Provenance LIMITS = Provenance.published(
            "US EPA 440/5-88-004 (1989), salt water: 0.035 mg/L over four days, 0.233 over one hour");

    /** Where the share comes from. */
    public static final Provenance SHARE = Provenance.published("Bell et al. 2008, Environ. Chem. 5 (pH as NBS)");

    private static final double KELVIN = 273.15;
    /** Total ammonia as a kit shows it, mg of NH₃ and NH₄ per mg of nitrogen; NH₄ by far the most. */
    public static final double IONS_PER_NITROGEN = 18.039 / 14.007;

    private static final double NH3_PER_NITROGEN = 17.031 / 14.007;

    private Ammonia() {}

    /** Un-ionised share of total ammonia in sea water, 0 to 1. */
    public static double unionisedShare(Conditions water) {
        double pKa = 10.0423 - 0.0315536 * water.celsius() + 0.003071 * water.salinity();
        return share(pKa, water.pH());
    }

    /** The same in fresh water. */
    public static double unionisedShareFresh(double celsius, double pH) {
        return share(0.09018 + 2729.92 / (celsius + KELVIN), pH);
    }

    private static double share(double pKa, double pH) {
        return 1 / (1 + Math.pow(10, pKa - pH));
    }

    /** Un-ionised ammonia, mg NH₃/L, from total ammonia nitrogen, mg N/L. */
    public static double unionisedMgPerLitre(double totalNitrogen, Conditions water) {
        return totalNitrogen * unionisedShare(water) * NH3_PER_NITROGEN;
    }
}
