package org.pelluna.core.plan;

/**
 * What a keeper does about waste, for the schools that count it.
 *
 * @param clearsMgPerLitreDay ammonia nitrogen the bacteria clear, mg/L a day: 2 is what a finished cycle is tested for
 *     (common practice)
 * @param proteinShare share of protein in the dry food
 * @param changeShare share of the water changed each time
 * @param changeDays days between changes
 * @param nitrateTarget highest nitrate wanted, mg/L
 * @param phosphateTarget highest phosphate wanted, mg/L
 * @param nitrateExport share of the nitrate that skimmer, rock and algae take before any change; our own estimate
 * @param phosphateExport the same of phosphate
 * @param foodFactor food given, as a multiple of what the fish need by mass and temperature
 * @param pH pH of the tank, NBS scale
 * @param bottledBacteria whether bottled bacteria go in with every arrival of two fish or more
 * @param saltPrice price of a kilogram of salt, in the keeper's money
 */
public record Husbandry(
        double clearsMgPerLitreDay,
        double proteinShare,
        double changeShare,
        int changeDays,
        double nitrateTarget,
        double phosphateTarget,
        double nitrateExport,
        double phosphateExport,
        double foodFactor,
        double pH,
        boolean bottledBacteria,
        double saltPrice) {

    /** A mixed reef changed by a tenth each week; the targets are common practice with many stony corals. */
    public static final Husbandry USUAL = new Husbandry(2, 0.45, 0.1, 7, 15, 0.1, 0.85, 0.97, 1, 8.2, false, 4);

    public Husbandry {
        require(clearsMgPerLitreDay > 0, "what the bacteria clear must be above 0");
        require(proteinShare > 0 && proteinShare <= 1, "the share of protein is above 0 and at most 1");
        require(
                changeShare > 0 && changeShare <= 1 && changeDays >= 1,
                "a water change is a share above 0 every so many days");
        require(nitrateTarget > 0 && phosphateTarget > 0, "targets must be above 0");
        require(
                nitrateExport >= 0 && nitrateExport < 1 && phosphateExport >= 0 && phosphateExport < 1,
                "an export is a share from 0 up to, but not including, 1");
        require(foodFactor >= 0.2 && foodFactor <= 5, "food is 0.2 to 5 times what the fish need");
        require(pH >= 7 && pH <= 9, "the pH of a marine tank is 7 to 9");
        require(saltPrice >= 0, "a price is 0 or more");
    }

    private static void require(boolean holds, String otherwise) {
        if (!holds) {
            throw new IllegalArgumentException(otherwise);
        }
    }
}
