package org.pelluna.core.water;

/**
 * What is in the water and on the rock, per litre of the tank's water.
 *
 * @param ammonia total ammonia nitrogen, mg N/L
 * @param nitrite nitrite nitrogen, mg N/L
 * @param nitrate nitrate nitrogen, mg N/L
 * @param ofAmmonia bacteria that oxidise ammonia
 * @param ofNitrite bacteria that oxidise nitrite
 * @param phosphate phosphate, mg PO₄/L
 * @param exported nitrogen taken out by skimmer, rock and algae so far, mg N/L
 */
public record WaterState(
        double ammonia,
        double nitrite,
        double nitrate,
        Colony ofAmmonia,
        Colony ofNitrite,
        double phosphate,
        double exported) {

    /**
     * Bacteria of one kind.
     *
     * @param mass how many, mg COD/L
     * @param ready the share of what they could oxidise at most that they are equipped for now, above 0 and up to 1
     */
    public record Colony(double mass, double ready) {
        /** With others added; together they are equipped for what each is. */
        Colony and(Colony more) {
            double all = mass + more.mass;
            return all == 0 ? more : new Colony(all, (mass * ready + more.mass * more.ready) / all);
        }
    }

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
                + Nitrification.NITROGEN_IN_BACTERIA * (ofAmmonia.mass() + ofNitrite.mass());
    }

    /** After a share of the water is replaced by water of the given nitrate and phosphate; the bacteria sit on the rock. */
    public WaterState changed(double share, double newNitrateNitrogen, double newPhosphate) {
        double stays = 1 - share;
        return new WaterState(
                ammonia * stays,
                nitrite * stays,
                nitrate * stays + share * newNitrateNitrogen,
                ofAmmonia,
                ofNitrite,
                phosphate * stays + share * newPhosphate,
                exported);
    }

    /** After adding ammonia, mg N/L: a dead fish that has dissolved, or a test dose. */
    public WaterState dosed(double nitrogen) {
        return new WaterState(ammonia + nitrogen, nitrite, nitrate, ofAmmonia, ofNitrite, phosphate, exported);
    }

    /** After adding bacteria of both kinds. */
    public WaterState seeded(Colony moreOfAmmonia, Colony moreOfNitrite) {
        return new WaterState(
                ammonia,
                nitrite,
                nitrate,
                ofAmmonia.and(moreOfAmmonia),
                ofNitrite.and(moreOfNitrite),
                phosphate,
                exported);
    }

    /** With these measured instead of what was predicted; nitrogen in mg N/L. */
    public WaterState measured(double totalAmmonia, double nitriteNitrogen, double nitrateNitrogen) {
        return new WaterState(
                totalAmmonia, nitriteNitrogen, nitrateNitrogen, ofAmmonia, ofNitrite, phosphate, exported);
    }
}
