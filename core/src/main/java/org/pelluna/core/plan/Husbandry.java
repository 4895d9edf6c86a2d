package org.pelluna.core.plan;

import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import io.soabase.recordbuilder.core.RecordBuilder;
import org.pelluna.core.stored.IfAbsent;

/**
 * What a keeper does about waste, for the approaches that count it.
 *
 * @param clearsMgPerLitreDay ammonia nitrogen the bacteria clear, mg/L a day: 2 is what a finished cycle is tested for
 *     (common practice)
 * @param proteinShare share of protein in the dry food
 * @param change the water changes
 * @param target highest nitrate and phosphate wanted, mg/L
 * @param export share of nitrate and phosphate that skimmer, rock and algae take before any change; our own estimate
 * @param foodFactor food given, as a multiple of what the fish need by mass and temperature
 * @param pH pH of the tank, NBS scale
 * @param bottledBacteria whether bottled bacteria go in with every arrival of two fish or more
 * @param saltPrice price of a kilogram of salt, in the keeper's money
 */
@RecordBuilder
public record Husbandry(
        @IfAbsent("2") double clearsMgPerLitreDay,
        @IfAbsent("0.45") double proteinShare,
        @JsonUnwrapped WaterChange change,
        @JsonUnwrapped Targets target,
        @JsonUnwrapped Export export,
        @IfAbsent("1") double foodFactor,
        @IfAbsent("8.2") double pH,
        @IfAbsent("false") boolean bottledBacteria,
        @IfAbsent("4") double saltPrice)
        implements HusbandryBuilder.With {

    /** A mixed reef changed by a tenth each week; the targets are common practice with many stony corals. */
    public static final Husbandry USUAL = HusbandryBuilder.builder()
            .clearsMgPerLitreDay(2)
            .proteinShare(0.45)
            .change(new WaterChange(0.1, 7))
            .target(new Targets(15, 0.1))
            .export(new Export(0.85, 0.97))
            .foodFactor(1)
            .pH(8.2)
            .saltPrice(4)
            .build();

    /**
     * Water changes.
     *
     * @param share share of the water changed each time, above 0 and at most 1
     * @param days days between changes, 1 or more
     */
    public record WaterChange(
            @IfAbsent("0.1") @JsonProperty("changeShare") double share,
            @IfAbsent("7") @JsonProperty("changeDays") int days) {
        public WaterChange {
            require(share > 0 && share <= 1 && days >= 1, "a water change is a share above 0 every so many days");
        }
    }

    /**
     * The highest nutrients wanted.
     *
     * @param nitrate mg/L
     * @param phosphate mg/L
     */
    public record Targets(
            @IfAbsent("15") @JsonProperty("nitrateTarget") double nitrate,

            @IfAbsent("0.1") @JsonProperty("phosphateTarget")
            double phosphate) {}

    /**
     * What skimmer, rock and algae take of the nutrients before any water change.
     *
     * @param nitrate share, 0 to below 1
     * @param phosphate share, 0 to below 1
     */
    public record Export(
            @IfAbsent("0.85") @JsonProperty("nitrateExport") double nitrate,

            @IfAbsent("0.97") @JsonProperty("phosphateExport")
            double phosphate) {}

    public Husbandry {
        require(clearsMgPerLitreDay > 0, "what the bacteria clear must be above 0");
        require(proteinShare > 0 && proteinShare <= 1, "the share of protein is above 0 and at most 1");
        require(target.nitrate() > 0 && target.phosphate() > 0, "targets must be above 0");
        require(
                export.nitrate() >= 0 && export.nitrate() < 1 && export.phosphate() >= 0 && export.phosphate() < 1,
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
