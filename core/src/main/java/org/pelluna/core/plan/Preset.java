package org.pelluna.core.plan;

import java.util.List;
import java.util.Optional;
import org.pelluna.core.tank.Tank;

/**
 * House rules to begin with, a way of keeping a tank. The figures are common practice where it has them.
 *
 * @param key its name in an address
 * @param title its name
 * @param words whom it suits
 * @param rules its rules
 */
public record Preset(String key, String title, String words, HouseRules rules) {

    private static final double LEAST_LITRES = 60;
    private static final double MOST_LITRES = 300;

    /** Every preset, the most careful first. */
    public static final List<Preset> ALL = List.of(
            new Preset(
                    "slack-water",
                    "First tank",
                    "For a first tank or little time: few fish, long pauses, no rivals.",
                    HouseRules.USUAL.with(as -> as.capacity(new HouseRules.Capacity(5, 5, 12, 5))
                            .pauses(new HouseRules.Pauses(28, 42))
                            .weights(new HouseRules.Weights(3, 15, 0.1, 1.5))
                            .approaches(approaches(
                                    Approaches.Ceiling.INCHES, Approaches.BigFish.ADULT_SIZE, Approaches.Kin.NEVER)))),
            new Preset(
                    "fair-wind",
                    "Mixed reef",
                    "For an experienced keeper: the inch rule, rivals only together.",
                    HouseRules.USUAL),
            new Preset(
                    "home-bay",
                    "Small mixed reef",
                    "For 60 to 300 L with small fish and weekly water changes.",
                    HouseRules.USUAL.with(as -> as.capacity(new HouseRules.Capacity(3, 2, 6, 4)))),
            new Preset(
                    "full-sail",
                    "Full reef",
                    "For a large, well kept tank: as many fish as nutrients and room allow, several rivals.",
                    HouseRules.USUAL.with(as -> as.capacity(new HouseRules.Capacity(4, 2.5, 12, 4))
                            .pauses(new HouseRules.Pauses(14, 21))
                            .weights(new HouseRules.Weights(6, 24, 0.3, 0.8))
                            .approaches(approaches(
                                    Approaches.Ceiling.NUTRIENTS, Approaches.BigFish.JUVENILE, Approaches.Kin.CROWD))
                            .husbandry(Husbandry.USUAL.with(done -> done.change(new Husbandry.WaterChange(0.2, 7))
                                    .export(new Husbandry.Export(0.9, 0.98)))))),
            new Preset(
                    "deep-roads",
                    "Fish only",
                    "For fish without corals: waste sets the limit, and salinity may be lowered.",
                    HouseRules.USUAL.with(as -> as.capacity(new HouseRules.Capacity(5, 3, 6, 4))
                            .weights(new HouseRules.Weights(6, 24, 0.25, 0.8))
                            .approaches(Approaches.USUAL.with(approach -> approach.ceiling(Approaches.Ceiling.WASTE)
                                    .quarantine(Approaches.Quarantine.COPPER)
                                    .salinity(Approaches.Salinity.LOWERED)
                                    .rock(Approaches.Rock.BEFORE_RIVALS)))
                            .husbandry(Husbandry.USUAL.with(done -> done.change(new Husbandry.WaterChange(0.2, 14))
                                    .target(new Husbandry.Targets(60, 1))
                                    .export(new Husbandry.Export(0.5, 0.8)))))));

    /** The preset of this name, if there is one. */
    public static Optional<Preset> of(String key) {
        return ALL.stream().filter(one -> one.key().equals(key)).findFirst();
    }

    private static Approaches approaches(Approaches.Ceiling ceiling, Approaches.BigFish bigFish, Approaches.Kin kin) {
        return Approaches.USUAL.with(as -> as.ceiling(ceiling).bigFish(bigFish).kin(kin));
    }

    /**
     * What a new tank begins with: a small first reef is not held to figures made for large ones. The inch rule of the trade (5, later 3 US gal
     * for each inch) leaves a tank of this size three small fish in its first year, where keepers of experience have five.
     */
    public static HouseRules forNew(Tank tank) {
        double litres = tank.netWater().litres();
        boolean small =
                litres >= LEAST_LITRES && litres <= MOST_LITRES && tank.experience() != Tank.Experience.SEASONED;
        return small ? of("home-bay").orElseThrow().rules() : HouseRules.USUAL;
    }
}
