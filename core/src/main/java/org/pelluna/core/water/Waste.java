package org.pelluna.core.water;

/**
 * What goes into the water each day.
 *
 * @param nitrogen ammonia nitrogen, mg N/L a day
 * @param phosphate phosphate that is not taken out again, mg PO₄/L a day
 * @param nitrateExport share of the nitrate made that skimmer, rock and algae take, 0 to below 1
 */
public record Waste(double nitrogen, double phosphate, double nitrateExport) {
    public Waste {
        if (!(nitrogen >= 0 && phosphate >= 0 && nitrateExport >= 0 && nitrateExport < 1)) {
            throw new IllegalArgumentException("waste must not be negative, and an export is a share below 1");
        }
    }

    /** Ammonia alone. */
    public static Waste ofNitrogen(double mgPerLitreDay) {
        return new Waste(mgPerLitreDay, 0, 0);
    }
}
