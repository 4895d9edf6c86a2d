package org.pelluna.core.water;

/**
 * What is in the water and on the rock, per litre of the tank's water.
 *
 * @param ammonia total ammonia nitrogen, mg N/L
 * @param nitrite nitrite nitrogen, mg N/L
 * @param nitrate nitrate nitrogen, mg N/L
 * @param ammoniaOxidisers bacteria that oxidise ammonia, mg COD/L
 * @param nitriteOxidisers bacteria that oxidise nitrite, mg COD/L
 * @param phosphate phosphate, mg PO₄/L
 * @param exported nitrogen taken out by skimmer, rock and algae so far, mg N/L
 */
public record WaterState(
        double ammonia,
        double nitrite,
        double nitrate,
        double ammoniaOxidisers,
        double nitriteOxidisers,
        double phosphate,
        double exported) {

    private static final double NITRITE_PER_NITROGEN = 46.005 / 14.007;
    private static final double NITRATE_PER_NITROGEN = 62.004 / 14.007;

    /** Nitrite as a test kit shows it, mg NO₂/L. */
    public double nitriteIon() {
        return nitrite * NITRITE_PER_NITROGEN;
    }

    /** Nitrate as a test kit shows it, mg NO₃/L. */
    public double nitrateIon() {
        return nitrate * NITRATE_PER_NITROGEN;
    }

    /** All nitrogen, that of the bacteria and what was exported included, mg N/L. */
    public double totalNitrogen() {
        return ammonia
                + nitrite
                + nitrate
                + exported
                + Nitrification.NITROGEN_IN_BACTERIA * (ammoniaOxidisers + nitriteOxidisers);
    }

    /** After a share of the water is replaced by water of the given nitrate and phosphate; the bacteria sit on the rock. */
    public WaterState changed(double share, double newNitrateNitrogen, double newPhosphate) {
        double stays = 1 - share;
        return new WaterState(
                ammonia * stays,
                nitrite * stays,
                nitrate * stays + share * newNitrateNitrogen,
                ammoniaOxidisers,
                nitriteOxidisers,
                phosphate * stays + share * newPhosphate,
                exported);
    }

    /** After adding ammonia, mg N/L: a dead fish that has dissolved, or a test dose. */
    public WaterState dosed(double nitrogen) {
        return new WaterState(
                ammonia + nitrogen, nitrite, nitrate, ammoniaOxidisers, nitriteOxidisers, phosphate, exported);
    }

    /** After adding bacteria of both kinds, mg COD/L each. */
    public WaterState seeded(double ofAmmonia, double ofNitrite) {
        return new WaterState(
                ammonia,
                nitrite,
                nitrate,
                ammoniaOxidisers + ofAmmonia,
                nitriteOxidisers + ofNitrite,
                phosphate,
                exported);
    }

    /** With these measured instead of what was predicted; nitrogen in mg N/L. */
    public WaterState measured(double totalAmmonia, double nitriteNitrogen, double nitrateNitrogen) {
        return new WaterState(
                totalAmmonia,
                nitriteNitrogen,
                nitrateNitrogen,
                ammoniaOxidisers,
                nitriteOxidisers,
                phosphate,
                exported);
    }
}
