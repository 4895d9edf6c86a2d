package org.pelluna.core.plan;

import java.util.Map;

/**
 * The limits and schools a keeper has chosen for one tank.
 *
 * @param gallonsPerInchNew US gallons of net water per inch of adult fish while the tank is young
 * @param gallonsPerInchMature the same once it is mature
 * @param matureAfterMonths months since cycled after which the second figure counts
 * @param bodyLengthsToSwim clear swim of a cruising or roaming fish, in its own adult lengths
 * @param pauseAfterOneDays days to wait after one fish
 * @param pauseAfterMoreDays days to wait after two fish or more
 * @param widestGapMm widest opening in a cover that still holds jumpers, mm
 * @param carefulPerHour pressure from which a pair needs care, encounters per watched hour
 * @param latenessWeight how much one week of waiting weighs against pressure, encounters/h per week
 * @param shynessWeight how much a shy or delicate fish behind a bold one weighs against pressure, encounters/h
 * @param schools which school counts where keepers disagree
 * @param husbandry what the keeper does about waste
 * @param overruled rules of the shortlist that do not count in this tank, each with the keeper's note
 */
public record HouseRules(
        double gallonsPerInchNew,
        double gallonsPerInchMature,
        int matureAfterMonths,
        double bodyLengthsToSwim,
        int pauseAfterOneDays,
        int pauseAfterMoreDays,
        double widestGapMm,
        double carefulPerHour,
        double latenessWeight,
        double shynessWeight,
        Approaches schools,
        Husbandry husbandry,
        Map<String, String> overruled) {

    /** The trade's usual figures where it has them (common practice), our own weights where it has none. */
    public static final HouseRules USUAL = new HouseRules(5, 3, 12, 4, 14, 28, 6, 4, 0.25, 1);

    /** Figures alone, with the usual schools and husbandry and nothing overruled. */
    public HouseRules(
            double gallonsPerInchNew,
            double gallonsPerInchMature,
            int matureAfterMonths,
            double bodyLengthsToSwim,
            int pauseAfterOneDays,
            int pauseAfterMoreDays,
            double widestGapMm,
            double carefulPerHour,
            double latenessWeight,
            double shynessWeight) {
        this(
                gallonsPerInchNew,
                gallonsPerInchMature,
                matureAfterMonths,
                bodyLengthsToSwim,
                pauseAfterOneDays,
                pauseAfterMoreDays,
                widestGapMm,
                carefulPerHour,
                latenessWeight,
                shynessWeight,
                Approaches.USUAL,
                Husbandry.USUAL,
                Map.of());
    }

    public HouseRules {
        overruled = Map.copyOf(overruled);
        require(gallonsPerInchNew > 0 && gallonsPerInchMature > 0, "gallons per inch must be above 0");
        require(gallonsPerInchMature <= gallonsPerInchNew, "a mature tank must not carry less than a young one");
        require(matureAfterMonths >= 0, "months must not be negative");
        require(bodyLengthsToSwim > 0, "body lengths to swim must be above 0");
        require(
                pauseAfterOneDays >= 1 && pauseAfterMoreDays >= pauseAfterOneDays && pauseAfterMoreDays <= 365,
                "pauses are 1 to 365 days, and no shorter after two fish than after one");
        require(widestGapMm >= 0 && carefulPerHour > 0, "gap and careful pressure must not be negative");
        require(latenessWeight >= 0 && shynessWeight >= 0, "weights must not be negative");
    }

    /** The same limits under other schools. */
    public HouseRules with(Approaches chosen, Husbandry done, Map<String, String> notCounted) {
        return new HouseRules(
                gallonsPerInchNew,
                gallonsPerInchMature,
                matureAfterMonths,
                bodyLengthsToSwim,
                pauseAfterOneDays,
                pauseAfterMoreDays,
                widestGapMm,
                carefulPerHour,
                latenessWeight,
                shynessWeight,
                chosen,
                done,
                notCounted);
    }

    /** Days to wait after this many fish arrived on one day. */
    public int pauseAfter(int fish) {
        return fish <= 1 ? pauseAfterOneDays : pauseAfterMoreDays;
    }

    private static void require(boolean holds, String otherwise) {
        if (!holds) {
            throw new IllegalArgumentException(otherwise);
        }
    }
}
