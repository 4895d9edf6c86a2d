package org.pelluna.core.plan;

import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Map;
import org.pelluna.core.stored.IfAbsent;

/**
 * The limits and approaches a keeper has chosen for one tank.
 *
 * @param capacity how much fish the water carries
 * @param pauses days to wait between arrivals
 * @param widestGapMm widest opening in a cover that still holds jumpers, mm
 * @param weights what weighs how much when pressure is judged and an order priced
 * @param approaches which approach counts where keepers disagree
 * @param husbandry what the keeper does about waste
 * @param overruled rules of the shortlist that do not count in this tank, each with the keeper's note
 */
@RecordBuilder
public record HouseRules(
        @JsonUnwrapped Capacity capacity,
        @JsonUnwrapped Pauses pauses,
        @IfAbsent("6") double widestGapMm,
        @JsonUnwrapped Weights weights,
        @IfAbsent("{}") @JsonProperty("schools") Approaches approaches,
        @IfAbsent("{}") Husbandry husbandry,
        Map<String, String> overruled)
        implements HouseRulesBuilder.With {

    /** The trade's usual figures where it has them (common practice), our own weights where it has none. */
    public static final HouseRules USUAL = new HouseRules(
            new Capacity(5, 3, 12, 4),
            new Pauses(14, 28),
            6,
            new Weights(4, 18, 0.25, 1),
            Approaches.USUAL,
            Husbandry.USUAL,
            Map.of());

    /**
     * How much fish the water carries.
     *
     * @param gallonsPerInchNew US gallons of net water per inch of adult fish while the tank is young
     * @param gallonsPerInchMature the same once it is mature
     * @param matureAfterMonths months since cycled after which the second figure counts
     * @param bodyLengthsToSwim clear swim of a cruising or roaming fish, in its own adult lengths
     */
    @RecordBuilder
    public record Capacity(
            @IfAbsent("5") double gallonsPerInchNew,
            @IfAbsent("3") double gallonsPerInchMature,
            @IfAbsent("12") int matureAfterMonths,
            @IfAbsent("4") double bodyLengthsToSwim)
            implements HouseRulesCapacityBuilder.With {
        public Capacity {
            require(gallonsPerInchNew > 0 && gallonsPerInchMature > 0, "gallons per inch must be above 0");
            require(gallonsPerInchMature <= gallonsPerInchNew, "a mature tank must not carry less than a young one");
            require(matureAfterMonths >= 0, "months must not be negative");
            require(bodyLengthsToSwim > 0, "body lengths to swim must be above 0");
        }
    }

    /**
     * Days to wait between arrivals.
     *
     * @param afterOneDays after one fish
     * @param afterMoreDays after two fish or more on one day
     */
    public record Pauses(
            @IfAbsent("14") @JsonProperty("pauseAfterOneDays")
            int afterOneDays,

            @IfAbsent("28") @JsonProperty("pauseAfterMoreDays")
            int afterMoreDays) {
        public Pauses {
            require(
                    afterOneDays >= 1 && afterMoreDays >= afterOneDays && afterMoreDays <= 365,
                    "pauses are 1 to 365 days, and no shorter after two fish than after one");
        }
    }

    /**
     * What weighs how much.
     *
     * @param carefulPerHour attacks per watched hour from which a pair needs care
     * @param notAbovePerHour attacks per watched hour, of all together on one fish in the first week and after the help that is planned, above
     *     which nothing may come
     * @param lateness how much one week of waiting weighs against pressure, encounters/h per week
     * @param shyness how much a shy or delicate fish behind a bold one weighs against pressure, encounters/h
     */
    public record Weights(
            @IfAbsent("4") double carefulPerHour,

            @IfAbsent("18") double notAbovePerHour,

            @IfAbsent("0.25") @JsonProperty("latenessWeight")
            double lateness,

            @IfAbsent("1") @JsonProperty("shynessWeight") double shyness) {
        public Weights {
            require(carefulPerHour > 0, "the limit of attacks an hour must be above 0");
            // A plan from before this figure may warn from more than the default allows.
            notAbovePerHour = Math.max(notAbovePerHour, carefulPerHour);
            require(lateness >= 0 && shyness >= 0, "weights must not be negative");
        }
    }

    public HouseRules {
        overruled = Map.copyOf(overruled);
        require(widestGapMm >= 0, "a gap must not be negative");
    }

    /** Days to wait after this many fish arrived on one day. */
    public int pauseAfter(int fish) {
        return fish <= 1 ? pauses.afterOneDays() : pauses.afterMoreDays();
    }

    private static void require(boolean holds, String otherwise) {
        if (!holds) {
            throw new IllegalArgumentException(otherwise);
        }
    }
}
